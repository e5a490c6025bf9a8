<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import { Select } from 'bits-ui';
  import type { Snippet } from 'svelte';
  import { type Yarn, yarnName, yarnsById } from '$lib/core/kit';
  import YarnDot from '../yarn/YarnDot.svelte';

  /** The list a yarn is chosen from, behind its button. It is loaded with the first hand that reaches for one. */
  interface Props {
    name: string;
    /** What an open choice means; without it a yarn must be chosen. */
    empty: string | undefined;
    value: string | null;
    yarns: readonly Yarn[];
    open: boolean;
    /** How the button looks, and what stands on it. */
    look: string;
    face: Snippet;
    onvalue: (id: string | null) => void;
  }
  let { name, empty, value, yarns, open = $bindable(), look, face, onvalue }: Props = $props();
  const OPEN = '';
  const byId = $derived(yarnsById(yarns));
  // A text by itself: the labels around it are made anew with every edit, and the list must not be.
  const none = $derived(empty);
  const items = $derived([
    ...(none === undefined ? [] : [{ value: OPEN, label: none }]),
    ...yarns.map((y) => ({ value: y.id, label: yarnName(y) }))
  ]);
</script>

<Select.Root type="single" bind:open bind:value={() => value ?? OPEN, (v) => onvalue(v === OPEN ? null : v)} {items}>
  <Select.Trigger aria-label={name} class={look}>{@render face()}</Select.Trigger>
  <Select.Portal>
    <Select.Content
      class="z-50 max-h-80 w-(--bits-select-anchor-width) min-w-56 overflow-y-auto rounded-lg border border-base-300 bg-base-100 p-1 shadow-xl"
      sideOffset={4}
    >
      {#each items as item (item.value)}
        {@const its = byId.get(item.value)}
        <Select.Item
          value={item.value}
          label={item.label}
          class="flex min-h-10 cursor-pointer items-center gap-2 rounded-md px-2 py-1.5 data-highlighted:bg-base-200"
        >
          {#snippet children({ selected })}
            {#if its}<YarnDot hex={its.colour.hex} size={20} />{:else}<span class="size-5"></span>{/if}
            <span class="flex-1">{item.label}</span>
            {#if selected}<Check class="size-4" aria-label="chosen" />{/if}
          {/snippet}
        </Select.Item>
      {/each}
    </Select.Content>
  </Select.Portal>
</Select.Root>
