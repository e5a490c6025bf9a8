<script lang="ts">
  import Eraser from '@lucide/svelte/icons/eraser';
  import House from '@lucide/svelte/icons/house';
  import HousePlus from '@lucide/svelte/icons/house-plus';
  import type { Afresh } from '$lib/store/afresh';
  import DialogFrame from '../frame/DialogFrame.svelte';

  interface Props {
    working: boolean;
    onbegin: (what: Afresh, said: string) => Promise<void>;
  }
  let { working, onbegin }: Props = $props();

  const WAYS = [
    {
      what: 'village',
      icon: HousePlus,
      label: 'Bring the demo village',
      does: 'Three machines, a stash, people and projects of an invented lantern walk come beside what is yours. Nothing of yours changes.',
      said: 'The village is here'
    },
    {
      what: 'no-village',
      icon: House,
      label: 'Take the demo village away',
      does: 'Its projects and people go. Machines and yarns that your own projects use stay.',
      said: 'The village is gone'
    },
    {
      what: 'empty',
      icon: Eraser,
      label: 'Empty everything',
      does: 'Projects, rows, yarns, machines, photographs and the log go; it is as on the first day.',
      said: 'Everything is empty'
    }
  ] as const;
  let asked = $state.raw<(typeof WAYS)[number] | null>(null);
  async function begin(): Promise<void> {
    const way = asked;
    asked = null;
    if (way) await onbegin(way.what, way.said);
  }
</script>

<section class="sheet p-5 lg:col-span-2" aria-labelledby="afresh">
  <h2 id="afresh" class="text-xl font-semibold">Begin afresh</h2>
  <p class="mt-1 text-sm quiet">What is here now is kept once, to go back to.</p>
  <ul class="mt-3 grid grid-cols-1 gap-x-6 gap-y-4 md:grid-cols-3">
    {#each WAYS as way (way.what)}
      <li class="flex flex-col items-start gap-2">
        <p class="flex-1 text-sm">{way.does}</p>
        <button type="button" class="btn btn-quiet" disabled={working} onclick={() => (asked = way)}
          ><way.icon class="size-4" /> {way.label}</button
        >
      </li>
    {/each}
  </ul>
</section>

{#if asked}
  <DialogFrame title="{asked.label}?" onclose={() => (asked = null)}>
    <p>{asked.does}</p>
    <p class="mt-2">You can go back to what is here now, here on this page, until the next time.</p>
    <div class="mt-5 flex flex-wrap justify-end gap-2">
      <button type="button" class="btn btn-ghost" onclick={() => (asked = null)}>Leave it</button>
      <button type="button" class="btn {asked.what === 'village' ? 'btn-primary' : 'btn-error'}" onclick={begin}
        >{asked.label}</button
      >
    </div>
  </DialogFrame>
{/if}
