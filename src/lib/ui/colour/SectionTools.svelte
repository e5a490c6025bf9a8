<script lang="ts">
  import { centredOnBrim, fatesOf, flip, hiddenJoin, merge, mirror, remove, repeat, split } from '$lib/core/colour';
  import type { Readings } from '$lib/core/tomble';
  import { tell } from '../frame/tell.svelte';
  import type { ColourDesk } from './desk.svelte';
  import TensionFields from './TensionFields.svelte';

  let { desk, result }: { desk: ColourDesk; result: Readings } = $props();
  const i = $derived(Math.min(desk.chosen, desk.sections.length - 1));
  const section = $derived(desk.sections[i]);
  const brim = $derived(fatesOf(result, desk.piece).includes('turned-up'));
  let from = $state(1);
  let times = $state(2);
  const first = $derived(Math.min(from, i + 1));

  /** Does what can be done, and says where nothing can. */
  function put(next: ReturnType<typeof centredOnBrim>, otherwise: string): void {
    if (next) desk.put(next);
    else void tell(otherwise);
  }
</script>

{#if section}
  <fieldset class="rounded-lg border border-base-300 p-3">
    <legend class="px-1 font-semibold">Section {i + 1}</legend>
    <div class="flex flex-wrap gap-1.5">
      <button
        type="button"
        class="btn btn-quiet btn-sm"
        disabled={section.rows < 2}
        onclick={() => desk.put(split(desk.sections, i, Math.ceil(section.rows / 2)))}>Split in two</button
      >
      <button
        type="button"
        class="btn btn-quiet btn-sm"
        disabled={i >= desk.sections.length - 1}
        onclick={() => desk.put(merge(desk.sections, i))}>One with the next</button
      >
      <button
        type="button"
        class="btn btn-quiet btn-sm"
        disabled={desk.sections.length < 2}
        onclick={() => desk.put(remove(desk.sections, i))}>Take out</button
      >
      <button
        type="button"
        class="btn btn-quiet btn-sm"
        disabled={!brim}
        onclick={() =>
          put(
            centredOnBrim(result, desk.piece, desk.sections, i),
            'There is no brim to centre it on, or it lies there already.'
          )}>Centre on the brim</button
      >
      <button
        type="button"
        class="btn btn-quiet btn-sm"
        disabled={i >= desk.sections.length - 1}
        onclick={() =>
          put(
            hiddenJoin(result, desk.piece, desk.sections, i),
            'This change of colour is out of sight already, or nothing is.'
          )}>Hide the change after it</button
      >
    </div>
    <TensionFields {desk} {result} {i} />
    <div class="mt-2 flex flex-wrap items-center gap-1.5 text-sm">
      <label class="flex items-center gap-1"
        >Repeat from section
        <input class="input h-9 w-14 text-center numerals" type="number" min="1" max={i + 1} bind:value={from} /></label
      >
      <label class="flex items-center gap-1"
        >to {i + 1}, in all
        <input class="input h-9 w-14 text-center numerals" type="number" min="2" max="60" bind:value={times} /> times</label
      >
      <button
        type="button"
        class="btn btn-quiet btn-sm"
        onclick={() => desk.put(repeat(desk.sections, Math.max(0, first - 1), i, Math.min(60, Math.max(1, times))))}
        >Repeat</button
      >
    </div>
  </fieldset>
  <div class="mt-2 flex flex-wrap gap-1.5">
    <button type="button" class="btn btn-quiet btn-sm" onclick={() => desk.put(mirror(desk.sections))}
      >Second half as a mirror image</button
    >
    <button type="button" class="btn btn-quiet btn-sm" onclick={() => desk.put(flip(desk.sections))}
      >Turn over: first row last</button
    >
  </div>
{/if}
