<script lang="ts">
  import { departureWords } from '$lib/words';
  import type { ProjectState } from '../state/project.svelte';
  import Banner from './Banner.svelte';

  let { at }: { at: ProjectState } = $props();
</script>

{#if at.asked && at.kit}
  {@const { departs, go } = at.asked}
  {@const { title, where } = departureWords(departs, at.kit)}
  <Banner weight="warning" {title}>
    {where} What hangs on the machine does not change by that: unravel it, or begin a new project for the other plan.
    {#snippet doing()}
      <button type="button" class="btn btn-primary btn-sm" onclick={() => (at.asked = null)}
        >Leave it as it hangs</button
      >
      <button type="button" class="btn btn-quiet btn-sm" onclick={go}>Change the plan all the same</button>
    {/snippet}
  </Banner>
{/if}
