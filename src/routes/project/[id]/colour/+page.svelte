<script lang="ts">
  import { fitTo } from '$lib/core/colour';
  import { type Look, lookAt, looksOf } from '$lib/core/look';
  import { phased } from '$lib/core/phased';
  import { yarnName } from '$lib/core/kit';
  import ColourFiles from '$lib/ui/colour/ColourFiles.svelte';
  import ColourTube from '$lib/ui/colour/ColourTube.svelte';
  import { ColourDesk } from '$lib/ui/colour/desk.svelte';
  import LeftoversPanel from '$lib/ui/colour/LeftoversPanel.svelte';
  import PalettePanel from '$lib/ui/colour/PalettePanel.svelte';
  import PhasePanel from '$lib/ui/colour/PhasePanel.svelte';
  import RulePanel from '$lib/ui/colour/RulePanel.svelte';
  import SectionList from '$lib/ui/colour/SectionList.svelte';
  import SectionTools from '$lib/ui/colour/SectionTools.svelte';
  import SeeingPanel from '$lib/ui/colour/SeeingPanel.svelte';
  import { sightOf, type Sight } from '$lib/ui/colour/sight';
  import SharePieces from '$lib/ui/colour/SharePieces.svelte';
  import ShowsTable from '$lib/ui/colour/ShowsTable.svelte';
  import YarnAlong from '$lib/ui/colour/YarnAlong.svelte';
  import { FATE_WORDS, LOOK_WORDS } from '$lib/ui/colour/words';
  import { finishedScene } from '$lib/draw/finished';
  import ScenePicture from '$lib/ui/picture/ScenePicture.svelte';
  import FindingNote from '$lib/ui/finding/FindingNote.svelte';
  import PieceTabs from '$lib/ui/picture/PieceTabs.svelte';
  import WornView from '$lib/ui/picture/WornView.svelte';
  import YarnDot from '$lib/ui/yarn/YarnDot.svelte';
  import { useProject } from '$lib/ui/state/context';

  const at = useProject();
  const desk = new ColourDesk(at);
  let sight = $state<Sight>('usual');
  const result = $derived(desk.result);
  /** How far into its phases the ball of a long-phase yarn is begun, 0 to 1, by yarn. */
  let starts = $state.raw<Readonly<Record<string, number>>>({});
  /** The same thing in the colours that long-phase yarn gives it. */
  const painted = $derived(result && phased(result, starts));
  const small = $derived(painted ? finishedScene(painted, 240, 200, false) : null);
  let look = $state<Look>('worn');
  const looks = $derived(result ? looksOf(result) : []);
  const looked = $derived(painted && lookAt(painted, look));
  /** By yarn, not by its phases: the same reading where no yarn has any. */
  const counted = $derived(painted === result ? looked : result && lookAt(result, look));
  const yarns = $derived(at.kit?.yarns ?? []);
  const COLOUR_CODES = ['colours-short', 'colours-long', 'join-at-fold', 'stripe-gathered', 'stripes-hidden', 'yarn-short', 'yarn-scarce', 'hole-threaded', 'no-hole', 'yarn-thick', 'yarn-thin']; // prettier-ignore
  const findings = $derived(at.findings.filter((f) => COLOUR_CODES.includes(f.code)));
</script>

{#if result && at.kit}
  {#if result.plan.pieces.length === 0}
    <p class="p-8 text-center quiet">Nothing of this is knitted in rows: there are no sections to colour.</p>
  {:else}
    <div
      class="mx-auto grid max-w-[110rem] grid-cols-1 gap-4 px-3 py-4 sm:px-4 lg:grid-cols-[15rem_minmax(0,1fr)_minmax(0,1fr)]"
    >
      <section class="min-w-0 lg:sticky lg:top-20 lg:self-start" aria-label="The tube">
        {#if result.plan.pieces.length > 1}
          <PieceTabs {result} piece={desk.piece} onpiece={(p) => ((desk.piece = p), (desk.chosen = 0))} />
        {/if}
        <div class="flex gap-2">
          <div class="h-[30rem] w-60 shrink-0 lg:h-[calc(100dvh-13rem)] lg:w-full">
            <ColourTube {desk} {result} {painted} sight={sightOf(sight)} marked={sight !== 'usual'} />
          </div>
          {#if small}
            <!-- On a narrow screen the finished thing stands beside the tube, where the colours are set. -->
            <div class="min-w-0 flex-1 self-center lg:hidden"><ScenePicture scene={small} class="w-full" /></div>
          {/if}
        </div>
        <ul class="mt-2 flex flex-wrap gap-x-3 gap-y-1 text-xs" aria-label="What the strip beside the tube says">
          <li>plain: {FATE_WORDS.seen.toLowerCase()}</li>
          <li>hatched: {FATE_WORDS['turned-up'].toLowerCase()}</li>
          <li>dark: {FATE_WORDS.hidden.toLowerCase()}</li>
          <li>dotted: {FATE_WORDS.gathered.toLowerCase()}</li>
        </ul>
      </section>
      <section class="min-w-0 space-y-4" aria-label="Sections">
        <div class="sheet p-4">
          <h1 class="font-display text-2xl font-bold">
            <span class="numerals">{desk.total}</span> rows,
            <span class="numerals">{desk.sections.length}</span>
            {desk.sections.length === 1 ? 'section' : 'sections'}
          </h1>
          {#if desk.off !== 0}
            <p class="mt-2 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
              What was set here has {Math.abs(desk.off)} rows {desk.off > 0 ? 'more' : 'fewer'} than the piece.
              <button type="button" class="btn ml-1 btn-sm" onclick={() => desk.put(fitTo(desk.sections, desk.total))}
                >Fit it to {desk.total} rows</button
              >
            </p>
          {/if}
          <div class="mt-2 flex flex-wrap items-center gap-1.5" role="group" aria-label="Paint with">
            <span class="text-sm font-semibold">Paint with</span>
            <button
              type="button"
              class="btn btn-sm {desk.brush === null ? 'btn-neutral' : 'btn-quiet'}"
              aria-pressed={desk.brush === null}
              onclick={() => (desk.brush = null)}>nothing</button
            >
            {#each yarns as yarn (yarn.id)}
              <button
                type="button"
                class="flex min-h-9 items-center gap-1 rounded-lg border px-1.5 text-sm {desk.brush === yarn.id
                  ? 'border-2 border-base-content font-semibold'
                  : 'border-base-300'}"
                aria-pressed={desk.brush === yarn.id}
                onclick={() => (desk.brush = yarn.id)}
                ><YarnDot hex={yarn.colour.hex} size={18} />
                {yarn.colour.name}<span class="sr-only">, {yarnName(yarn)}</span></button
              >
            {/each}
          </div>
          <p class="mt-1 mb-2 text-sm quiet">
            Drag the grips beside the tube, or move them with the arrow keys. Click a section to choose it{desk.brush
              ? ' and paint it'
              : ''}.
          </p>
          <SectionTools {desk} {result} />
          <SectionList {desk} {yarns} />
          {#if desk.set}
            <button type="button" class="btn mt-2 btn-ghost btn-sm" onclick={() => desk.unset()}
              >Back to the colours of the plan</button
            >
          {/if}
        </div>
        <div class="unseen sheet p-4"><RulePanel {desk} {yarns} /></div>
        <div class="unseen sheet p-4"><LeftoversPanel {at} {desk} /></div>
      </section>
      <section class="min-w-0 space-y-4" aria-label="How it looks">
        <div class="sheet p-4">
          <h2 class="mb-1 text-lg font-semibold">What shows</h2>
          {#if looks.length > 1}
            <div class="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="Look at it">
              {#each looks as one (one)}
                <button
                  type="button"
                  class="btn btn-sm {look === one ? 'btn-neutral' : 'btn-quiet'}"
                  aria-pressed={look === one}
                  onclick={() => (look = one)}>{LOOK_WORDS[one]}</button
                >
              {/each}
            </div>
          {/if}
          {#if looked && counted}
            <WornView result={looked} />
            <ShowsTable result={counted} />
          {/if}
          {#each findings as finding, i (`${finding.code} ${i}`)}
            <div class="mt-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
          {/each}
        </div>
        {#if result.plan.pieces.length > 1}<div class="sheet p-4"><SharePieces {desk} {result} /></div>{/if}
        <div class="unseen sheet p-4"><SeeingPanel {desk} {yarns} {sight} onsight={(next) => (sight = next)} /></div>
        <div class="unseen sheet p-4"><PalettePanel {desk} {yarns} /></div>
        <div class="unseen sheet p-4"><YarnAlong {result} /></div>
        <PhasePanel {result} {starts} onstart={(id, share) => (starts = { ...starts, [id]: share })} />
        <div class="unseen sheet p-4"><ColourFiles {at} {desk} {result} /></div>
      </section>
    </div>
  {/if}
{/if}
