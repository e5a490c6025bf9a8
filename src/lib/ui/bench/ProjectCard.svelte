<script lang="ts">
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import Trash from '@lucide/svelte/icons/trash';
  import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
  import { cuesAhead, legAt, trackOf, workCount } from '$lib/core/read';
  import { finishedScene } from '$lib/draw/finished';
  import { showFigure } from '$lib/core/quantity';
  import { kindOf } from '$lib/core/kinds';
  import type { Kit } from '$lib/core/kit';
  import type { Result } from '$lib/core/tomble';
  import { planOf } from '$lib/store/plans';
  import type { Progress } from '$lib/store/records/crank-event';
  import type { Project } from '$lib/store/records/project';
  import { speak } from '$lib/words';
  import { paths } from '../paths';
  import { inView } from '../frame/in-view';
  import { turn } from '../frame/turn';
  import { nextOf } from './next';
  import HangingTube from '../picture/HangingTube.svelte';
  import ScenePicture from '../picture/ScenePicture.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    project: Project;
    kit: Kit | null;
    /** How far it is; null while that is looked up. */
    progress: Progress | null;
    /** Drawn large, with the next thing to do: for what hangs on a machine now. */
    large?: boolean;
    ondelete: () => void;
  }
  let { project, kit, progress: far, large = false, ondelete }: Props = $props();
  let seen = $state(false);
  /** The plan: undefined until the card comes into view, null where it cannot be made. */
  let result = $state.raw<Result | null | undefined>(undefined);
  $effect(() => {
    if (!seen || !kit || !far) return;
    const [own, of] = [kit, project];
    let gone = false;
    // What hangs on a machine is looked for first; its plan is known already.
    void (far.rows > 0 ? Promise.resolve() : turn()).then(() => {
      if (!gone) result = planOf(own, of);
    });
    return () => (gone = true);
  });
  const progress = $derived(far ?? { rows: 0, ticks: 0, undoable: false });
  const say = $derived(result ? speak(result) : null);
  const track = $derived(result ? trackOf(result) : null);
  const rows = $derived(track?.workRows ?? 0);
  const worked = $derived(track ? workCount(track, progress.rows) : 0);
  const leg = $derived(track ? legAt(track, progress.rows) : undefined);
  const finished = $derived(result ? finishedScene(result, 120, 90, false) : null);
  const begun = $derived(progress.rows > 0);
  const done = $derived(track !== null && begun && progress.rows >= track.rows);
  const next = $derived(nextOf(project.id, progress.rows, track));
  const coming = $derived(
    track && begun && !done ? cuesAhead(track, progress.rows).find((cue) => cue.inRows > 0) : undefined
  );
  const toMend = $derived(result?.findings.filter((f) => f.weight !== 'note').length ?? 0);
</script>

<article
  {@attach inView(() => (seen = true))}
  class="card-in-turn flex gap-4 sheet p-4 {large ? 'md:col-span-2' : ''}"
  aria-labelledby="p-{project.id}"
>
  <div class="shrink-0 {large ? 'h-60 w-20 sm:w-32' : 'h-44 w-20'}">
    {#if result}{#if leg}<HangingTube
          {result}
          piece={begun ? leg.piece : 0}
          slim
          rowsDone={begun ? progress.rows - leg.offset : null}
        />{:else if finished}<ScenePicture scene={finished} class="w-full" />{/if}{/if}
  </div>
  <div class="flex min-w-0 flex-1 flex-col">
    <h3 id="p-{project.id}" class="text-lg leading-snug font-semibold">
      <a class="hover:underline" href={paths.plan(project.id)}>{project.brief.name}</a>
    </h3>
    {#if result}
      <p class="mt-1 numerals">
        {#if begun && !done}<span class="font-bold {large ? 'text-5xl' : 'text-3xl'}">{worked}</span> of {rows} rows{:else}{rows}
          {rows === 1 ? 'row' : 'rows'}, {showFigure(result.pace.all, result.kit.habits.units)}{/if}
      </p>
      <ul class="mt-1 flex flex-wrap gap-x-3 text-sm">
        {#each result.yarnUse as use, i (use.yarnId)}
          <li class="flex items-center gap-1.5">
            <YarnDot hex={result.yarns[i]!.colour.hex} size={16} />
            {result.yarns[i]!.colour.name}
            {showFigure(use.grams, result.kit.habits.units)}
          </li>
        {/each}
      </ul>
      {#if large && coming}<p class="mt-2">
          <strong class="numerals">In {coming.inRows} {coming.inRows === 1 ? 'row' : 'rows'}:</strong>
          {say!.cue(coming)}
        </p>{/if}
      {#if toMend > 0 && !begun}<p class="mt-1 text-sm font-semibold">
          {toMend === 1 ? 'One thing to look at' : `${toMend} things to look at`}
        </p>{/if}
    {:else if result === null}
      <p class="mt-1 text-sm text-error">
        {kindOf(project.brief.kind)
          ? 'This plan needs a machine or yarn that is gone. Open it to choose another.'
          : 'Made by a newer version. It is kept whole; update Tomble to open it.'}
      </p>
    {/if}
    <div class="flex-1"></div>
    <div class="mt-2 flex items-center gap-2">
      <a class="btn {begun ? 'btn-primary' : ''}" href={next.href}>{next.label} <ChevronRight class="size-4" /></a>
      <span class="min-w-0 flex-1 truncate text-sm quiet {large ? 'max-sm:invisible' : 'invisible'}"
        >{formatDistanceToNow(new Date(project.updatedAt), { addSuffix: true })}</span
      >
      <button type="button" class="btn btn-square btn-ghost" aria-label="Delete {project.brief.name}" onclick={ondelete}
        ><Trash class="size-4" /></button
      >
    </div>
  </div>
  {#if finished && leg}
    <div class="-ml-2 w-22 shrink-0 max-sm:hidden" aria-hidden="true">
      <ScenePicture scene={finished} class="w-full" />
    </div>
  {/if}
</article>
