<script lang="ts">
  import { optionLabels } from '$lib/words';
  import type { ProjectState } from '../state/project.svelte';
  import Banner from './Banner.svelte';

  let { at }: { at: ProjectState } = $props();
  const OWN: Readonly<Record<string, string>> = {
    name: 'Name',
    machineId: 'Machine',
    hole: 'Tension hole',
    fingers: 'Finger tension',
    strands: 'Strands',
    gauge: 'Stated gauge',
    countsAs: 'Rows and stitches kept',
    without: 'Yarns that are gone',
    pompom: 'Pompoms',
    colours: 'Colours',
    patches: 'Patches and tags',
    ownSteps: 'Your own steps',
    ownRows: 'Rows of your own steps',
    ownPlaces: 'Where your own steps come',
    ownWaits: 'How long your own steps wait'
  };
  const label = (field: string): string =>
    field.startsWith('options.')
      ? optionLabels(at.project!.brief.kind, field.slice('options.'.length)).title
      : (OWN[field] ?? field);
</script>

{#if at.collisions.length}
  <Banner
    weight="warning"
    title="Changed in two windows at once: {at.collisions.map(({ field }) => label(field)).join(', ')}."
  >
    What you set here stands; the other window's version is one undo away.
    {#snippet doing()}
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => at.undo()}>Take the other</button>
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => (at.collisions = [])}>Keep this one</button>
    {/snippet}
  </Banner>
{/if}
