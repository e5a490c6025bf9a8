<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import { notKept } from '$lib/ui/frame/keeping';
  import { tell } from '$lib/ui/frame/tell.svelte';
  import { goto } from '$app/navigation';
  import { kindOf } from '$lib/core/kinds';
  import { legAt, measuredPiece, pieceAt, piecesOff, type Step, trackOf, waitsFor } from '$lib/core/read';
  import { showFigure } from '$lib/core/quantity';
  import OwnSteps from '$lib/ui/options/OwnSteps.svelte';
  import RestForm from '$lib/ui/finish/RestForm.svelte';
  import PhotoStrip from '$lib/ui/finish/PhotoStrip.svelte';
  import MeasureForm from '$lib/ui/finish/MeasureForm.svelte';
  import HangingTube from '$lib/ui/picture/HangingTube.svelte';
  import StepPicture from '$lib/ui/picture/StepPicture.svelte';
  import WornView from '$lib/ui/picture/WornView.svelte';
  import { paths } from '$lib/ui/paths';
  import { useProject } from '$lib/ui/state/context';
  import { foldedInsideOut } from '$lib/store/old-fold';
  import { speak } from '$lib/words';

  const at = useProject();
  const result = $derived(at.result);
  const steps = $derived(result?.steps.filter((step) => step.phase === 'finish') ?? []);
  const ticked = $derived(new Set(at.ticked));
  const say = $derived(result ? speak(result) : null);
  const left = $derived(steps.filter((step) => !ticked.has(step.id)).length);
  const current = $derived(steps.find((step) => !ticked.has(step.id))?.id);
  /** What a step that was passed over is called; a plan that was changed may have lost it. */
  function passedTitle(id: string): string {
    const step = result?.steps.find((s) => s.id === id);
    return step && say ? say.step(step).title : id;
  }
  const minutes = (n: number): string => (n < 1.5 ? 'a minute' : `${Math.round(n)} minutes`);
  const missing = $derived(result ? trackOf(result).rows - at.progress.rows : 0);
  // While rows are missing the part on the machine hangs here, afterwards the first one, whole.
  const off = $derived(result ? piecesOff(trackOf(result), at.progress.rows) : new Set<number>());
  /** Pieces a step waits for, by their labels; none once all is off, and none where nothing was cranked yet. */
  const waiting = (step: Step): string[] =>
    result && missing > 0 ? waitsFor(step, off).map((p) => pieceAt(result, p).planned.label) : [];
  const kind = $derived(kindOf(at.project!.brief.kind));
  // The fields of measuring stand in the first step that rests what is measured.
  const restStep = $derived(steps.find((s) => s.what.say === 'act' && s.what.did.do === 'rest')?.id);
  const leg = $derived(result && missing > 0 ? legAt(trackOf(result), at.progress.rows) : undefined);
</script>

{#if result && say}
  <div
    class="mx-auto grid max-w-[110rem] grid-cols-[3.5rem_minmax(0,1fr)] gap-x-4 px-2 sm:px-4 lg:grid-cols-[15.5rem_minmax(0,1fr)_minmax(0,1fr)]"
  >
    <aside class="tube-column" aria-label="The tube">
      <div class="h-full lg:hidden">
        <HangingTube {result} slim piece={leg?.piece ?? 0} rowsDone={leg ? at.progress.rows - leg.offset : null} />
      </div>
      <div class="hidden h-full lg:block">
        <HangingTube {result} piece={leg?.piece ?? 0} rowsDone={leg ? at.progress.rows - leg.offset : null} />
      </div>
    </aside>
    <section class="min-w-0 py-4" aria-label="Finishing">
      {#if missing > 0}
        <p class="mb-4 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
          {missing} rows are still to be cranked.
          <a class="font-semibold underline" href={paths.crank(at.project!.id)}>Back to the crank</a>
        </p>
      {/if}
      <h1 class="text-2xl font-semibold">
        {result.plan.pieces.length ? 'Close it' : 'Make it'}, {showFigure(result.pace.finishing, at.units)}
      </h1>
      <p class="quiet" aria-live="polite">{left === 0 ? 'All done.' : `${left} of ${steps.length} to do`}</p>
      {#if foldedInsideOut([...ticked], steps)}
        <p class="mt-3 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
          This hat was folded before its steps were corrected: its outside lies within. Go on as it is; when all is
          done, turn the whole hat right side out.
        </p>
      {/if}
      <ol class="mt-3 space-y-2">
        {#each steps as step, i (step.id)}
          {@const done = ticked.has(step.id)}
          {@const said = say.step(step)}
          <li>
            <label
              class="flex cursor-pointer gap-3 rounded-box border-2 p-3 {done
                ? 'border-base-300 bg-base-200'
                : step.id === current
                  ? 'border-primary bg-base-100'
                  : 'border-base-300 bg-base-100'}"
            >
              <input
                type="checkbox"
                class="peer sr-only"
                checked={done}
                onchange={(e) => at.tick(step.id, e.currentTarget.checked)}
              />
              <span
                class="flex size-9 shrink-0 items-center justify-center rounded-full border-2 numerals font-bold peer-focus-visible:outline-3 peer-focus-visible:outline-offset-2 peer-focus-visible:outline-accent {done
                  ? 'border-success bg-success text-success-content'
                  : 'border-base-content/50'}"
                aria-hidden="true"
                >{#if done}<Check class="size-5" />{:else}{i + 1}{/if}</span
              >
              <span class="min-w-0 flex-1">
                <span class="block text-lg leading-snug font-semibold">{said.title}</span>
                {#if !done && waiting(step).length}<span class="block text-sm font-semibold"
                    >Waits for: {waiting(step).join(', ')}</span
                  >{/if}
                {#if !done}
                  <span class="block quiet">{said.detail}</span>
                  {#if said.why}<span class="mt-1 block text-sm quiet italic">{said.why}</span>{/if}
                  <span class="mt-1 block text-sm quiet">about {minutes(step.minutes * step.copies)}</span>
                {/if}
                {#if step.id === current && step.act !== null}<StepPicture
                    {result}
                    {say}
                    act={step.act}
                    large
                    class="mt-2 max-sm:-ml-12"
                  />{/if}
              </span>
            </label>
            {#if step.id === restStep && measuredPiece(result) !== null}
              <RestForm
                {result}
                {say}
                rested={at.project!.rested}
                onrest={(rested) => at.rest(rested)}
                split={kind?.remeasured
                  ? (rows, mm) => kind.remeasured!(at.result!.brief.options as never, rows, mm)
                  : null}
                onsplit={(options) => at.edit({ options })}
              />
            {/if}
          </li>
        {/each}
      </ol>
      {#if at.progress.passed.length > 0}
        <div class="mt-4 sheet p-4" data-testid="passed">
          <h2 class="text-lg font-semibold">Not done at the crank</h2>
          <ul class="mt-1 space-y-1">
            {#each at.progress.passed as passed (`${passed.step} ${passed.at}`)}
              <li>
                {passedTitle(passed.step)}: {say.words.passed[passed.why].label.toLowerCase()}{passed.said
                  ? `, “${passed.said}”`
                  : ''}
                {#if passed.why === 'later'}
                  <button
                    type="button"
                    class="btn ml-2 btn-quiet btn-sm"
                    onclick={() => at.crank({ do: 'late', step: passed.step, at: passed.at })}>Done now</button
                  >
                {/if}
              </li>
            {/each}
          </ul>
        </div>
      {/if}
      <OwnSteps {at} {say} />
      <p class="mt-3 text-sm quiet">Needles and scissors: the usual care. Nothing hot on synthetic fibre; it melts.</p>
    </section>
    <section class="col-start-2 min-w-0 space-y-4 py-4 lg:col-start-3" aria-label="Measuring">
      <div class="sheet p-4">
        <h2 class="text-lg font-semibold">How it should look</h2>
        <WornView {result} />
      </div>
      <MeasureForm
        {result}
        units={at.units}
        measured={at.project!.measured}
        rested={at.project!.rested}
        id={at.project!.id}
        onsave={async (measured) => {
          const fault = await notKept(() => at.measure(measured));
          if (fault) return fault;
          void tell('Kept in the log');
          // The draft is let go before the page is.
          setTimeout(() => void goto(paths.log));
          return '';
        }}
      />
      <PhotoStrip projectId={at.project!.id} />
    </section>
  </div>
{/if}
