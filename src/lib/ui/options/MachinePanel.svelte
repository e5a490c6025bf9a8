<script lang="ts">
  import { asLengths, type FingerTension, yarnName } from '$lib/core/kit';
  import { FINGER_WORDS } from '../words/fingers';
  import type { ProjectState } from '../state/project.svelte';
  import ChoiceField from './ChoiceField.svelte';

  let { at }: { at: ProjectState } = $props();
  const brief = $derived(at.project!.brief);
  const machine = $derived(at.kit!.machines.find((m) => m.id === brief.machineId));
  const elsewhere = $derived(at.result?.plan.pieces.some((p) => p.machineId !== brief.machineId) ?? false);
  const yarns = $derived(at.result?.yarns ?? []);
  /** As it is knitted: read from the plan. */
  const hole = $derived(at.result?.plan.pieces.find((p) => p.machineId === brief.machineId)?.hole ?? brief.hole ?? 1);
  const numbers = (most: number): string[] => Array.from({ length: most }, (_, i) => String(i + 1));
  const held = $derived(yarns.filter((yarn) => yarn.strands > 1).map((yarn) => `${yarn.name} ${yarn.strands} strands`));
  const summary = $derived(
    [
      `Hole ${hole} of ${machine?.tensionHoles ?? 1}${brief.hole === null ? ', the usual one' : ''}`,
      `fingers ${FINGER_WORDS[brief.fingers]}`,
      held.length ? held.join(', ') : 'one strand'
    ].join('; ')
  );
  /** Its fields are made when they are looked at. */
  let open = $state(false);
  const FINGERS = [
    { value: 'loose', label: 'Loose', help: 'The yarn runs freely: cotton, first rows.' },
    { value: 'usual', label: 'As usual' },
    { value: 'firm', label: 'Firmer', help: 'A little held back: stretchy, airy yarn.' }
  ] as const;
</script>

<div class="sheet p-4">
  <label class="block font-semibold" for="machine">{elsewhere ? 'Machine for the main part' : 'Machine'}</label>
  <select
    id="machine"
    class="select mt-1 w-full text-base {machine ? '' : 'select-error'}"
    value={brief.machineId}
    onchange={(e) => {
      at.edit({ machineId: e.currentTarget.value });
      // A change that waits for a word is not made: the list goes on showing what is so.
      e.currentTarget.value = at.project!.brief.machineId;
    }}
  >
    {#if !machine}<option value={brief.machineId} disabled>A machine that is gone: choose another</option>{/if}
    {#each at.kit!.machines as m (m.id)}<option value={m.id}
        >{m.name}, {m.pins} pins{m.counter === 'none' ? ', no counter' : ''}</option
      >{/each}
  </select>
  {#if brief.gauge}
    {@const stated = asLengths(brief.gauge)}
    <p class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1">
      <span
        >Planned at the gauge that was stated: {stated.cmTo40Stitches.toFixed(1)} cm to 40 stitches, {stated.cmTo20Rows.toFixed(
          1
        )} cm to 20 rows.</span
      >
      <button type="button" class="btn btn-sm" onclick={() => at.edit({ gauge: undefined })}>Go by what is known</button
      >
    </p>
  {/if}
  {#if brief.countsAs}
    <p class="mt-3 flex flex-wrap items-center gap-x-3 gap-y-1">
      <span
        >Rows and stitches are those of the yarn that was replaced: {brief.countsAs.courses.toFixed(2)} rows and {brief.countsAs.wales.toFixed(
          2
        )} stitches to a cm. The sizes follow this yarn.</span
      >
      <button type="button" class="btn btn-sm" onclick={() => at.edit({ countsAs: undefined })}>Plan it to size</button>
    </p>
  {/if}
  <details class="mt-3" bind:open>
    <summary class="cursor-pointer py-1">{summary}</summary>
    {#if open}
      <div class="mt-2 grid grid-cols-1 gap-x-4 sm:grid-cols-2">
        <ChoiceField
          label="Tension hole, 1 is the smallest"
          help={brief.hole === null ? `Number ${hole} is usual for ${yarns[0]?.name ?? 'this yarn'}.` : ''}
          value={brief.hole === null ? 'usual' : String(brief.hole)}
          choices={[
            { value: 'usual', label: 'Usual' },
            ...numbers(machine?.tensionHoles ?? 1).map((n) => ({ value: n, label: n }))
          ]}
          onvalue={(hole) => at.edit({ hole: hole === 'usual' ? null : Number(hole) })}
        />
        <ChoiceField
          label="Finger tension"
          value={brief.fingers}
          choices={FINGERS}
          onvalue={(fingers) => at.edit({ fingers: fingers as FingerTension })}
        />
        {#each yarns as yarn (yarn.id)}
          <ChoiceField
            label="Strands of {yarnName(yarn)}"
            value={String(yarn.strands)}
            choices={numbers(3).map((n) => ({ value: n, label: n }))}
            onvalue={(strands) => at.edit({ strands: { [yarn.id]: Number(strands) } })}
          />
        {/each}
      </div>
    {/if}
  </details>
</div>
