<script lang="ts">
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import { goto } from '$app/navigation';
  import {
    ANNOUNCE_ROWS,
    cuesAhead,
    joinMomentsOf,
    legAt,
    minutesLeft,
    momentsOf,
    nextAt,
    rowsAMinute,
    rowsPerMinute,
    trackOf,
    workCount,
    workIn,
    type Step
  } from '$lib/core/read';
  import { keepAwake } from '$lib/ui/crank/awake.svelte';
  import { holdCrank } from '$lib/ui/crank/held.svelte';
  import type { CrankAction } from '$lib/store/records/crank-event';
  import { calls } from '$lib/ui/crank/calls.svelte';
  import ConfirmFace from '$lib/ui/crank/ConfirmFace.svelte';
  import BusyNote from '$lib/ui/plan/BusyNote.svelte';
  import CueBar from '$lib/ui/crank/CueBar.svelte';
  import CountDialog from '$lib/ui/crank/CountDialog.svelte';
  import CrankBar from '$lib/ui/crank/CrankBar.svelte';
  import FaultDialog from '$lib/ui/crank/FaultDialog.svelte';
  import MomentBar from '$lib/ui/crank/MomentBar.svelte';
  import RestNote from '$lib/ui/crank/RestNote.svelte';
  import RowFace from '$lib/ui/crank/RowFace.svelte';
  import SensorNote from '$lib/ui/crank/SensorNote.svelte';
  import { crankKeys } from '$lib/ui/crank/crank-keys.svelte';
  import { Reminders } from '$lib/ui/crank/reminders.svelte';
  import PassDialog from '$lib/ui/crank/PassDialog.svelte';
  import PutOffNote from '$lib/ui/crank/PutOffNote.svelte';
  import WordsHere from '$lib/ui/crank/WordsHere.svelte';
  import { watchStretch } from '$lib/ui/crank/stretch.svelte';
  import { watchTroubles } from '$lib/ui/crank/troubles.svelte';
  import HangingTube from '$lib/ui/picture/HangingTube.svelte';
  import { crankLink } from '$lib/ui/devices/connected.svelte';
  import { paths } from '$lib/ui/paths';
  import { useProject } from '$lib/ui/state/context';
  import { speak } from '$lib/words';
  import { faceSentences } from '$lib/words/crank';

  const at = useProject();
  const screen = keepAwake();
  const own = $derived(at.project!.id);
  const hand = holdCrank(() => own);
  const result = $derived(at.result);
  const track = $derived(result ? trackOf(result) : { legs: [], rows: 0, workRows: 0 });
  const total = $derived(track.workRows);
  const next = $derived(nextAt(track, at.progress));
  const ahead = $derived(cuesAhead(track, at.progress.rows));
  const reminders = new Reminders();
  const due = $derived(ahead.filter((cue) => cue.inRows === 0 && at.progress.rows > 0));
  /** The step whose words stand on the large face. */
  const face = $derived(next.do === 'confirm' ? next.step : next.do === 'lift' ? next.lift : null);
  // Work of the hands stands on the large face until it is done; it is not said a second time below, nor after it.
  const told = $derived(
    reminders.due(
      due.filter((cue) => !('what' in cue.facts)),
      at.progress.rows
    )
  );
  const coming = $derived(ahead.find((cue) => cue.inRows > 0));
  const yarn = $derived(
    next.do === 'done' ? undefined : result?.yarns[result.fabric.yarns.indexOf(next.step.yarnId ?? '')]
  );
  const rows = $derived(at.progress.rows);
  // Waste never counts: what is shown is the work, from its first row.
  const done = $derived(workCount(track, rows));
  const leg = $derived(next.do === 'done' ? legAt(track, rows) : next.leg);
  const inPiece = $derived(leg ? Math.min(leg.rows, Math.max(0, rows - leg.offset)) : 0);
  const inWork = $derived(leg ? workIn(leg, rows) : 0);
  const turning = $derived(next.do === 'row' || next.do === 'lift' ? next : null);
  const several = $derived(track.legs.length > 1);
  const section = $derived(turning?.step.what.say === 'knit' ? turning.step.what.facts.section : '');
  const say = $derived(result ? speak(result) : null);
  const asked = $derived(say && face ? say.step(face) : null);
  const row = $derived(say?.talk.terms.row ?? 'row');
  /** What the hand does in the step that stands on the face, one picture after the other. */
  const moments = $derived.by(() => {
    if (!result || !face) return [];
    if (next.do === 'lift') return momentsOf(result, face, next.pin);
    return next.do === 'confirm' && next.join ? joinMomentsOf(result, face) : momentsOf(result, face);
  });
  /** The picture the hand is at; a new thing to do begins with its first. */
  let turned = $state({ of: '', to: 0 });
  const shownFor = $derived(face ? `${rows} ${face.id} ${next.do === 'confirm' && next.join}` : '');
  const moment = $derived(turned.of === shownFor ? Math.min(turned.to, Math.max(0, moments.length - 1)) : 0);
  const toMoment = (to: number): void => {
    if (to >= 0 && to < moments.length) turned = { of: shownFor, to };
  };
  /** Sentences that stand on the large button, which holds no doors. */
  const onFace = $derived(say ? faceSentences(say, next, asked, moments[moment]) : []);
  const oneSection = $derived(turning?.ofSection === leg?.workRows);
  const legName = $derived(leg ? `${leg.label}${leg.copies > 1 ? ` ${leg.copy} of ${leg.copies}` : ''}` : '');
  const where = $derived(
    `${several ? `${legName}: ` : ''}${
      inWork === 0
        ? `before the first ${row}`
        : inWork >= (leg?.workRows ?? 0)
          ? `after the last ${row}`
          : `after ${row} ${inWork}`
    }`
  );
  const heading = $derived(
    !several ? section : section === leg?.label || oneSection ? legName : `${legName}, ${section}`
  );
  /** When the last rows were done, the latest last: a look back that does not grow with the piece. */
  function times(most: number): number[] {
    const found: number[] = [];
    for (let i = at.events.length - 1; i >= 0 && found.length < most; i--) {
      const event = at.events[i]!;
      if (event.what.do === 'row') found.push(Date.parse(event.at));
    }
    return found.reverse();
  }
  /** Something can go wrong in the work only once a row of it hangs. */
  const canFault = $derived(!hand.elsewhere && inWork > 0);
  const stretch = watchStretch(times, () => at.progress);
  const restAfter = $derived(at.kit?.habits.restMinutes ?? null);
  /** Read from the steps of the plan; what the hand does now counts for the kind of work it does now. */
  const minutes = $derived.by(() => {
    const told = rowsPerMinute(times(Math.min(60, inPiece)));
    const toAndFro = Boolean(leg?.turns);
    return minutesLeft(
      track,
      rows,
      told === null ? null : { faster: told / rowsAMinute(result!.kit.habits, !toAndFro), toAndFro }
    );
  });
  let jumping = $state<false | 'rows' | 'ripped'>(false);
  let faulty = $state(false);
  const troubles = watchTroubles(
    () => at.project!,
    () => at.progress.faults.map(({ fault }) => fault),
    () => result
  );
  /** The step that is not done now, while it is asked why. */
  let passing = $state(false);
  const open = $derived(at.progress.passed.filter(({ why }) => why === 'later'));
  const stepOf = (id: string): Step | undefined => track.legs.flatMap((l) => l.steps).find((step) => step.id === id);
  /** After which row the turn of a step had been, of which piece. */
  function turnOf(rows: number): string {
    const of = legAt(track, rows);
    const work = of ? workIn(of, rows) : 0;
    return `${row} ${work}${several && of ? ` of ${of.label}` : ''}`;
  }

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
    const now = nextAt(track, at.progress);
    const fresh = reminders.uncalled(told);
    if (fresh.length > 0) calls.out('due', fresh.map((cue) => say?.cue(cue)).join(' '));
    else if (now.do === 'confirm') calls.out('due', asked?.title ?? '');
    else if (coming?.inRows === ANNOUNCE_ROWS) calls.out('near', `In ${say?.talk.rows(coming.inRows)}: ${say?.cue(coming)}`); // prettier-ignore
  }

  crankKeys({
    forward,
    back,
    next: () => toMoment(moment + 1),
    before: () => toMoment(moment - 1),
    count: () => (jumping = hand.elsewhere ? false : 'rows'),
    fault: () => (faulty = canFault)
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
            {where}
            piece={next.leg.piece}
            title={next.join ? say.words.changeYarn(say.talk) : asked.title}
            words={next.join ? (asked.before ?? '') : asked.detail}
            moment={moments[moment]}
            hex={yarn?.colour.hex}
          />
        {:else if turning && say}
          <RowFace
            {result}
            {say}
            next={turning}
            {heading}
            {minutes}
            {done}
            {total}
            moment={moments[moment]}
            unkept={at.unkept > 0}
            pieces={{ several, oneSection, inWork }}
          />
        {:else}
          <span class="mt-3 font-display text-4xl font-bold md:text-6xl">Off the machine</span>
          <span class="mt-3 text-xl">{say?.talk.rows(total)}, all done. Now it is closed by hand.</span>
          <span class="flex-1"></span>
          <span class="flex items-center gap-3 text-lg font-semibold"
            >To the finishing <ArrowRight class="size-6" /></span
          >
        {/if}
      </button>
      <p class="sr-only" aria-live="polite" data-testid="count" data-kept={at.unkept ? 'no' : 'yes'}>
        {done} of {total} rows{at.refused ? ', the last not kept yet' : ''}
      </p>
      {#if hand.elsewhere}
        <div
          class="flex flex-wrap items-center gap-3 rounded-box border-2 border-warning bg-warning/15 px-4 py-2.5"
          role="alert"
        >
          <p class="min-w-48 flex-1 text-lg">This piece is cranked in another window. The count here follows it.</p>
          <button type="button" class="btn btn-primary" onclick={hand.take}>Crank here instead</button>
        </div>
      {/if}

      {#if onFace.length > 0}
        <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
          {#if next.do === 'confirm' && moments.length > 1}
            <MomentBar at={moment} count={moments.length} onmove={toMoment} />
          {/if}
          <WordsHere texts={onFace} />
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
          since={(step) => turnOf(step.at)}
          titleOf={(step) => (stepOf(step.step) ? say.step(stepOf(step.step)!).title : step.step)}
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
        onpass={() => (passing = true)}
        oncount={() => (jumping = 'rows')}
        onlifted={() => next.do === 'lift' && did({ do: 'row', yarn: next.step.yarnId ?? '' })}
        onfault={() => (faulty = true)}
      />
    </section>
  </div>
{/if}

{#if passing && say && asked && next.do === 'confirm'}
  <PassDialog
    title={asked.title}
    {say}
    canWait={inPiece > 0 && inPiece < next.leg.rows}
    onpassed={(passed) => {
      did({ do: 'confirm', step: next.step.id, passed });
      passing = false;
    }}
    onclose={() => (passing = false)}
  />
{/if}
{#if faulty && result && say && leg}
  <FaultDialog
    {result}
    {say}
    {leg}
    {inPiece}
    ontold={(fault, mended) => {
      did({ do: 'fault', fault, at: leg.offset + fault.row, mended });
      faulty = false;
    }}
    ontear={() => ((faulty = false), (jumping = 'ripped'))}
    onclose={() => (faulty = false)}
  />
{/if}
{#if jumping && result && say && leg}
  <CountDialog
    start={jumping}
    {result}
    {say}
    {leg}
    {inPiece}
    what={several ? legName : ''}
    onset={(row, why) => {
      did({ do: 'jump', to: leg.offset + row, why });
      jumping = false;
    }}
    onclose={() => (jumping = false)}
  />
{/if}
