<script lang="ts">
  /** A text whose numbers change with every row: they keep their own room, and the page around them is not laid out again. */
  let { text }: { text: string | number } = $props();
  // Every second part is a number.
  const parts = $derived(String(text).split(/(\d+)/));
</script>

{#each parts as part, i (i)}{#if i % 2 === 1}<span class="counting" style:width="{part.length}ch">{part}</span
    >{:else}{part}{/if}{/each}
