<script lang="ts">
  import { untrack } from 'svelte';
  import type { CrankFault } from '$lib/core/knit';
  import { machineOf } from '$lib/core/kit';
  import { faultMoment, markedPins, pieceAt, type Track } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import type { Speech } from '$lib/words';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import ChoiceField from '../options/ChoiceField.svelte';
  import CountField from '../options/CountField.svelte';
  import EdgeAsk from './EdgeAsk.svelte';
  import MomentPicture from './MomentPicture.svelte';
  import RingPick from './RingPick.svelte';

  type Kind = Exclude<CrankFault['kind'], 'wrong-turn'>;
  let {
    result,
    say,
    leg,
    inPiece,
    ontold,
    ontear,
    onset,
    onclose
  }: {
    result: Readings;
    say: Speech;
    leg: Track['legs'][number];
    /** Rows of the piece that are done, waste and all; at least one. */
    inPiece: number;
    ontold: (fault: CrankFault, mended: boolean) => void;
    /** It cannot be mended: rows are torn back. */
    ontear: () => void;
    /** The count is to be set. */
    onset: () => void;
    onclose: () => void;
  } = $props();

  const t = $derived(say.talk);
  const KINDS = [
    { value: 'dropped', label: 'Dropped', help: 'A stitch hangs loose, or ran down.' },
    { value: 'tuck', label: 'Tucked', help: 'Loops stand up: several rows on one pin.' },
    { value: 'split', label: 'Split', help: 'The hook caught half the yarn.' },
    { value: 'new-ball', label: 'New ball here', help: 'A knot, or the ball ended: a join with two tails.' },
    { value: 'edge-loop', label: 'Loop at the edge', help: 'A loop stands where no stitch is.' }
  ] as const;
  const DONE: Partial<Record<Kind, string>> = {
    dropped: 'Marked, latch it up later',
    'new-ball': 'The new ball is in'
  };
  const knitted = $derived(pieceAt(result, leg.piece).fabric);
  const machine = $derived(machineOf(result.kit, pieceAt(result, leg.piece).planned.machineId));
  let kind = $state<Kind>('dropped');
  // The fields start at the row and the edge of the moment and then belong to the knitter.
  let row = $state(untrack(() => Math.max(1, inPiece)));
  let picked = $state(untrack(() => knitted.low[Math.max(1, inPiece) - 1]!));
  let over = $state(1);
  let wrong = $state('');
  const low = $derived(knitted.low[row - 1]!);
  const high = $derived(knitted.high[row - 1]!);
  const pin = $derived(Math.max(low, Math.min(high, picked)));
  const several = $derived(kind === 'dropped' || kind === 'tuck');
  const fault = $derived<CrankFault>({
    kind,
    piece: leg.piece,
    copy: leg.copy,
    row,
    pin,
    over: several ? Math.min(over, row) : 1
  });
  const moment = $derived(faultMoment(result, fault));
  const tell = (mended: boolean): void => {
    if (!wrong) ontold(fault, mended);
  };
</script>

<DialogFrame
  title="What happened?"
  about="Touch the pin; the row is this one unless you say another."
  width={46}
  freeFocus
  {onclose}
>
  <div class="grid gap-x-5 gap-y-2 sm:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
    <div>
      <ChoiceField label="What" value={kind} choices={KINDS} onvalue={(v) => (kind = v as Kind)} />
      <div class="flex items-center gap-3">
        <RingPick
          pins={machine.pins}
          marked={markedPins(machine)}
          {low}
          {high}
          value={pin}
          onvalue={(p) => (picked = p)}
        />
      </div>
      <div class="mt-2 grid grid-cols-2 gap-3">
        <CountField
          label={t.sentence(t.terms.pin)}
          value={pin}
          min={low}
          max={high}
          onvalue={(v) => (picked = v)}
          onfault={(said) => (wrong = said)}
        />
        <CountField
          label="{t.sentence(t.terms.row)} of the work"
          value={Math.max(1, row - leg.before)}
          min={1}
          max={Math.max(1, inPiece - leg.before)}
          onvalue={(v) => (row = leg.before + v)}
          onfault={(said) => (wrong = said)}
        />
        {#if several}
          <CountField
            label={kind === 'dropped' ? 'It ran down over' : 'Rows on the pin'}
            help="rows"
            value={over}
            min={1}
            max={Math.min(row, 400)}
            onvalue={(v) => (over = v)}
            onfault={(said) => (wrong = said)}
          />
        {/if}
      </div>
    </div>
    <div class="flex flex-col gap-2">
      <MomentPicture
        {result}
        piece={leg.piece}
        {moment}
        {say}
        class="h-44 rounded-box border-2 border-base-300 bg-base-100 sm:h-56"
      />
      <p class="text-lg leading-snug" data-testid="advice">{say.moment(moment)}</p>
    </div>
  </div>
  {#if pieceAt(result, leg.piece).planned.mode !== 'tube'}
    <div class="mt-2"><EdgeAsk {result} {say} {leg} {inPiece} {onset} /></div>
  {/if}
  <div class="mt-3 flex flex-wrap justify-end gap-2">
    {#if kind !== 'new-ball'}
      <button type="button" class="btn mr-auto btn-ghost" onclick={ontear}>Tear back instead</button>
      <button type="button" class="btn btn-quiet" onclick={() => tell(true)}>Mended at once</button>
    {/if}
    <button type="button" class="btn btn-primary" onclick={() => tell(false)}>{DONE[kind] ?? 'Left as it is'}</button>
  </div>
</DialogFrame>
