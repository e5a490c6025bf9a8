<script lang="ts">
  import { removeMeasured } from '$lib/store/delete';
  import { deleting } from '$lib/ui/frame/deleting';
  import Trash from '@lucide/svelte/icons/trash';
  import { keeping } from '$lib/ui/frame/keeping';
  import {
    asCounts,
    asLengths,
    type FingerTension,
    gaugeFor,
    type Kit,
    learnedGauge,
    type Machine,
    type Yarn,
    yarnName
  } from '$lib/core/kit';
  import { showFigure, showRange } from '$lib/core/quantity';
  import { setAside } from '$lib/store/kit';
  import { becauseOf, evidenceName } from '$lib/words';
  import { db } from '../state/db';
  import GaugeMoves from './GaugeMoves.svelte';

  interface Props {
    kit: Kit;
    machine: Machine;
    /** The yarn with the strands it is held in. */
    yarn: Yarn;
    hole: number;
    fingers: FingerTension;
  }
  let { kit, machine, yarn, hole, fingers }: Props = $props();
  const gauge = $derived(gaugeFor(kit, machine, yarn, hole, fingers));
  const learned = $derived(learnedGauge(kit, machine, yarn, hole, fingers));
  const { units } = $derived(kit.habits);
  const g = $derived({ courses: gauge.courses.value, wales: gauge.wales.value });
  const lengths = $derived(asLengths(g));
  const counts = $derived(asCounts(g));
  const two = (n: number): string => n.toFixed(2);
  const moves = $derived(
    learned.courses.moves.map((m) => ({ m, w: learned.wales.moves.find((v) => v.evidence.id === m.evidence.id) }))
  );

  async function remove(id: string): Promise<void> {
    const title = `${yarnName(yarn)} on ${machine.name}`;
    await deleting(`what was measured of ${title}`, () => removeMeasured(db(), id, title));
  }
</script>

<section class="sheet p-4" aria-label="What is known">
  <h2 class="text-xl font-semibold">What is known</h2>
  <p class="quiet">
    {yarnName(yarn)}{yarn.strands > 1 ? `, ${yarn.strands} strands` : ''} on {machine.name}, {learned.state}.
  </p>
  <dl class="mt-3 grid grid-cols-2 gap-4">
    <div>
      <dt class="text-sm quiet">Rows</dt>
      <dd class="numerals text-2xl font-bold">{showFigure(gauge.courses, units)}</dd>
      <dd class="text-sm">{showRange(gauge.courses, units)}</dd>
    </div>
    <div>
      <dt class="text-sm quiet">Stitches</dt>
      <dd class="numerals text-2xl font-bold">{showFigure(gauge.wales, units)}</dd>
      <dd class="text-sm">{showRange(gauge.wales, units)}</dd>
    </div>
    <div>
      <dt class="text-sm quiet">To 40 stitches and 20 rows</dt>
      <dd class="numerals font-semibold">{two(lengths.cmTo40Stitches)} cm and {two(lengths.cmTo20Rows)} cm</dd>
    </div>
    <div>
      <dt class="text-sm quiet">To 10 cm</dt>
      <dd class="numerals font-semibold">{two(counts.stitches)} stitches, {two(counts.rows)} rows</dd>
    </div>
  </dl>
  <p class="mt-3 text-sm">From {becauseOf(gauge.courses, kit.habits)}.</p>
  <div class="mt-4 grid grid-cols-1 gap-4">
    <GaugeMoves habits={kit.habits} learned={learned.courses} title="Rows" unit="rows per cm" />
    <GaugeMoves habits={kit.habits} learned={learned.wales} title="Stitches" unit="stitches per cm" />
  </div>
  <p class="mt-1 text-sm quiet">
    Bars hold the gauge nine times in ten. A diamond is what one measurement says by itself; longer ones weigh more.
  </p>
  {#if moves.length}
    <ul class="mt-3 divide-y divide-base-300">
      {#each moves as { m, w } (m.evidence.id)}
        <li class="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
          <span class="min-w-0 flex-1">
            <span class="block font-medium first-letter:uppercase">{evidenceName(m.evidence.told, kit.habits)}</span>
            <span class="block numerals text-sm"
              >{two(m.says)} rows{w ? `, ${two(w.says)} stitches` : ''} per cm{m.outlier || w?.outlier
                ? `; ${Math.abs(m.outlier ? m.off : (w?.off ?? 0)).toFixed(1)} errors from the rest`
                : ''}</span
            >
          </span>
          {#if m.outlier || w?.outlier}<span class="badge badge-warning">Outlier</span>{/if}
          <label class="flex cursor-pointer items-center gap-2 text-sm">
            <input
              type="checkbox"
              class="toggle toggle-sm"
              checked={!m.evidence.setAside}
              onchange={(e) => {
                const aside = !e.currentTarget.checked;
                void keeping(() => setAside(db(), m.evidence.id, aside, m.evidence.doubted));
              }}
              aria-label="Count the {evidenceName(m.evidence.told, kit.habits)}"
            />
            {m.evidence.doubted ? 'looks swapped, does not count' : m.evidence.setAside ? 'set aside' : 'counts'}
          </label>
          <button
            type="button"
            class="btn btn-square btn-ghost btn-sm"
            aria-label="Delete the {evidenceName(m.evidence.told, kit.habits)}"
            onclick={() => remove(m.evidence.id)}><Trash class="size-4" /></button
          >
        </li>
      {/each}
    </ul>
  {/if}
</section>
