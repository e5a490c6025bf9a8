<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Lock from '@lucide/svelte/icons/lock';
  import LockOpen from '@lucide/svelte/icons/lock-open';
  import { lock, paint, reorder, setRows } from '$lib/core/colour';
  import { type Yarn, yarnName } from '$lib/core/kit';
  import { MOST_ROWS } from '$lib/core/plan';
  import { readCount, wordFault } from '$lib/core/quantity';
  import YarnDot from '../yarn/YarnDot.svelte';
  import type { ColourDesk } from './desk.svelte';
  import { FINGER_WORDS } from '../words/fingers';

  let { desk, yarns }: { desk: ColourDesk; yarns: readonly Yarn[] } = $props();
  let fault = $state('');
  const hex = (id: string): string => yarns.find((y) => y.id === id)?.colour.hex ?? '#888888';

  function rows(i: number, input: HTMLInputElement): void {
    const read = readCount(input.value, { field: `Rows of section ${i + 1}`, min: 1, max: MOST_ROWS });
    fault = read.ok ? '' : wordFault(read.fault);
    if (read.ok) desk.put(setRows(desk.sections, i, read.value));
    // Where the others had no more to give, the field shows what it got.
    if (read.ok) input.value = String(desk.sections[i]!.rows);
  }
</script>

<ol class="mt-3 max-h-[34rem] space-y-1 overflow-y-auto p-0.5" aria-label="Sections, from the cast-on up">
  {#each desk.sections as section, i (i)}
    <li
      class="unseen flex items-center gap-1.5 rounded-md px-1 [--unseen:3rem] max-sm:flex-wrap {i === desk.chosen
        ? 'bg-base-200 ring-1 ring-base-content/40'
        : ''}"
      aria-label="Section {i + 1}"
    >
      <button
        type="button"
        class="w-7 shrink-0 py-2 text-right numerals font-bold"
        aria-pressed={i === desk.chosen}
        aria-label="Choose section {i + 1}"
        onclick={() => (desk.chosen = i)}>{i + 1}</button
      >
      <YarnDot hex={hex(section.yarn)} size={22} />
      <select
        class="select h-10 min-w-0 flex-1 text-base max-sm:pl-2 max-sm:text-sm"
        aria-label="Yarn of section {i + 1}"
        value={section.yarn}
        onchange={(e) => desk.put(paint(desk.sections, i, e.currentTarget.value))}
      >
        {#each yarns as yarn (yarn.id)}<option value={yarn.id}>{yarnName(yarn)}</option>{/each}
      </select>
      <!-- While a border is dragged its rows change all the time: nothing around them is laid out for that. -->
      <span class="h-10 w-16 shrink-0"
        ><span class="block size-full [contain:size_layout]"
          ><input
            class="input size-full text-center numerals text-base"
            inputmode="numeric"
            aria-label="Rows of section {i + 1}"
            value={section.rows}
            onchange={(e) => rows(i, e.currentTarget)}
          /></span
        ></span
      >
      {#if section.hole !== undefined || section.fingers}
        <span
          class="shrink-0 text-xs leading-tight max-sm:order-last max-sm:flex max-sm:basis-full max-sm:gap-3 max-sm:pb-1 max-sm:pl-16"
          title="Tension of its own"
          >{#if section.hole !== undefined}<span class="block">hole {section.hole}</span>{/if}{#if section.fingers}<span
              class="block">{FINGER_WORDS[section.fingers]}</span
            >{/if}</span
        >
      {/if}
      <button
        type="button"
        class="btn btn-square btn-ghost btn-sm"
        aria-pressed={section.locked}
        aria-label={section.locked ? `Let section ${i + 1} give way` : `Keep the rows of section ${i + 1}`}
        onclick={() => desk.put(lock(desk.sections, i, !section.locked))}
      >
        {#if section.locked}<Lock class="size-4" />{:else}<LockOpen class="size-4 quiet" />{/if}
      </button>
      <div class="flex flex-col max-sm:hidden">
        <button
          type="button"
          class="btn btn-square btn-ghost btn-xs"
          aria-label="Knit section {i + 1} earlier"
          disabled={i === 0}
          onclick={() => desk.put(reorder(desk.sections, i, i - 1))}><ArrowUp class="size-3.5" /></button
        >
        <button
          type="button"
          class="btn btn-square btn-ghost btn-xs"
          aria-label="Knit section {i + 1} later"
          disabled={i === desk.sections.length - 1}
          onclick={() => desk.put(reorder(desk.sections, i, i + 1))}><ArrowDown class="size-3.5" /></button
        >
      </div>
    </li>
  {/each}
</ol>
<p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
