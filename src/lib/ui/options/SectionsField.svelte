<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash';
  import { type DndEvent, dragHandle, dragHandleZone } from 'svelte-dnd-action';
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import type { Yarn } from '$lib/core/kit';
  import type { Section } from '$lib/core/plan';
  import { readCount, wordFault } from '$lib/core/quantity';
  import YarnField from './YarnField.svelte';

  interface Props {
    label: string;
    value: readonly Section[];
    yarns: readonly Yarn[];
    onvalue: (sections: Section[]) => void;
  }
  let { label, value, yarns, onvalue }: Props = $props();

  // The list being dragged has ids; what is stored has none. They are kept while the list stays the same length.
  type Item = Section & { id: number };
  let dragged = $state.raw<Item[] | null>(null);
  const items = $derived(dragged ?? value.map((section, id) => ({ ...section, id })));
  let fault = $state('');

  const bare = (list: readonly Item[]): Section[] => list.map(({ yarn, rows }) => ({ yarn, rows }));
  const put = (at: number, change: Partial<Section>): void =>
    onvalue(value.map((s, i) => (i === at ? { ...s, ...change } : s)));
  function rows(at: number, text: string): void {
    const read = readCount(text, { field: `Stripe ${at + 1}`, min: 1, max: 20_000 });
    fault = read.ok ? '' : wordFault(read.fault);
    if (read.ok) put(at, { rows: read.value });
  }
  function move(at: number, by: -1 | 1): void {
    const list = [...value];
    const [taken] = list.splice(at, 1);
    list.splice(at + by, 0, taken!);
    onvalue(list);
  }
  const consider = (e: CustomEvent<DndEvent<Item>>): void => void (dragged = e.detail.items);
  function drop(e: CustomEvent<DndEvent<Item>>): void {
    dragged = null;
    onvalue(bare(e.detail.items));
  }
</script>

<div>
  <p class="mb-1 font-semibold">{label}</p>
  <ul
    class="space-y-1.5"
    aria-label={label}
    use:dragHandleZone={{ items, flipDurationMs: 120, dropTargetStyle: {} }}
    onconsider={consider}
    onfinalize={drop}
  >
    {#each items as section, i (section.id)}
      <li class="flex flex-wrap items-center gap-1.5 bg-base-100" aria-label="Stripe {i + 1}">
        <span use:dragHandle class="cursor-grab py-2 quiet" aria-label="Drag stripe {i + 1}"
          ><GripVertical class="size-4" /></span
        >
        <YarnField
          compact
          label="Yarn of stripe {i + 1}"
          value={section.yarn}
          {yarns}
          onvalue={(id) => id && put(i, { yarn: id })}
        />
        <input
          class="input h-11 w-16 text-center numerals"
          inputmode="numeric"
          aria-label="Rows of stripe {i + 1}"
          value={section.rows}
          oninput={(e) => rows(i, e.currentTarget.value)}
        />
        <div class="flex flex-col">
          <button
            type="button"
            class="btn btn-square btn-ghost btn-xs"
            aria-label="Move stripe {i + 1} up"
            disabled={i === 0}
            onclick={() => move(i, -1)}><ArrowUp class="size-3.5" /></button
          >
          <button
            type="button"
            class="btn btn-square btn-ghost btn-xs"
            aria-label="Move stripe {i + 1} down"
            disabled={i === items.length - 1}
            onclick={() => move(i, 1)}><ArrowDown class="size-3.5" /></button
          >
        </div>
        <button
          type="button"
          class="btn btn-square btn-ghost btn-sm"
          aria-label="Remove stripe {i + 1}"
          disabled={items.length < 2}
          onclick={() => onvalue(value.filter((_, at) => at !== i))}><Trash class="size-4" /></button
        >
      </li>
    {/each}
  </ul>
  <p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
  <button
    type="button"
    class="btn btn-sm"
    onclick={() => onvalue([...value, { yarn: value.at(-1)?.yarn ?? yarns[0]!.id, rows: value.at(-1)?.rows ?? 5 }])}
    ><Plus class="size-4" /> Add a stripe</button
  >
</div>
