<script lang="ts">
  import { doorsIn, type Part } from '$lib/words/glossary';
  import { paths } from '../paths';
  import { openWord } from './opened.svelte';
  import { useVoice } from './voice';

  let {
    text,
    parts
  }: {
    text: string;
    /** Its doors, where a list was looked through before: each word has one, where it comes in first. */
    parts?: readonly Part[] | undefined;
  } = $props();
  const voice = useVoice();
  const shown = $derived(parts ?? doorsIn(text, voice()));

  /** In place; with a key held it is a link like any other. */
  function open(event: MouseEvent & { currentTarget: HTMLElement }, part: Part): void {
    if (event.ctrlKey || event.metaKey || event.shiftKey || !part.entry) return;
    event.preventDefault();
    openWord(part.entry, event.currentTarget);
  }
</script>

{#each shown as part, i (i)}{#if part.entry}<a
      href="{paths.words}#{part.entry.id}"
      class="cursor-help underline decoration-dotted decoration-from-font underline-offset-3 hover:decoration-solid print:no-underline"
      aria-haspopup="dialog"
      data-word={part.entry.id}
      onclick={(e) => open(e, part)}>{part.text}</a
    >{:else}{part.text}{/if}{/each}
