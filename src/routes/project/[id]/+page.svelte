<script lang="ts">
  import { withRefs } from '$lib/core/kinds/refs';
  import { kindOf } from '$lib/core/kinds';
  import type { Yarn } from '$lib/core/kit';
  import { askedIn } from '$lib/core/plan';
  import { cutsOf, isBlind, pieceAt, PLACE_WORDS } from '$lib/core/read';
  import { showFigure, wordFault } from '$lib/core/quantity';
  import { yarnLetter } from '$lib/draw/tube-parts';
  import { changeYarn } from '$lib/store/kit';
  import { figureName, speak } from '$lib/words';
  import FigureTile from '$lib/ui/figure/FigureTile.svelte';
  import FindingNote from '$lib/ui/finding/FindingNote.svelte';
  import MachinePanel from '$lib/ui/options/MachinePanel.svelte';
  import OptionGroups from '$lib/ui/options/OptionGroups.svelte';
  import OwnSteps from '$lib/ui/options/OwnSteps.svelte';
  import PatchPanel from '$lib/ui/options/PatchPanel.svelte';
  import PompomPanel from '$lib/ui/options/PompomPanel.svelte';
  import HangingTube from '$lib/ui/picture/HangingTube.svelte';
  import PaperTube from '$lib/ui/picture/PaperTube.svelte';
  import PieceTabs from '$lib/ui/picture/PieceTabs.svelte';
  import WornView from '$lib/ui/picture/WornView.svelte';
  import BusyNote from '$lib/ui/plan/BusyNote.svelte';
  import PlanHead from '$lib/ui/plan/PlanHead.svelte';
  import { swapIn } from '$lib/ui/plan/swap-in.svelte';
  import ShapingList from '$lib/ui/plan/ShapingList.svelte';
  import { notKept } from '$lib/ui/frame/keeping';
  import { useProject } from '$lib/ui/state/context';
  import { db } from '$lib/ui/state/db';
  import { later } from '$lib/ui/state/later.svelte';
  import StepList from '$lib/ui/steps/StepList.svelte';
  import CutList from '$lib/ui/yarn/CutList.svelte';
  import YarnTable from '$lib/ui/yarn/YarnTable.svelte';

  const at = useProject();
  swapIn(at);
  const result = $derived(at.result);
  // Pictures, lists and steps follow once the figures stand.
  const drawn = later(() => at.result);
  const listed = later(() => at.result);
  const pictured = $derived(drawn.value ?? result);
  const below = $derived(listed.value ?? result);
  const brief = $derived(at.project!.brief);
  const units = $derived(at.units);
  const habits = $derived(at.kit!.habits);
  let editing = $state.raw<Yarn | null>(null);
  let chosen = $state(0);
  // A part that an edit took away is no longer chosen.
  const piece = $derived(Math.min(chosen, Math.max(0, (result?.plan.pieces.length ?? 1) - 1)));
  const size = $derived(result?.sizes.pieces[piece]);
  const machineName = (id: string): string => at.kit!.machines.find((m) => m.id === id)?.name ?? '';

  // A finding stands beside its field; those whose field is not in view stand with the answer.
  const asked = $derived(askedIn(kindOf(brief.kind)!.options, brief.options).join(' '));
  const visible = $derived(new Set(asked.split(' ')));
  const findings = $derived(at.findings);
  const atField = $derived(findings.filter((f) => f.place.option !== undefined && visible.has(f.place.option)));
  const ofPompom = $derived(findings.filter((f) => f.code === 'button-slips' || f.fix?.change.pompom === null));
  const ofPatches = $derived(findings.filter((f) => f.code === 'patch-hidden'));
  const ofOwnSteps = $derived(findings.filter((f) => f.code === 'own-step-gone'));
  const loose = $derived(findings.filter((f) => ![...atField, ...ofPompom, ...ofPatches, ...ofOwnSteps].includes(f)));
  const serious = $derived(findings.filter((f) => f.weight !== 'note'));
  const faults = $derived(at.planned && !at.planned.ok ? at.planned.faults : []);
  // Height and width of a thing are those of its only piece: shown once.
  const finishedFigures = $derived(
    (result?.sizes.finished ?? []).filter(
      ({ figure }) => figure.because !== size?.lengthMm.because && figure.because !== size?.flatWidthMm.because
    )
  );
  const hidden = $derived(
    result?.reveal.shares.some((share) => share.place !== 'removed' && share.place !== 'plain') ?? false
  );
  const outside = $derived(result?.reveal.shares.filter((share) => share.place !== 'removed') ?? []);

  const wornTitle = $derived(
    result?.plan.worn?.form === 'panels'
      ? 'The pieces, to one scale'
      : (result?.reveal.turnRows ?? 0) > 0 || hidden
        ? 'What shows when it is worn'
        : 'How it will look'
  );

  async function keep(yarn: Yarn): Promise<string> {
    const fault = await notKept(() => changeYarn(db(), editing!, yarn));
    if (!fault) editing = null;
    return fault;
  }
  /** Puts the first machine and yarn of the kit where something is gone, also in places that are not asked just now. */
  function fillGaps(): void {
    const { machines, yarns } = at.kit!;
    const filled = withRefs(brief, ({ what, id }) => {
      const all = what === 'machine' ? machines : yarns;
      return all.some((each) => each.id === id) ? id : all[0]!.id;
    });
    at.edit({ machineId: filled.machineId, pompom: filled.pompom, options: filled.options });
  }
  function jumpTo(option: string | undefined): void {
    const field = document.getElementById(`option-${option}`);
    field?.scrollIntoView({ block: 'center' });
    field?.querySelector<HTMLElement>('input, button')?.focus();
  }
</script>

{#if result}
  <div
    class="mx-auto grid max-w-[110rem] grid-cols-[4rem_minmax(0,1fr)] gap-x-3 px-2 sm:px-4 lg:grid-cols-[15.5rem_minmax(0,1.25fr)_minmax(0,1fr)] lg:gap-x-5 print:block print:max-w-none print:px-0"
  >
    <aside class="tube-column print:hidden" aria-label="The hanging tube">
      <div class="h-full lg:hidden"><HangingTube result={pictured!} {piece} slim /></div>
      <div class="hidden h-full lg:block"><HangingTube result={pictured!} {piece} /></div>
    </aside>

    <PaperTube {result} {piece} />

    <section
      class="paper min-w-0 space-y-4 py-4 lg:col-start-2 lg:row-start-1 print:space-y-2 print:py-0"
      aria-label="The plan"
    >
      {#if faults.length}
        <div class="rounded-lg border-l-4 border-error bg-error/8 p-3" role="alert">
          <p class="font-semibold">This plan cannot be drafted; picture and figures still show the last sound one.</p>
          {#each faults as fault (fault.path)}<p class="text-sm">{wordFault(fault)}</p>{/each}
        </div>
      {/if}
      <div class="sheet p-4">
        <PlanHead {at} {result} {piece} {serious} isAtField={(f) => atField.includes(f)} onjump={jumpTo} />
        {#if result.plan.pieces.length > 1}
          <div class="mt-3 print:hidden"><PieceTabs {result} {piece} onpiece={(p) => (chosen = p)} /></div>
          {#if size}
            <p class="mt-2">
              <strong>{size.label}</strong>: {size.rows} rows on {pieceAt(result, piece).fabric.width} pins of {machineName(
                pieceAt(result, piece).planned.machineId
              )}{size.copies > 1 ? `, ${size.copies} alike` : ''}
            </p>
          {/if}
        {/if}
        {#if result.plan.worn}
          <div class="mt-2">
            <h2 class="sr-only">{wornTitle}</h2>
            <WornView result={pictured!} />
          </div>
        {/if}
        <div class="-mx-2 mt-2 grid grid-cols-2 sm:grid-cols-4" aria-label="Figures" role="group">
          {#if size}
            <FigureTile label="{size.label}, off the machine" figure={size.lengthMm} {habits} />
            <FigureTile
              label={result.outline.tubes[piece]?.flat ? 'Width' : 'Flat width'}
              figure={result.outline.tubes[piece]?.flat ? size.girthMm : size.flatWidthMm}
              {habits}
            />
          {/if}
          {#if size && result && isBlind(result, piece)}
            <FigureTile label="As it hangs" figure={size.hangsMm} {habits} />
          {/if}
          {#each finishedFigures as named (named.code)}
            <FigureTile label={figureName(named)} figure={named.figure} {habits} />
          {/each}
          <FigureTile label="Time with finishing" figure={result.pace.all} {habits} />
        </div>
        {#each loose as finding, i (`${finding.code} ${i}`)}
          <div class="mt-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
        {/each}
      </div>

      {#if result.reveal.turnRows > 0 || hidden}
        <div class="sheet p-4">
          <h2 class="text-lg font-semibold">{wornTitle}</h2>
          <ul class="mt-1 grid gap-x-6 gap-y-0.5 text-sm sm:grid-cols-2">
            {#each outside as share (`${share.piece} ${share.place} ${share.yarn}`)}
              <li class="flex items-baseline gap-2">
                <span class="w-8 text-right numerals font-semibold">{share.rows}</span>
                <span
                  >rows of {result.yarns[share.yarn]!.colour.name} ({yarnLetter(share.yarn)}), {PLACE_WORDS[
                    share.place
                  ]}</span
                >
              </li>
            {/each}
          </ul>
        </div>
      {/if}

      <ShapingList result={below!} />

      <div class="unseen sheet p-4">
        <h2 class="mb-1 text-lg font-semibold">Yarn</h2>
        <YarnTable uses={below!.yarnUse} yarns={below!.yarns} {units} projectId={at.project!.id} />
        <CutList cuts={cutsOf(below!)} {units} say={speak(below!)} />
      </div>
    </section>

    <section
      class="col-start-2 min-w-0 space-y-4 py-4 lg:col-start-3 lg:row-span-2 lg:row-start-1 print:hidden"
      aria-label="Choices"
    >
      <h2 class="sr-only">Choices</h2>
      <MachinePanel {at} />
      <BusyNote {at} />
      {#if at.project!.knowledge && at.progress.rows > 0}
        <p class="flex flex-wrap items-center gap-x-3 gap-y-1 px-1 text-sm quiet">
          Keeps the gauge it was begun with, whatever other pieces teach meanwhile.
          <button type="button" class="btn btn-quiet btn-sm" onclick={() => at.learnAnew()}
            >Plan with what is known now</button
          >
        </p>
      {/if}
      <OptionGroups {at} findings={atField} onyarn={(yarn) => (editing = yarn)} />
      <PompomPanel {at} findings={ofPompom} />
      {#if result.plan.pieces.length > 0}<PatchPanel {at} findings={ofPatches} />{/if}
      <fieldset class="sheet p-4">
        <legend class="-ml-1 rounded bg-base-100 px-2 font-display text-lg font-semibold">Your own steps</legend>
        <p class="quiet">In your words: after a row at the crank, before a step of the finishing, or at the end.</p>
        <OwnSteps {at} say={speak(result)} findings={ofOwnSteps} />
      </fieldset>
    </section>

    <section
      class="paper far-below col-start-2 min-w-0 pb-10 lg:col-start-2 lg:row-start-2 print:clear-both print:pb-0"
      aria-label="Steps"
    >
      <div class="sheet p-4" data-many-pieces={result.plan.pieces.length > 2 ? '' : undefined}>
        <h2 class="mb-2 text-lg font-semibold">Every step, {showFigure(below!.pace.all, units)}</h2>
        <StepList result={below!} />
      </div>
    </section>
  </div>
{:else if faults.length}
  <div class="mx-auto max-w-3xl space-y-4 px-4 py-4">
    <div class="rounded-lg border-l-4 border-error bg-error/8 p-3" role="alert">
      <p class="font-semibold">This plan cannot be drafted as it stands. What is marked below needs another choice.</p>
      {#each faults as fault (fault.path)}<p class="text-sm">{wordFault(fault)}</p>{/each}
    </div>
    {#if faults.some((fault) => fault.code === 'unknown-id')}
      <button type="button" class="btn btn-primary" onclick={fillGaps}>Fill every gap with what is there</button>
    {/if}
    <MachinePanel {at} />
    <OptionGroups {at} findings={[]} onyarn={(yarn) => (editing = yarn)} />
  </div>
{/if}

{#if editing}
  {@const yarn = editing}
  {#await import('$lib/ui/yarn/YarnDialog.svelte') then { default: YarnDialog }}
    <YarnDialog {yarn} kit={at.kit!} onsave={keep} onclose={() => (editing = null)} />
  {/await}
{/if}
