<script lang="ts">
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import type { Moment } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import type { Speech } from '$lib/words';
  import YarnDot from '$lib/ui/yarn/YarnDot.svelte';
  import MomentPicture from './MomentPicture.svelte';

  let {
    result,
    piece,
    say,
    where,
    title,
    words,
    moment,
    hex
  }: {
    result: Readings;
    piece: number;
    say: Speech;
    where: string;
    title: string;
    /** What is said where there is no picture. */
    words: string;
    moment: Moment | undefined;
    hex: string | undefined;
  } = $props();
</script>

<!-- Picture left, one sentence right; on a telephone held upright one above the other. -->
<span
  class="grid min-h-0 flex-1 grid-rows-[auto_minmax(0,1fr)_auto] gap-x-4 gap-y-2 sm:grid-cols-[minmax(0,3fr)_minmax(0,2fr)] sm:grid-rows-[minmax(0,1fr)] low:grid-cols-2 low:grid-rows-[minmax(0,1fr)]"
>
  <span class="min-w-0 sm:hidden low:hidden">
    <span class="block text-base font-semibold">{where}</span>
    <span class="block font-display text-2xl leading-tight font-bold text-balance">{title}</span>
  </span>
  {#if moment}
    <MomentPicture {result} {piece} {moment} {say} class="min-h-24 rounded-box bg-base-100 text-base-content" />
  {/if}
  <span class="flex min-h-0 min-w-0 flex-col">
    <span class="text-lg font-semibold max-sm:hidden low:block low:text-sm">{where}</span>
    <span
      class="mt-1 font-display leading-tight font-bold text-balance max-sm:hidden sm:text-3xl lg:text-4xl low:block low:text-xl"
      >{title}</span
    >
    <span class="text-lg leading-snug sm:mt-3 sm:text-xl lg:text-2xl low:mt-1 low:text-base" data-testid="words"
      >{moment ? say.moment(moment) : words}</span
    >
  </span>
</span>
<span class="flex shrink-0 items-center gap-3 pt-2 text-lg font-semibold low:text-base">
  {#if hex}<YarnDot {hex} size={36} />{/if} Space or touch when it is done <ArrowRight class="size-6" />
</span>
