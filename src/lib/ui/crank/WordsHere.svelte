<script lang="ts">
  import { doorsIn } from '$lib/words/glossary';
  import Worded from '../words/Worded.svelte';
  import { useVoice } from '../words/voice';

  /** Doors to the words of what stands on the one large button, which can hold none itself. */
  let { texts }: { texts: readonly string[] } = $props();
  const voice = useVoice();
  const doors = $derived(doorsIn(texts.join('\n'), voice()).filter((part) => part.entry));
</script>

{#if doors.length}
  <p class="flex flex-wrap items-center gap-x-3 gap-y-1 text-base" data-testid="words-here">
    <span class="quiet">What is</span>
    {#each doors as part (part.entry!.id)}<span class="inline-flex min-h-6 items-center"
        ><Worded text={part.text} parts={[part]} /></span
      >{/each}
  </p>
{/if}
