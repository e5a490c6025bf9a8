<script lang="ts">
  import type { Component, ComponentProps } from 'svelte';
  import type { Habits } from '$lib/core/kit';
  import { type Figure, showFigure, showRange } from '$lib/core/quantity';
  import { wanted } from '../frame/tell.svelte';
  import type FigureSheet from './FigureSheet.svelte';

  let { label, figure, habits }: { label: string; figure: Figure; habits: Habits } = $props();
  const uid = $props.id();
  const units = $derived(habits.units);
  const BASIS = { chosen: 'as chosen', measured: 'measured', learned: 'learned', default: 'not measured yet' } as const;
  const range = $derived(showRange(figure, units));
  /** The tile whose reasons are open beside it. */
  let opened = $state.raw<HTMLElement | null>(null);
  let Sheet = $state.raw<Component<ComponentProps<typeof FigureSheet>> | null>(null);
  async function press(at: HTMLElement): Promise<void> {
    opened = opened ? null : at;
    if (opened) Sheet ??= await wanted(() => import('./FigureSheet.svelte'));
    if (!Sheet) opened = null;
  }
</script>

<button
  type="button"
  class="flex min-h-14 w-full cursor-pointer flex-col justify-end rounded-lg px-2 py-1 text-left transition-colors hover:bg-base-200 focus-visible:bg-base-200"
  aria-haspopup="dialog"
  aria-expanded={opened !== null}
  aria-controls={opened ? `${uid}-why` : undefined}
  onclick={(e) => press(e.currentTarget)}
  onkeydown={(e) => e.key === 'Escape' && (opened = null)}
>
  <span class="text-xs leading-tight quiet">{label}</span>
  <span class="numerals text-lg leading-tight font-semibold">{showFigure(figure, units)}</span>
  <span class="flex items-center gap-1.5 text-xs quiet">
    <span
      class="inline-block size-2 rounded-full {figure.basis === 'default'
        ? 'border border-base-content'
        : 'bg-success'}"
      aria-hidden="true"
    ></span>
    {range || BASIS[figure.basis]}
  </span>
</button>
{#if opened && Sheet}
  <Sheet id="{uid}-why" {label} {figure} {habits} at={opened} onclose={() => (opened = null)} />
{/if}
