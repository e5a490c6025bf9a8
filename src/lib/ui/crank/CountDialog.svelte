<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { untrack } from 'svelte';
  import {
    type Agreed,
    rowByCounter,
    rowByTape,
    rowByWeight,
    rowsAt,
    stretchOfYarn,
    type Track,
    workIn
  } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import type { COUNTED_BY } from '$lib/store/records/crank-event';
  import type { Speech } from '$lib/words';
  import { scaleLink } from '../devices/connected.svelte';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import ChoiceField from '../options/ChoiceField.svelte';
  import CountField from '../options/CountField.svelte';
  import LengthField from '../options/LengthField.svelte';
  import NumberField from '../options/NumberField.svelte';

  type Way = (typeof COUNTED_BY)[number];
  let {
    result,
    say,
    leg,
    inPiece,
    what = '',
    start,
    onset,
    onclose
  }: {
    result: Readings;
    say: Speech;
    leg: Track['legs'][number];
    /** Rows of the piece that are counted now, waste and all. */
    inPiece: number;
    what?: string;
    /** How it begins. */
    start: 'rows' | 'ripped';
    /** The rows of the piece it is set to, waste and all, and how that is known. */
    onset: (row: number, why: Way) => void;
    onclose: () => void;
  } = $props();

  const t = $derived(say.talk);
  const counts = $derived(leg.counter(Math.max(1, inPiece)) !== null);
  const ways = $derived(
    (
      [
        ['rows', 'I counted', `The ${t.terms.row}s of the work, from its first one, counted on the fabric.`],
        ...(counts ? [['counter', 'Counter', 'What the machine shows.'] as const] : []),
        ['tape', 'Tape', `From the first ${t.terms.row} of the work to the ${t.pins}, as it hangs, not pulled.`],
        ['weight', 'Scale', 'What the ball of this yarn weighed when it began here, and what it weighs now.'],
        [
          'ripped',
          'Torn back',
          `${t.sentence(t.terms.row)}s that were torn back; the loops hang on the ${t.pins} again.`
        ],
        ['again', 'Begin again', 'This piece from its cast-on on. What was cranked stays in the record.']
      ] as const
    ).map(([value, label, help]) => ({ value, label, help }))
  );
  let way = $state<Way>(untrack(() => start));
  // The fields start at the count of the moment and then belong to the knitter.
  let counted = $state(untrack(() => workIn(leg, leg.offset + inPiece)));
  let shows = $state(untrack(() => leg.counter(Math.max(1, inPiece)) ?? 0));
  let tapeMm = $state<number | null>(null);
  let before = $state<number | null>(null);
  let now = $state<number | null>(null);
  let torn = $state(1);
  let fault = $state('');

  const stretch = $derived(stretchOfYarn(result, leg.piece, Math.max(1, inPiece)));
  /** The row that follows from what is given, and between which it may be; null while it is not given whole. */
  const agreed = $derived.by((): Agreed | null => {
    const exact = (row: number): Agreed => ({ row, low: row, high: row });
    switch (way) {
      case 'rows':
        return exact(rowsAt(leg, counted) - leg.offset);
      case 'counter': {
        const row = rowByCounter(leg, shows, inPiece);
        return row === null ? null : exact(row);
      }
      case 'tape':
        return tapeMm === null ? null : rowByTape(result, leg.piece, tapeMm);
      case 'weight':
        return before === null || now === null || before < now
          ? null
          : rowByWeight(result, leg.piece, Math.max(1, inPiece), before - now);
      case 'ripped':
        return exact(Math.max(0, inPiece - torn));
      case 'again':
        return exact(0);
    }
  });
  const work = (row: number): number => workIn(leg, leg.offset + row);
  const answer = $derived.by((): string => {
    if (!agreed) {
      if (way === 'counter') return `The counter never shows ${shows} in this piece.`;
      if (way === 'weight' && before !== null && now !== null)
        return `The ball cannot weigh more now, ${now} g, than before, ${before} g.`;
      return '';
    }
    if (way === 'again') return `The count goes to the start; ${t.rows(work(inPiece))} will be cranked again.`;
    const to = `${t.sentence(t.row(work(agreed.row)))} of ${leg.workRows}`;
    const off = work(agreed.row) - work(inPiece);
    const told =
      off === 0 ? 'as it is counted here' : `${t.rows(Math.abs(off))} ${off > 0 ? 'more' : 'fewer'} than here`;
    const unsure = agreed.low === agreed.high ? '' : ` Between ${work(agreed.low)} and ${work(agreed.high)}: count the last ones on the fabric.`; // prettier-ignore
    return `${to}, ${told}.${unsure}`;
  });
</script>

<DialogFrame
  title="Set the count"
  about="Undo takes it back, and both counts are kept."
  width={30}
  freeFocus
  firstField
  {onclose}
>
  <form
    class="grid gap-3"
    onsubmit={(e) => {
      e.preventDefault();
      // A number that cannot be is answered in its field; the count stays.
      if (!fault && agreed) onset(agreed.row, way);
    }}
  >
    <ChoiceField label="How it is known" value={way} choices={ways} onvalue={(v) => ((way = v as Way), (fault = ''))} />
    {#if way === 'rows'}
      <CountField
        label={what ? `Rows knitted of ${what}` : 'Rows knitted in all'}
        value={counted}
        min={0}
        max={leg.workRows}
        onvalue={(v) => (counted = v)}
        onfault={(said) => (fault = said)}
      />
    {:else if way === 'counter'}
      <CountField
        label="The counter shows"
        value={shows}
        min={0}
        max={999_999}
        onvalue={(v) => (shows = v)}
        onfault={(said) => (fault = said)}
      />
    {:else if way === 'tape'}
      <LengthField
        label="It hangs"
        valueMm={tapeMm}
        minMm={1}
        maxMm={20_000}
        units={t.units}
        onvalue={(mm) => (tapeMm = mm)}
      />
    {:else if way === 'weight'}
      <div class="grid gap-3 sm:grid-cols-2">
        <NumberField
          label="The ball weighed"
          help="When {t.row(work(stretch.from))} began"
          unit="g"
          optional
          value={before}
          min={0}
          max={100_000}
          onvalue={(v) => (before = v)}
        />
        <NumberField
          label="It weighs now"
          unit="g"
          optional
          value={now}
          min={0}
          max={100_000}
          onvalue={(v) => (now = v)}
        />
      </div>
      {#if scaleLink.grams !== null}
        <button type="button" class="btn w-fit btn-quiet btn-sm" onclick={() => (now = scaleLink.grams)}
          >Take the scale's {scaleLink.grams} g</button
        >
      {/if}
    {:else if way === 'ripped'}
      <CountField
        label="Rows torn back"
        value={torn}
        min={1}
        max={Math.max(1, inPiece)}
        onvalue={(v) => (torn = v)}
        onfault={(said) => (fault = said)}
      />
    {/if}
    <p class="min-h-7 text-lg font-semibold" aria-live="polite" data-testid="agreed">{fault ? '' : answer}</p>
    <div class="flex justify-end gap-2">
      <Dialog.Close class="btn btn-ghost" type="button">Cancel</Dialog.Close>
      <button class="btn btn-primary" disabled={fault !== '' || agreed === null}
        >{fault || !agreed ? 'Set' : way === 'again' ? 'Begin again' : `Set to ${work(agreed.row)}`}</button
      >
    </div>
  </form>
</DialogFrame>
