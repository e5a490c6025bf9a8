<script lang="ts">
  import Redo2 from '@lucide/svelte/icons/redo-2';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import { page } from '$app/state';
  import { sectionsOf } from '$lib/core/colour';
  import { allWorkRows, trackOf, workCount } from '$lib/core/read';
  import Counting from '../figure/Counting.svelte';
  import { paths } from '../paths';
  import type { ProjectState } from '../state/project.svelte';

  let { at }: { at: ProjectState } = $props();
  const id = $derived(at.project!.id);
  const rows = $derived(at.result ? allWorkRows(at.result) : 0);
  // Laid only where something hangs on the machine.
  const track = $derived(at.result ? trackOf(at.result) : null);
  const stages = $derived([
    { href: paths.plan(id), label: 'Plan' },
    ...(rows > 0 || !at.result
      ? [
          { href: paths.colour(id), label: 'Colour' },
          { href: paths.crank(id), label: 'Crank' }
        ]
      : []),
    { href: paths.finish(id), label: 'Finish' }
  ]);
  const current = $derived(stages.findIndex((stage) => stage.href === page.url.pathname));
  const colours = $derived(new Set(at.result?.plan.pieces.flatMap((p) => sectionsOf(p).map((s) => s.yarn))).size);
  const cranking = $derived(stages[current]?.label === 'Crank');
  // A short word under each stage says where it stands.
  const words: Readonly<Record<string, string>> = $derived({
    Colour: colours === 1 ? 'one yarn' : `${colours} yarns`,
    Plan: rows > 0 ? `${rows} rows` : 'by hand',
    Crank:
      at.progress.rows === 0
        ? 'not begun'
        : at.progress.rows >= (track?.rows ?? 0)
          ? 'all rows done'
          : `row ${workCount(track!, at.progress.rows)} of ${rows}`,
    Finish: at.project!.measured ? 'in the log' : 'closing, measuring'
  });
</script>

<div class="top-0 z-20 border-b border-base-300 bg-base-100 lg:sticky print:hidden {cranking ? 'snug:static' : ''}">
  <div
    class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-2 gap-y-1 px-4 py-2 max-sm:gap-y-0 max-sm:py-0.5 sm:gap-x-6 {cranking
      ? 'snug:py-0.5'
      : ''}"
  >
    <label class="order-1 flex min-w-48 flex-1 max-sm:w-full max-sm:flex-none {cranking ? 'max-sm:hidden' : ''}">
      <span class="sr-only">Name of the project</span>
      <!-- A long name takes a second line; it stays one line of text. -->
      <textarea
        class="-ml-1.5 field-sizing-content w-full resize-none rounded-md border border-transparent bg-transparent px-1.5 py-1 font-display text-2xl leading-tight font-semibold hover:border-base-300 focus:border-base-content max-sm:py-0.5 max-sm:text-lg"
        rows="1"
        value={at.project!.brief.name}
        maxlength="80"
        onkeydown={(e) => e.key === 'Enter' && e.preventDefault()}
        oninput={(e) => {
          const name = e.currentTarget.value.replace(/\s*\n\s*/g, ' ');
          if (name.trim()) at.edit({ name });
        }}></textarea>
    </label>
    <nav
      aria-label="Stages of the project"
      class="order-3 min-w-0 overflow-x-auto max-sm:-ml-2 max-sm:flex-1 max-sm:basis-40 sm:order-2"
    >
      <ol class="flex items-center">
        {#each stages as stage, i (stage.href)}
          {#if i > 0}<li
              aria-hidden="true"
              class="hidden border-t-2 border-dotted border-base-content/40 sm:block sm:w-10"
            ></li>{/if}
          <li>
            <a
              href={stage.href}
              aria-current={i === current ? 'step' : undefined}
              class="flex min-h-11 flex-col justify-center rounded-lg px-2 py-1 leading-tight max-[24rem]:px-1 sm:px-3 {i ===
              current
                ? 'bg-neutral text-neutral-content'
                : 'hover:bg-base-200'}"
            >
              <span class="font-semibold">{stage.label}</span>
              <span class="numerals text-xs max-sm:sr-only"><Counting text={words[stage.label] ?? ''} /></span>
            </a>
          </li>
        {/each}
      </ol>
    </nav>
    <div class="order-4 flex sm:order-3 {cranking ? 'snug:hidden' : ''}">
      <button
        type="button"
        class="btn btn-square btn-ghost"
        aria-label="Undo the last change of the plan"
        disabled={!at.project!.past.length}
        onclick={() => at.undo()}><Undo2 class="size-5" /></button
      >
      <button
        type="button"
        class="btn btn-square btn-ghost"
        aria-label="Redo"
        disabled={!at.project!.future.length}
        onclick={() => at.redo()}><Redo2 class="size-5" /></button
      >
    </div>
  </div>
</div>
