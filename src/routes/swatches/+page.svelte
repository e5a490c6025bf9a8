<script lang="ts">
  import { format } from 'date-fns/format';
  import Trash from '@lucide/svelte/icons/trash';
  import { toast } from 'svelte-sonner';
  import {
    asCounts,
    asLengths,
    DEFAULT_PIN_SPACING_MM,
    type FingerTension,
    gaugeFor,
    learnedGauge,
    measurementsOf,
    perCm,
    slipOf,
    type Statement,
    Swatch,
    usualHole,
    yarnName,
    yarnOf
  } from '$lib/core/kit';
  import { showFigure, showRange } from '$lib/core/quantity';
  import { becauseOf, evidenceName, slipWords } from '$lib/words';
  import { loadKit, saveSwatch, setAside } from '$lib/store/kit';
  import GaugeMoves from '$lib/ui/kit/GaugeMoves.svelte';
  import StatementForm from '$lib/ui/kit/StatementForm.svelte';
  import ChoiceField from '$lib/ui/options/ChoiceField.svelte';
  import NumberField from '$lib/ui/options/NumberField.svelte';
  import SelectField from '$lib/ui/options/SelectField.svelte';
  import YarnField from '$lib/ui/options/YarnField.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const source = live(() => loadKit(db()));
  const kit = $derived(source.value ?? null);
  // The page opens on what was measured last.
  const newest = $derived(kit?.swatches.toSorted((a, b) => b.on.localeCompare(a.on))[0]);
  let pickedMachine = $state('');
  let pickedYarn = $state('');
  let pickedStrands = $state(0);
  let pickedHole = $state(0);
  let fingers = $state<FingerTension>('usual');
  const machine = $derived(
    kit &&
      (kit.machines.find((m) => m.id === pickedMachine) ??
        kit.machines.find((m) => m.id === newest?.machineId) ??
        kit.machines[0])
  );
  const base = $derived(
    kit &&
      (kit.yarns.find((y) => y.id === pickedYarn) ?? kit.yarns.find((y) => y.id === newest?.yarnId) ?? kit.yarns[0])
  );
  const strands = $derived(pickedStrands || (base?.strands ?? 1));
  const yarn = $derived(kit && base ? yarnOf(kit, base.id, { [base.id]: strands }) : null);
  const hole = $derived(
    machine && yarn ? Math.min(machine.tensionHoles, pickedHole || usualHole(machine, yarn.weightClass)) : 1
  );
  const gauge = $derived(kit && machine && yarn ? gaugeFor(kit, machine, yarn, hole, fingers) : null);
  const learned = $derived(kit && machine && yarn ? learnedGauge(kit, machine, yarn, hole, fingers) : null);
  const units = $derived(kit?.habits.units ?? 'metric');

  let fabric = $state<Swatch['state']>('rested');
  let statement = $state.raw<Statement | null>(null);
  let hung = $state<number | null>(null);
  let round = $state(0);
  const measured = $derived(statement ? perCm(statement) : null);
  const slip = $derived(
    measured && measured.wales !== null && gauge && machine
      ? slipOf(
          { courses: measured.courses, wales: measured.wales },
          { courses: gauge.courses.value, wales: gauge.wales.value },
          machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM
        )
      : null
  );
  /** Today's swatch of the same conditions: measuring again is averaged into it. */
  const today = $derived(
    kit?.swatches.find(
      (s) =>
        s.machineId === machine?.id &&
        s.yarnId === base?.id &&
        s.strands === strands &&
        s.hole === hole &&
        s.fingers === fingers &&
        s.state === fabric &&
        s.on === format(new Date(), 'yyyy-MM-dd')
    )
  );

  async function keep(): Promise<void> {
    if (!statement || !machine || !base) return;
    const swatch = today
      ? { ...today, more: [...today.more, statement], hangCmTo20Rows: hung ?? today.hangCmTo20Rows }
      : Swatch.parse({
          id: crypto.randomUUID(),
          machineId: machine.id,
          yarnId: base.id,
          strands,
          hole,
          fingers,
          state: fabric,
          statement,
          hangCmTo20Rows: hung,
          on: format(new Date(), 'yyyy-MM-dd')
        });
    await saveSwatch(db(), swatch);
    statement = null;
    hung = null;
    round++;
  }
  async function remove(id: string): Promise<void> {
    const swatch = await db().swatches.get(id);
    const piece = await db().observations.get(id);
    await db().swatches.delete(id);
    await db().observations.delete(id);
    toast('Taken out of the estimate', {
      action: {
        label: 'Undo',
        onClick: () => {
          if (swatch) void db().swatches.put(swatch);
          if (piece) void db().observations.put(piece);
        }
      }
    });
  }
  const two = (n: number): string => n.toFixed(2);
  const moves = $derived(
    learned
      ? learned.courses.moves.map((m) => ({ m, w: learned.wales.moves.find((v) => v.evidence.id === m.evidence.id) }))
      : []
  );
</script>

<svelte:head><title>Swatches · Tomble</title></svelte:head>

<div class="page">
  <div class="flex flex-wrap items-end justify-between gap-2">
    <h1 class="text-3xl font-bold">Swatches</h1>
    <a class="font-semibold underline" href={paths.convert}>Convert a pattern's gauge</a>
  </div>
  {#if kit && machine && base && yarn && gauge && learned}
    {@const g = { courses: gauge.courses.value, wales: gauge.wales.value }}
    {@const lengths = asLengths(g)}
    {@const counts = asCounts(g)}
    <div
      class="mt-4 grid grid-cols-1 gap-x-4 sheet p-4 sm:grid-cols-2 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1.6fr)_auto_auto_auto]"
    >
      <SelectField
        label="Machine"
        value={machine.id}
        choices={kit.machines.map((m) => ({ value: m.id, label: `${m.name}, ${m.pins} pins` }))}
        onvalue={(id) => (pickedMachine = id)}
      />
      <YarnField label="Yarn" value={base.id} yarns={kit.yarns} onvalue={(id) => id && (pickedYarn = id)} />
      <ChoiceField
        label="Strands"
        value={String(strands)}
        choices={['1', '2', '3'].map((n) => ({ value: n, label: n }))}
        onvalue={(n) => (pickedStrands = Number(n))}
      />
      <ChoiceField
        label="Tension hole, 1 is the smallest"
        value={String(hole)}
        choices={Array.from({ length: machine.tensionHoles }, (_, i) => ({
          value: String(i + 1),
          label: String(i + 1)
        }))}
        onvalue={(n) => (pickedHole = Number(n))}
      />
      <ChoiceField
        label="Finger tension"
        value={fingers}
        choices={[
          { value: 'loose', label: 'Loose' },
          { value: 'usual', label: 'As usual' },
          { value: 'firm', label: 'Firmer' }
        ]}
        onvalue={(held) => (fingers = held as FingerTension)}
      />
    </div>

    <div class="mt-5 grid grid-cols-1 gap-5 lg:grid-cols-2">
      <section class="sheet p-4" aria-label="What is known">
        <h2 class="text-xl font-semibold">What is known</h2>
        <p class="quiet">
          {yarnName(yarn)}{strands > 1 ? `, ${strands} strands` : ''} on {machine.name}, {learned.state}.
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
          Bars hold the gauge nine times in ten. A diamond is what one measurement says by itself; longer ones weigh
          more.
        </p>
        {#if moves.length}
          <ul class="mt-3 divide-y divide-base-300">
            {#each moves as { m, w } (m.evidence.id)}
              <li class="flex flex-wrap items-center gap-x-3 gap-y-1 py-2">
                <span class="min-w-0 flex-1">
                  <span class="block font-medium first-letter:uppercase"
                    >{evidenceName(m.evidence.told, kit.habits)}</span
                  >
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
                    onchange={(e) => setAside(db(), m.evidence.id, !e.currentTarget.checked)}
                    aria-label="Count the {evidenceName(m.evidence.told, kit.habits)}"
                  />
                  {m.evidence.setAside ? 'set aside' : 'counts'}
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

      <section class="sheet p-4" aria-label="Measure a swatch">
        <h2 class="text-xl font-semibold">Measure a swatch</h2>
        <ol class="mt-2 list-decimal space-y-0.5 pl-5 text-sm">
          <li>Knit 60 rows or more in TUBE, the first twelve slowly.</li>
          <li>Take it off. On the machine it is stretched wide: its gauge is never taken there.</li>
          <li>Tug it lengthwise twice, across once.</li>
          <li>Let it rest an hour; soft yarn overnight, on a form.</li>
          <li>Lay it flat, do not press. Measure in the middle, away from the ends.</li>
        </ol>
        <div class="mt-4">
          <ChoiceField
            label="The fabric is"
            value={fabric}
            choices={[
              { value: 'rested', label: 'Rested' },
              { value: 'worn-in', label: 'Worn in' },
              { value: 'washed', label: 'Washed' }
            ]}
            onvalue={(s) => (fabric = s as Swatch['state'])}
          />
          {#key `${machine.id} ${round}`}
            <StatementForm pins={machine.pins} onvalue={(s) => (statement = s)} />
            <NumberField
              label="20 rows, still hanging on the pins"
              unit="cm"
              help="Only if you stop by tape: it corrects the length as it hangs."
              value={hung}
              min={1}
              max={60}
              optional
              onvalue={(cm) => (hung = cm)}
            />
          {/key}
          <div class="min-h-24" aria-live="polite">
            {#if measured}
              {@const { courses, wales } = measured}
              {@const l = asLengths({ courses, wales: wales ?? 1 })}
              {@const c = asCounts({ courses, wales: wales ?? 1 })}
              <p class="numerals">
                {#if wales === null}
                  <strong>{two(l.cmTo20Rows)} cm</strong> to 20 rows; <strong>{two(c.rows)}</strong> rows to 10 cm.
                {:else}
                  <strong>{two(l.cmTo40Stitches)} cm</strong> to 40 stitches, <strong>{two(l.cmTo20Rows)} cm</strong> to
                  20 rows;
                  <strong>{two(c.stitches)}</strong> stitches and <strong>{two(c.rows)}</strong> rows to 10 cm.
                {/if}
              </p>
              {#if slip}
                <p
                  class="mt-2 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2 text-sm"
                  data-slip={slip.kind}
                >
                  <strong>Mind:</strong>
                  {slipWords(slip)}
                </p>
              {/if}
            {/if}
          </div>
          <button type="button" class="btn btn-primary" disabled={!statement} onclick={keep}
            >{today ? `Average it with today's ${measurementsOf(today).length}` : 'Keep this swatch'}</button
          >
          {#if today && measurementsOf(today).length > 1}
            {@const each = measurementsOf(today).map((s) => perCm(s))}
            <p class="mt-2 text-sm">
              Today's {each.length} measurements: {each.map((e) => two(e.courses)).join(', ')} rows per cm.
            </p>
          {/if}
        </div>
      </section>
    </div>
  {/if}
</div>
