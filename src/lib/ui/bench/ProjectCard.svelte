<script lang="ts">
  import ChevronRight from '@lucide/svelte/icons/chevron-right';
  import Trash2 from '@lucide/svelte/icons/trash-2';
  import { formatDistanceToNow } from 'date-fns/formatDistanceToNow';
  import { showFigure } from '$lib/core/quantity';
  import type { Result } from '$lib/core/tomble';
  import type { Progress } from '$lib/store/records/crank-event';
  import type { Project } from '$lib/store/records/project';
  import { paths } from '../paths';
  import HangingTube from '../picture/HangingTube.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    project: Project;
    result: Result | null;
    progress: Progress;
    ondelete: () => void;
  }
  let { project, result, progress, ondelete }: Props = $props();
  const rows = $derived(result?.fabric.pieces[0]?.rows ?? 0);
  const begun = $derived(progress.rows > 0);
  const done = $derived(begun && progress.rows >= rows);
  const next = $derived(
    done
      ? { href: paths.finish(project.id), label: 'Finish it' }
      : begun
        ? { href: paths.crank(project.id), label: `Crank row ${progress.rows + 1}` }
        : { href: paths.plan(project.id), label: 'Open the plan' }
  );
  const toMend = $derived(result?.findings.filter((f) => f.weight !== 'note').length ?? 0);
</script>

<article class="bg-base-100 border-base-300 rounded-box flex gap-4 border p-4" aria-labelledby="p-{project.id}">
  <div class="h-44 w-20 shrink-0">{#if result}<HangingTube {result} slim rowsDone={begun ? progress.rows : null} />{/if}</div>
  <div class="flex min-w-0 flex-1 flex-col">
    <h3 id="p-{project.id}" class="text-lg leading-snug font-semibold">
      <a class="hover:underline" href={paths.plan(project.id)}>{project.brief.name}</a>
    </h3>
    {#if result}
      <p class="numerals mt-1">
        {#if begun && !done}<span class="text-3xl font-bold">{progress.rows}</span> of {rows} rows{:else}{rows} rows, {showFigure(result.pace.all, result.kit.habits.units)}{/if}
      </p>
      <ul class="mt-1 flex flex-wrap gap-x-3 text-sm">
        {#each result.yarnUse as use, i (use.yarnId)}
          <li class="flex items-center gap-1.5"><YarnDot hex={result.yarns[i]!.colour.hex} size={16} /> {result.yarns[i]!.colour.name} {showFigure(use.grams, result.kit.habits.units)}</li>
        {/each}
      </ul>
      {#if toMend > 0 && !begun}<p class="mt-1 text-sm font-semibold">{toMend === 1 ? 'One thing to look at' : `${toMend} things to look at`}</p>{/if}
    {:else}
      <p class="text-error mt-1 text-sm">This plan needs a machine or yarn that is gone. Open it to choose another.</p>
    {/if}
    <div class="flex-1"></div>
    <div class="mt-2 flex items-center gap-2">
      <a class="btn {begun ? 'btn-primary' : ''}" href={next.href}>{next.label} <ChevronRight class="size-4" /></a>
      <span class="quiet min-w-0 flex-1 truncate text-sm">{formatDistanceToNow(new Date(project.updatedAt), { addSuffix: true })}</span>
      <button type="button" class="btn btn-ghost btn-square" aria-label="Delete {project.brief.name}" onclick={ondelete}><Trash2 class="size-4" /></button>
    </div>
  </div>
</article>
