<script lang="ts">
  import { goto } from '$app/navigation';
  import { ANNOUNCE_ROWS, nextAt } from '$lib/core/read';
  import type { CrankAction } from '$lib/store/records/crank-event';
  import { keepAwake } from '$lib/ui/crank/awake.svelte';
  import { calls } from '$lib/ui/crank/calls.svelte';
  import ConfirmFace from '$lib/ui/crank/ConfirmFace.svelte';
  import CrankBar from '$lib/ui/crank/CrankBar.svelte';
  import CrankDialogs, { type Asking } from '$lib/ui/crank/CrankDialogs.svelte';
  import { crankKeys } from '$lib/ui/crank/crank-keys.svelte';
  import CueBar from '$lib/ui/crank/CueBar.svelte';
  import DoneFace from '$lib/ui/crank/DoneFace.svelte';
  import EdgeAsk from '$lib/ui/crank/EdgeAsk.svelte';
  import ElsewhereNote from '$lib/ui/crank/ElsewhereNote.svelte';
  import { holdCrank } from '$lib/ui/crank/held.svelte';
  import MomentBar from '$lib/ui/crank/MomentBar.svelte';
  import { CrankPace } from '$lib/ui/crank/pace.svelte';
  import PutOffNote from '$lib/ui/crank/PutOffNote.svelte';
  import { Reminders } from '$lib/ui/crank/reminders.svelte';
  import RestNote from '$lib/ui/crank/RestNote.svelte';
  import RowFace from '$lib/ui/crank/RowFace.svelte';
  import SensorNote from '$lib/ui/crank/SensorNote.svelte';
  import { CrankStand } from '$lib/ui/crank/stand.svelte';
  import { watchStretch } from '$lib/ui/crank/stretch.svelte';
  import { watchTroubles } from '$lib/ui/crank/troubles.svelte';
  import WordsHere from '$lib/ui/crank/WordsHere.svelte';
  import { crankLink } from '$lib/ui/devices/connected.svelte';
  import Counting from '$lib/ui/figure/Counting.svelte';
  import { paths } from '$lib/ui/paths';
  import HangingTube from '$lib/ui/picture/HangingTube.svelte';
  import BusyNote from '$lib/ui/plan/BusyNote.svelte';
  import { useProject } from '$lib/ui/state/context';

  const at = useProject();
  const screen = keepAwake();
  const own = $derived(at.project!.id);
  const hand = holdCrank(() => own);
  const stand = new CrankStand(at);
  const { result, rows, next, ahead, due, coming, leg, inPiece, inWork, turning } = $derived(stand);
  const { say, row, asked, moments, moment, done, total } = $derived(stand);
  const reminders = new Reminders();
  const told = $derived(reminders.due(stand.toSay, rows));
  const pace = new CrankPace(at, stand);
  /** Something can go wrong in the work only once a row of it hangs. */
  const canFault = $derived(!hand.elsewhere && inWork > 0);
  const stretch = watchStretch(pace.times, () => at.progress);
  const restAfter = $derived(at.kit?.habits.restMinutes ?? null);
  let asking = $state<Asking>(null);
  const troubles = watchTroubles(
    () => at.project!,
    () => at.progress.faults.map(({ fault }) => fault),
    () => result
  );
  const open = $derived(at.progress.passed.filter(({ why }) => why === 'later'));

  /** Records what the hand did, where the hand is at this window. */
  function did(what: CrankAction): void {
    if (!hand.elsewhere) at.crank(what);
  }
  function forward(): void {
    if (hand.elsewhere) return;
    if (next.do === 'done') {
      void goto(paths.finish(at.project!.id));
      return;
    }
    waiting = 0;
    if (next.do === 'confirm') did({ do: 'confirm', step: next.step.id });
    else if (next.do === 'lift' && next.pin < next.of) did({ do: 'confirm', step: next.lift.id });
    else did({ do: 'row', yarn: next.step.yarnId ?? '' });
    callOut();
  }
  /** Turns of the sensor while something else had to be done first; they are said, and not counted. */
  let waiting = $state(0);
  /** The row before which a turn may have been missed. */
  let doubtful = $state<number | null>(null);
  $effect(() =>
    crankLink.listen((turns, doubt) => {
      if (hand.elsewhere) return;
      if (doubt) doubtful = inWork + 1;
      for (let i = 0; i < turns; i++) {
        if (next.do === 'row' || next.do === 'lift') did({ do: 'row', yarn: next.step.yarnId ?? '' });
        else waiting += 1;
      }
      callOut();
    })
  );
  function back(): void {
    if (at.progress.undoable) did({ do: 'undo' });
  }
  /** Calls out what is due now, or what was just announced. */
  function callOut(): void {
    const now = nextAt(stand.track, at.progress);
    const fresh = reminders.uncalled(told);
    if (fresh.length > 0) calls.out('due', fresh.map((cue) => say?.cue(cue)).join(' '));
    else if (now.do === 'confirm') calls.out('due', asked?.title ?? '');
    else if (coming?.inRows === ANNOUNCE_ROWS) calls.out('near', `In ${say?.talk.rows(coming.inRows)}: ${say?.cue(coming)}`); // prettier-ignore
  }

  crankKeys({
    forward,
    back,
    next: () => stand.toMoment(moment + 1),
    before: () => stand.toMoment(moment - 1),
    count: () => (asking = hand.elsewhere ? null : 'rows'),
    fault: () => (asking = canFault ? 'fault' : null)
  });
</script>

{#if result}
  <div
    class="mx-auto grid w-full max-w-[110rem] flex-1 grid-cols-[3.5rem_minmax(0,1fr)] gap-3 px-2 py-3 max-[20rem]:grid-cols-1 sm:px-4 md:grid-cols-[15.5rem_minmax(0,1fr)] snug:py-2 low:grid-cols-[3.5rem_minmax(0,1fr)]"
  >
    <aside class="relative max-[20rem]:hidden" aria-label="The hanging tube">
      <!-- Only as tall as the rest of the page is: it is the tube that gives way. -->
      <div class="absolute inset-0 md:hidden low:block">
        <HangingTube {result} piece={leg?.piece ?? 0} copy={leg?.copy} slim rowsDone={inPiece} />
      </div>
      <div class="absolute inset-0 hidden md:block low:hidden">
        <HangingTube {result} piece={leg?.piece ?? 0} copy={leg?.copy} rowsDone={inPiece} />
      </div>
    </aside>

    <section
      class="flex flex-col gap-3 snug:gap-2 low:grid low:grid-cols-[minmax(0,1fr)_minmax(11rem,30%)] low:grid-rows-[1fr_auto]"
      aria-label="At the crank"
      data-focus="free"
    >
      <h1 class="sr-only">Crank {at.project!.brief.name}</h1>
      <div class="contents low:hidden"><BusyNote {at} /></div>
      <button
        type="button"
        class="relative flex min-h-48 flex-1 cursor-pointer flex-col rounded-box border-2 p-4 text-left select-none snug:p-3 low:row-span-full
          {next.do === 'confirm'
          ? 'border-accent bg-accent text-accent-content'
          : due.length
            ? 'border-warning bg-warning/25'
            : 'border-base-300 bg-base-100 hover:border-base-content/40'}"
        onclick={(e) => {
          forward();
          e.currentTarget.blur();
        }}
        data-testid="crank"
      >
        {#if next.do === 'confirm' && say && asked}
          <ConfirmFace
            {result}
            {say}
            where={stand.where}
            piece={next.leg.piece}
            title={next.join ? say.words.changeYarn(say.talk) : asked.title}
            words={next.join ? (asked.before ?? '') : asked.detail}
            moment={moments[moment]}
            hex={stand.yarn?.colour.hex}
          />
        {:else if turning && say}
          <RowFace
            {result}
            {say}
            next={turning}
            heading={stand.heading}
            minutes={pace.minutes}
            {done}
            {total}
            moment={moments[moment]}
            unkept={at.unkept > 0}
            pieces={{ several: stand.several, oneSection: stand.oneSection, inWork }}
          />
        {:else}
          <DoneFace rows={say?.talk.rows(total) ?? ''} />
        {/if}
      </button>
      <p class="sr-only" aria-live="polite" aria-atomic="true" data-testid="count" data-kept={at.unkept ? 'no' : 'yes'}>
        <Counting text="{done} of {total} rows" />{at.refused ? ', the last not kept yet' : ''}
      </p>
      {#if hand.elsewhere}
        <ElsewhereNote ontake={hand.take} />
      {/if}

      {#if stand.onFace.length > 0}
        <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
          {#if next.do === 'confirm' && moments.length > 1}
            <MomentBar at={moment} count={moments.length} onmove={stand.toMoment} />
          {/if}
          <WordsHere texts={stand.onFace} />
        </div>
      {/if}
      {#if say && (told.length > 0 || next.do !== 'confirm' || moments.length < 2)}
        <CueBar
          {told}
          {say}
          {coming}
          first={turning && rows < 12 ? ahead[0] : undefined}
          done={next.do === 'done'}
          onheard={(cue) => reminders.acknowledge(cue)}
          onlater={(cue) => reminders.putOff(cue, rows)}
        />
      {/if}

      {#if say && leg && stand.shapes && !hand.elsewhere}
        <EdgeAsk {result} {say} {leg} {inPiece} onset={() => (asking = 'rows')} />
      {/if}

      {#if crankLink.name && (waiting > 0 || doubtful !== null)}
        <SensorNote
          {waiting}
          {doubtful}
          {row}
          turns={next.do === 'row'}
          onmissed={() => {
            doubtful = null;
            forward();
          }}
          onnone={() => (doubtful = null)}
        />
      {/if}
      {#if say && open.length > 0}
        <PutOffNote
          {open}
          since={(step) => stand.turnOf(step.at)}
          titleOf={(step) => stand.titleOf(step.step)}
          ondone={({ step, at }) => did({ do: 'late', step, at })}
        />
      {/if}
      {#if say && troubles.list[0]}
        <p
          class="rounded-box border-2 border-warning bg-warning/15 px-4 py-2 text-base md:text-lg"
          data-testid="repeated"
        >
          {say.words.repeated(troubles.list[0], say.talk)}
        </p>
      {/if}
      {#if restAfter !== null && stretch.minutes >= restAfter}
        <RestNote minutes={stretch.minutes} onputoff={stretch.putOff} />
      {/if}
      <CrankBar
        undoable={at.progress.undoable && !hand.elsewhere}
        elsewhere={hand.elsewhere}
        {canFault}
        lifting={next.do === 'lift'}
        pictures={moments.length > 1}
        awake={screen.awake}
        onundo={back}
        canPass={next.do === 'confirm' && !next.join && !hand.elsewhere}
        onpass={() => (asking = 'pass')}
        oncount={() => (asking = 'rows')}
        onlifted={() => next.do === 'lift' && did({ do: 'row', yarn: next.step.yarnId ?? '' })}
        onfault={() => (asking = 'fault')}
      />
    </section>
  </div>
{/if}

<CrankDialogs {stand} bind:asking {did} />
