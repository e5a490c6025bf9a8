<script lang="ts">
  import type { ProjectState } from '../state/project.svelte';
  import Banner from './Banner.svelte';

  let { at }: { at: ProjectState } = $props();
</script>

{#if at.replaced}
  <Banner weight="warning" title="Another window brought in a backup.">
    This project is shown as it is now. To go back, open “Your data”.
    {#snippet doing()}
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => (at.replaced = false)}>All right</button>
    {/snippet}
  </Banner>
{/if}
