<script lang="ts">
  import { whyRefused } from '$lib/store/why';
  import { download, fileName } from '../download';
  import type { ProjectState } from '../state/project.svelte';
  import Banner from './Banner.svelte';
  import { REFUSED } from './refusals';

  let { at }: { at: ProjectState } = $props();

  async function saveFile(): Promise<void> {
    if (!at.project || !at.result) return;
    const { writeProjectFile } = await import('$lib/formats/project-file');
    const name = fileName(at.project.brief.name, '.tomble.json');
    download(name, 'application/json', writeProjectFile(at.project, at.result, at.events));
  }
</script>

{#if at.refused}
  <Banner weight="error" title="Not kept yet: the last change.">
    {REFUSED[whyRefused(at.refused)]} It stays on this screen and everything can be read; save the project as a file, make
    room, and try again.
    {#snippet doing()}
      <button type="button" class="btn btn-primary btn-sm" onclick={saveFile}>Save as a file</button>
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => at.retry()}>Try again</button>
      {#if whyRefused(at.refused) === 'full'}
        {#await import('../data/BinOffer.svelte') then { default: BinOffer }}
          <BinOffer ondone={() => at.retry()} />
        {/await}
      {/if}
    {/snippet}
  </Banner>
{/if}
