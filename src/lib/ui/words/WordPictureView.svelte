<script lang="ts">
  import type { Readings } from '$lib/core/tomble';
  import type { Scene } from '$lib/draw/scene';
  import type { WordPicture } from '$lib/words/glossary';
  import ScenePicture from '../picture/ScenePicture.svelte';
  import { examples } from './examples';

  let { picture, class: extra = '' }: { picture: WordPicture; class?: string } = $props();
  // What draws is loaded with the first picture.
  const drawn = $derived.by(async (): Promise<Scene | null> => {
    const [{ wordScene }, planned] = await Promise.all([import('$lib/draw/word-picture'), examples()]);
    return wordScene(picture, (kind): Readings => planned(kind));
  });
</script>

{#await drawn}
  <div class={extra} aria-hidden="true"></div>
{:then scene}
  {#if scene}<ScenePicture {scene} class={extra} />{/if}
{/await}
