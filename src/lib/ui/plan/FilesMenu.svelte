<script lang="ts">
  import Download from '@lucide/svelte/icons/download';
  import type { Component, ComponentProps } from 'svelte';
  import { wanted } from '../frame/tell.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import type FilesList from './FilesList.svelte';

  let { at, piece }: { at: ProjectState; piece: number } = $props();
  let button = $state.raw<HTMLElement>();
  let open = $state(false);
  let List = $state.raw<Component<ComponentProps<typeof FilesList>> | null>(null);
  async function press(): Promise<void> {
    open = !open;
    if (open) List ??= await wanted(() => import('./FilesList.svelte'));
    open &&= List !== null;
  }
</script>

<button
  type="button"
  class="btn"
  aria-haspopup="menu"
  aria-expanded={open}
  bind:this={button}
  onclick={press}
  onkeydown={(e) => e.key === 'Escape' && (open = false)}><Download class="size-4" /> Files</button
>
{#if open && button && List}<List {at} {piece} {button} onclose={() => (open = false)} />{/if}
