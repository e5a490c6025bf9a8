<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import ChevronsUpDown from '@lucide/svelte/icons/chevrons-up-down';
  import Pencil from '@lucide/svelte/icons/pencil';
  import { Select } from 'bits-ui';
  import { type Yarn, yarnName, yarnsById } from '$lib/core/kit';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    /** What an open choice means; without it a yarn must be chosen. */
    empty?: string | undefined;
    value: string | null;
    yarns: readonly Yarn[];
    letter?: string;
    compact?: boolean;
    onvalue: (id: string | null) => void;
    onchange?: ((yarn: Yarn) => void) | undefined;
  }
  let { label, help = '', empty, value, yarns, letter = '', compact = false, onvalue, onchange }: Props = $props();
  const uid = $props.id();
  const OPEN = '';
  const GONE = 'A yarn that is gone: choose another';
  const byId = $derived(yarnsById(yarns));
  const yarn = $derived(byId.get(value ?? ''));
  const missing = $derived(value !== null && value !== '' && yarn === undefined);
  // A text by itself: the labels around it are made anew with every edit, and the list must not be.
  const none = $derived(empty);
  const items = $derived([
    ...(none === undefined ? [] : [{ value: OPEN, label: none }]),
    ...yarns.map((y) => ({ value: y.id, label: yarnName(y) }))
  ]);
</script>

<div class="min-w-0 flex-1 {compact ? 'basis-32' : ''}">
  <p id="{uid}-label" class={compact ? 'sr-only' : 'mb-1 font-semibold'}>{label}</p>
  <div class="flex gap-1.5">
    <Select.Root type="single" bind:value={() => value ?? OPEN, (v) => onvalue(v === OPEN ? null : v)} {items}>
      <Select.Trigger
        aria-label="{label}: {yarn ? yarnName(yarn) : missing ? GONE : (empty ?? 'choose')}"
        class="input flex h-auto min-h-11 w-full min-w-0 cursor-pointer items-center gap-2 text-left"
      >
        {#if yarn}<YarnDot hex={yarn.colour.hex} {letter} size={24} />{/if}
        <span
          class="line-clamp-2 min-w-0 flex-1 py-0.5 leading-tight wrap-break-word whitespace-normal {missing
            ? 'font-semibold text-error'
            : ''}">{yarn ? yarnName(yarn) : missing ? GONE : (empty ?? 'Choose a yarn')}</span
        >
        <ChevronsUpDown class="size-4 shrink-0 quiet" aria-hidden="true" />
      </Select.Trigger>
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
    {#if yarn && onchange && !compact}
      <button
        type="button"
        class="btn btn-square h-11"
        aria-label="Change {yarnName(yarn)}"
        onclick={() => onchange(yarn)}><Pencil class="size-4" /></button
      >
    {/if}
  </div>
  {#if !compact}<p class="min-h-5 pt-0.5 text-sm quiet">{help}</p>{/if}
</div>
