<script lang="ts">
  import { goto } from '$app/navigation';
  import { notKept } from '$lib/ui/frame/keeping';
  import { paths } from '$lib/ui/paths';
  import KeepConversion from '$lib/ui/convert/KeepConversion.svelte';
  import type { Conversion, ConversionDraft } from '$lib/store/records/conversion';
  import { saveProject } from '$lib/store/projects';
  import { tubeOfRows } from '$lib/store/tube-of-rows';
  import Plus from '@lucide/svelte/icons/plus';
  import { convertCount, convertGauge } from '$lib/core/convert';
  import {
    asLengths,
    DEFAULT_PIN_SPACING_MM,
    gaugeFor,
    perCm,
    type PerCm,
    practiceFor,
    slipOf,
    usualHole,
    yarnName
  } from '$lib/core/kit';
  import { readCount, wordFault } from '$lib/core/quantity';
  import { slipWords } from '$lib/words';
  import { loadKit } from '$lib/store/kit';
  import ChoiceField from '$lib/ui/options/ChoiceField.svelte';
  import NumberField from '$lib/ui/options/NumberField.svelte';
  import SelectField from '$lib/ui/options/SelectField.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const source = live(() => loadKit(db()));
  const kit = $derived(source.value ?? null);
  // Nothing is typed for anybody: the fields are empty, and an example stands in them.
  let stitches = $state<number | null>(null);
  let rows = $state<number | null>(null);
  let from = $state<'known' | 'typed' | 'to-10'>('typed');
  let cmTo40Stitches = $state<number | null>(null);
  let cmTo20Rows = $state<number | null>(null);
  let stitchesTo10 = $state<number | null>(null);
  let rowsTo10 = $state<number | null>(null);
  let machineId = $state('');
  let yarnId = $state('');
  const machine = $derived(kit?.machines.find((m) => m.id === machineId) ?? kit?.machines[0]);
  const yarn = $derived(kit?.yarns.find((y) => y.id === yarnId) ?? kit?.yarns[0]);

  const pattern = $derived(stitches && rows ? perCm({ as: 'counts', stitches, rows }) : null);
  /** As it is typed; null while a number is missing. */
  const stated = $derived.by((): PerCm | null => {
    if (from === 'typed')
      return cmTo40Stitches && cmTo20Rows ? perCm({ as: 'lengths', cmTo40Stitches, cmTo20Rows }) : null;
    if (from === 'to-10')
      return stitchesTo10 && rowsTo10 ? perCm({ as: 'counts', stitches: stitchesTo10, rows: rowsTo10 }) : null;
    return null;
  });
  const target = $derived.by((): PerCm | null => {
    if (from !== 'known') return stated;
    if (!kit || !machine || !yarn) return null;
    const gauge = gaugeFor(kit, machine, yarn, usualHole(machine, yarn));
    return { courses: gauge.courses.value, wales: gauge.wales.value };
  });
  const factors = $derived(pattern && target ? convertGauge(pattern, target) : null);
  const patternCm = $derived(pattern && asLengths(pattern));
  const targetCm = $derived(target && asLengths(target));
  /** A typed gauge that cannot be, named as a swatch that cannot be is. */
  const slip = $derived.by(() => {
    if (!stated || !machine || !yarn) return null;
    return slipOf(stated, practiceFor(yarn), machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM);
  });

  interface Line {
    readonly id: number;
    readonly what: 'stitches' | 'rows';
    readonly text: string;
  }
  let lines = $state.raw<readonly Line[]>([
    { id: 1, what: 'stitches', text: '' },
    { id: 2, what: 'rows', text: '' }
  ]);
  const EXAMPLES = { stitches: '60', rows: '84' } as const;
  const put = (id: number, change: Partial<Line>): void =>
    void (lines = lines.map((l) => (l.id === id ? { ...l, ...change } : l)));
  const read = (line: Line) =>
    readCount(line.text, { field: line.what === 'stitches' ? 'Stitches' : 'Rows', min: 1, max: 20_000 });
  /** The counts that are sound, as they are kept. */
  const counts = $derived(
    lines.flatMap((line) => {
      const got = read(line);
      return got.ok ? [{ what: line.what, count: got.value }] : [];
    })
  );
  /** What stands in the fields, as it is kept. */
  const draft = $derived.by((): ConversionDraft | null => {
    if (!stitches || !rows || !targetCm) return null;
    const known = from === 'known' && machine && yarn;
    return {
      pattern: { stitches, rows },
      machine: known ? { by: 'known', machineId: machine.id, yarnId: yarn.id } : { by: 'typed', ...targetCm },
      counts
    };
  });
  /** Puts a kept conversion back into the fields. */
  function open(c: Conversion): void {
    [stitches, rows] = [c.pattern.stitches, c.pattern.rows];
    from = c.machine.by;
    if (c.machine.by === 'typed') [cmTo40Stitches, cmTo20Rows] = [c.machine.cmTo40Stitches, c.machine.cmTo20Rows];
    else [machineId, yarnId] = [c.machine.machineId, c.machine.yarnId];
    lines = c.counts.map(({ what, count }, i) => ({ id: i + 1, what, text: String(count) }));
  }
  /** Rows of the pattern as they are on the machine: a tube with a section for each. @returns why it could not be kept */
  async function plan(name: string): Promise<string> {
    if (!kit || !machine || !yarn || !factors) return '';
    const { rowFactor } = factors;
    const whole = counts.flatMap(({ what, count }) => (what === 'rows' ? [convertCount(count, rowFactor).whole] : []));
    const project = tubeOfRows(kit, machine.id, yarn.id, whole, name, stated);
    const fault = await notKept(() => saveProject(db(), project));
    if (!fault) await goto(paths.plan(project.id));
    return fault;
  }
  const four = (n: number): string => n.toFixed(4);
  const two = (n: number): string => n.toFixed(2);
</script>

<svelte:head><title>Convert a gauge · Tomble</title></svelte:head>

<div class="mx-auto max-w-[70rem] px-4 py-6">
  <h1 class="text-3xl font-bold">Convert a pattern's gauge</h1>
  <p class="quiet">A hand pattern counts for its own gauge. Multiply its counts, and the size stays.</p>
  <div class="mt-4 grid grid-cols-1 gap-5 md:grid-cols-2">
    <section class="sheet p-4" aria-label="The pattern">
      <h2 class="mb-2 text-xl font-semibold">The pattern says, to 10 cm</h2>
      <div class="grid grid-cols-2 gap-4">
        <NumberField
          label="Stitches"
          example="20"
          optional
          value={stitches}
          min={1}
          max={80}
          onvalue={(v) => (stitches = v)}
        />
        <NumberField label="Rows" example="28" optional value={rows} min={1} max={120} onvalue={(v) => (rows = v)} />
      </div>
      <p class="min-h-6 numerals">
        {#if patternCm}{two(patternCm.cmTo40Stitches)} cm to 40 stitches, {two(patternCm.cmTo20Rows)} cm to 20 rows{/if}
      </p>
    </section>
    <section class="sheet p-4" aria-label="The machine">
      <h2 class="mb-2 text-xl font-semibold">The machine knits</h2>
      <ChoiceField
        label="Gauge"
        value={from}
        choices={[
          { value: 'typed', label: 'To 40 and 20' },
          { value: 'to-10', label: 'To 10 cm' },
          { value: 'known', label: 'As Tomble knows it' }
        ]}
        onvalue={(v) => (from = v as typeof from)}
      />
      {#if from === 'typed'}
        <div class="grid grid-cols-2 gap-4">
          <NumberField
            label="Width of 40 stitches"
            unit="cm"
            example="26 cm"
            optional
            value={cmTo40Stitches}
            min={4}
            max={120}
            onvalue={(v) => (cmTo40Stitches = v)}
          />
          <NumberField
            label="Length of 20 rows"
            unit="cm"
            example="9.5 cm"
            optional
            value={cmTo20Rows}
            min={1}
            max={60}
            onvalue={(v) => (cmTo20Rows = v)}
          />
        </div>
      {:else if from === 'to-10'}
        <div class="grid grid-cols-2 gap-4">
          <NumberField
            label="Stitches to 10 cm"
            example="15.4"
            optional
            value={stitchesTo10}
            min={3}
            max={80}
            onvalue={(v) => (stitchesTo10 = v)}
          />
          <NumberField
            label="Rows to 10 cm"
            example="21"
            optional
            value={rowsTo10}
            min={3}
            max={120}
            onvalue={(v) => (rowsTo10 = v)}
          />
        </div>
      {/if}
      {#if kit && machine && yarn}
        <div class="grid grid-cols-2 gap-4">
          <SelectField
            label="Machine"
            value={machine.id}
            choices={kit.machines.map((m) => ({ value: m.id, label: m.name }))}
            onvalue={(v) => (machineId = v)}
          />
          <SelectField
            label="Yarn"
            value={yarn.id}
            choices={kit.yarns.map((y) => ({ value: y.id, label: yarnName(y) }))}
            onvalue={(v) => (yarnId = v)}
          />
        </div>
      {/if}
      {#if slip}
        <p class="mt-2 rounded-lg border-l-4 border-warning bg-warning/15 p-3" data-testid="slip">{slipWords(slip)}</p>
      {/if}
    </section>
  </div>
  <section class="mt-5 grid grid-cols-1 gap-5 sheet p-4 sm:grid-cols-2" aria-label="Factors">
    <div>
      <p class="quiet">Multiply stitches by</p>
      <p class="numerals text-5xl font-bold" data-testid="stitch-factor">
        {factors ? four(factors.stitchFactor) : '–'}
      </p>
      <p class="min-h-5 numerals text-sm">
        {#if patternCm && targetCm}{two(patternCm.cmTo40Stitches)} cm / {two(targetCm.cmTo40Stitches)} cm, both to 40 stitches{/if}
      </p>
    </div>
    <div>
      <p class="quiet">Multiply rows by</p>
      <p class="numerals text-5xl font-bold" data-testid="row-factor">{factors ? four(factors.rowFactor) : '–'}</p>
      <p class="min-h-5 numerals text-sm">
        {#if patternCm && targetCm}{two(patternCm.cmTo20Rows)} cm / {two(targetCm.cmTo20Rows)} cm, both to 20 rows{/if}
      </p>
    </div>
  </section>
  <section class="mt-5 sheet p-4" aria-label="Counts">
    <h2 class="text-xl font-semibold">Counts of the pattern</h2>
    <div role="region" aria-label="Converted counts" tabindex="-1">
      <table class="mt-2 w-full text-left">
        <thead class="text-sm quiet">
          <tr
            ><th class="py-1 font-medium">Pattern</th><th class="font-medium">What</th><th class="font-medium"
              >On the machine</th
            ><th class="font-medium max-sm:sr-only">Rounded by</th></tr
          >
        </thead>
        <tbody>
          {#each lines as line, i (line.id)}
            {@const got = read(line)}
            <tr class="border-t border-base-300">
              <td class="py-2 pr-3"
                ><input
                  class="input w-24 numerals max-sm:w-16"
                  inputmode="numeric"
                  aria-label="Count {i + 1}"
                  value={line.text}
                  placeholder={EXAMPLES[line.what]}
                  oninput={(e) => put(line.id, { text: e.currentTarget.value })}
                /></td
              >
              <td class="pr-3">
                <select
                  class="select w-28 max-sm:w-25"
                  aria-label="What count {i + 1} is"
                  value={line.what}
                  onchange={(e) => put(line.id, { what: e.currentTarget.value as Line['what'] })}
                >
                  <option value="stitches">stitches</option><option value="rows">rows</option>
                </select>
              </td>
              {#if line.text.trim() === ''}
                <td colspan="2"></td>
              {:else if got.ok && !factors}
                <td colspan="2" class="text-sm quiet">once both gauges are given</td>
              {:else if got.ok && factors}
                {@const c = convertCount(
                  got.value,
                  line.what === 'stitches' ? factors.stitchFactor : factors.rowFactor
                )}
                <td class="numerals text-xl font-semibold"
                  >{c.whole} <span class="text-sm font-normal quiet">({c.exact.toFixed(2)})</span>
                  {#if line.what === 'stitches' && machine && c.whole > machine.pins}
                    <span class="block text-sm font-semibold text-error"
                      >more than the {machine.pins} pins of {machine.name}: knit it in panels</span
                    >
                  {/if}</td
                >
                <td class="numerals max-sm:text-sm">{c.offPercent >= 0 ? '+' : ''}{c.offPercent.toFixed(1)} %</td>
              {:else if !got.ok}
                <td colspan="2" class="text-sm font-semibold text-error">{wordFault(got.fault)}</td>
              {/if}
            </tr>
          {/each}
        </tbody>
      </table>
    </div>
    <button
      type="button"
      class="btn mt-2 btn-sm"
      onclick={() => (lines = [...lines, { id: Math.max(...lines.map((l) => l.id)) + 1, what: 'rows', text: '10' }])}
      ><Plus class="size-4" /> Another count</button
    >
  </section>
  <KeepConversion
    {draft}
    onopen={open}
    onplan={plan}
    canPlan={counts.some((c) => c.what === 'rows') && Boolean(machine && yarn && factors)}
  />
</div>
