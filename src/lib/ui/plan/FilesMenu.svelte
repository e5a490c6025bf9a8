<script lang="ts">
  import Download from '@lucide/svelte/icons/download';
  import type { ProjectState } from '../state/project.svelte';

  let { at, piece }: { at: ProjectState; piece: number } = $props();
  let button = $state.raw<HTMLElement>();
  let open = $state(false);
</script>

<button
  type="button"
  class="btn"
  aria-haspopup="menu"
  aria-expanded={open}
  bind:this={button}
  onclick={() => (open = !open)}
  onkeydown={(e) => e.key === 'Escape' && (open = false)}><Download class="size-4" /> Files</button
>
{#if open && button}
  {#await import('./FilesList.svelte') then { default: FilesList }}
    <FilesList {at} {piece} {button} onclose={() => (open = false)} />
  {/await}
{/if}
