<script lang="ts">
  import { untrack } from 'svelte';
  import * as z from 'zod/mini';
  import { draftOf } from '$lib/store/draft';
  import type { Readings } from '$lib/core/tomble';
  import { readAmount, showFigure, showRange, type Units, wordFault } from '$lib/core/quantity';
  import { yarnName } from '$lib/core/kit';
  import { allRows, type Measurable, measurablesOf, measuredPiece, pieceAt } from '$lib/core/read';
  import { figureName, speak } from '$lib/words';
  import NumberField from '../options/NumberField.svelte';
  import type { Measured, Project } from '$lib/store/records/project';
  import FieldFrame from '../options/FieldFrame.svelte';
  import LengthField from '../options/LengthField.svelte';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';

  let {
    id,
    result,
    units,
    measured,
    rested,
    onsave
  }: {
    /** The project it belongs to. */
    id: string;
    result: Readings;
    units: Units;
    measured: Measured | null;
    /** Measured in a step before, while the piece rested. */
    rested: Project['rested'];
    /** @returns why it could not be kept, or nothing */
    onsave: (m: Measured) => Promise<string>;
  } = $props();
  const uid = $props.id();
  // The piece that tells most about the gauge; a thing without a tube is only noted.
  const piece = $derived(measuredPiece(result));
  const size = $derived(piece === null ? null : result.sizes.pieces[piece]!);
  // The form starts from what was kept before and then belongs to the knitter.
  const start = untrack(() => measured);
  // What was typed the last time and not saved yet stands here again.
  const Typed = z.object({
    length: z.nullable(z.number()),
    width: z.nullable(z.number()),
    minutes: z.string(),
    note: z.string(),
    more: z._default(z.record(z.string(), z.number()), {})
  });
  const draft = untrack(() => draftOf(`measure ${id}`, Typed));
  const left = draft.read();
  let typedLength = $state<number | null>(left?.length ?? start?.lengthMm ?? null);
  let typedWidth = $state<number | null>(left?.width ?? start?.flatWidthMm ?? null);
  // What was measured in the resting step stands here until something else is typed.
  const lengthMm = $derived(typedLength ?? rested?.lengthMm ?? null);
  const flatWidthMm = $derived(typedWidth ?? rested?.flatWidthMm ?? null);
  let minutes = $state(left?.minutes ?? (start?.minutes ? String(start.minutes) : ''));
  let note = $state(left?.note ?? start?.note ?? '');
  /** What else was measured, by its code. */
  let more = $state.raw<Readonly<Record<string, number>>>(
    left?.more ?? Object.fromEntries((start?.figures ?? []).map(({ code, got }) => [code, got]))
  );
  const set = (code: string, value: number | null): void => {
    const { [code]: _, ...rest } = more;
    more = value === null ? rest : { ...rest, [code]: value };
  };
  const say = $derived(speak(result));
  // Length and width of the piece that tells most stand above.
  const others = $derived(
    measurablesOf(result).filter(
      ({ code }) => piece === null || (code !== `p${piece}.length` && code !== `p${piece}.width`)
    )
  );
  const label = (what: Measurable): string =>
    say.words.measurable(what, {
      piece: (p) => pieceAt(result, p).planned.label.toLowerCase(),
      figure: (named) => figureName(named)
    });
  const first = JSON.stringify([
    start?.lengthMm ?? null,
    start?.flatWidthMm ?? null,
    start?.minutes ? String(start.minutes) : '',
    start?.note ?? '',
    Object.fromEntries((start?.figures ?? []).map(({ code, got }) => [code, got]))
  ]);
  $effect(() => {
    if (JSON.stringify([typedLength, typedWidth, minutes, note, more]) !== first)
      draft.keep({ length: typedLength, width: typedWidth, minutes, note, more });
  });
  let fault = $state('');
  let minutesFault = $state('');
  let missing = $state('');

  function readMinutes(): number | null {
    minutesFault = '';
    if (minutes.trim() === '') return null;
    const read = readAmount(minutes, { field: 'Minutes', min: 1, max: 10_000, unit: 'min' });
    minutesFault = read.ok ? '' : wordFault(read.fault);
    return read.ok ? read.value : null;
  }
  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const took = readMinutes();
    if (minutesFault) return;
    missing =
      size !== null && lengthMm === null && flatWidthMm === null
        ? 'Measure the length or the width: one of them is needed for the log.'
        : '';
    if (missing) return;
    fault = await onsave({
      lengthMm,
      flatWidthMm,
      minutes: took,
      note,
      figures: others.flatMap((what) => {
        const { code, planned } = what;
        const got = more[code];
        return got === undefined ? [] : [{ code, label: label(what), unit: what.of === 'weight' ? 'g' : 'mm', got, planned: planned.value, low: planned.low, high: planned.high }]; // prettier-ignore
      }),
      at: new Date().toISOString(),
      planned: {
        rows: size?.rows ?? allRows(result),
        lengthMm: size?.lengthMm.value ?? 0,
        flatWidthMm: size?.flatWidthMm.value ?? 0,
        machine:
          result.kit.machines.find((m) => m.id === result.plan.pieces[piece ?? 0]?.machineId)?.name ?? 'no machine',
        yarns: result.yarns.map(yarnName)
      }
    });
    if (!fault) draft.drop();
  }
  // Open where something of it was kept; while one types it stays as it is.
  let openMore = $state(untrack(() => Object.keys(more).length > 0));
</script>

<form onsubmit={save} class="sheet p-4">
  <h2 class="text-xl font-semibold">{size ? 'Measure it' : 'Note it'}</h2>
  <p class="mb-3 text-sm quiet">
    {size
      ? `Tug lengthwise twice and across once, let it rest, lay it flat, not folded: the whole ${size.label.toLowerCase()}${size.copies > 1 ? ', one of them' : ''}.`
      : 'There is no tube to measure; note the time and what to remember.'}
  </p>
  <div class="grid gap-x-4 sm:grid-cols-2">
    {#if size}
      <LengthField
        label="Length of the {size.label.toLowerCase()}"
        help="Planned {showRange(size.lengthMm, units) || showFigure(size.lengthMm, units)}"
        valueMm={lengthMm}
        minMm={10}
        maxMm={20_000}
        {units}
        optional
        onvalue={(v) => (typedLength = v)}
      />
      <LengthField
        label="Flat width"
        help="Planned {showRange(size.flatWidthMm, units) || showFigure(size.flatWidthMm, units)}"
        valueMm={flatWidthMm}
        minMm={10}
        maxMm={2000}
        {units}
        optional
        onvalue={(v) => (typedWidth = v)}
      />
    {/if}
    <FieldFrame
      label="Minutes it took"
      id="{uid}-min"
      fault={minutesFault}
      help="Planned {showFigure(result.pace.all, units)}"
    >
      <input
        id="{uid}-min"
        class="input w-full numerals text-base"
        inputmode="decimal"
        bind:value={minutes}
        oninput={() => readMinutes()}
        aria-invalid={minutesFault ? 'true' : undefined}
      />
    </FieldFrame>
    <FieldFrame label="What to remember" id="{uid}-note"
      ><textarea id="{uid}-note" class="textarea w-full text-base" rows="2" maxlength="2000" bind:value={note}
      ></textarea></FieldFrame
    >
  </div>
  {#if others.length > 0}
    <details class="mt-1" bind:open={openMore}>
      <summary class="cursor-pointer font-semibold">More to measure, as far as you like</summary>
      <div class="mt-2 grid gap-x-4 sm:grid-cols-2">
        {#each others as what (what.code)}
          {#if what.of === 'weight'}
            <NumberField
              label={label(what)}
              help="grams; planned {showFigure(what.planned, units)}"
              value={more[what.code] ?? null}
              min={1}
              max={10_000}
              optional
              onvalue={(v) => set(what.code, v)}
            />
          {:else}
            <LengthField
              label={label(what)}
              help="Planned {showRange(what.planned, units) || showFigure(what.planned, units)}"
              valueMm={more[what.code] ?? null}
              minMm={1}
              maxMm={20_000}
              {units}
              optional
              onvalue={(v) => set(what.code, v)}
            />
          {/if}
        {/each}
      </div>
    </details>
  {/if}
  <p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{missing}</p>
  <FaultNote {fault} />
  <button class="btn btn-primary">{measured ? 'Change the entry' : 'Keep it in the log'}</button>
</form>
