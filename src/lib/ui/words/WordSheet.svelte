<script lang="ts">
  import { Popover } from 'bits-ui';
  import { paths } from '../paths';
  import { closeWord, openedWord } from './opened.svelte';
  import { useVoice } from './voice';
  import WordPictureView from './WordPictureView.svelte';

  const voice = useVoice();
  const opened = $derived(openedWord());
</script>

<Popover.Root
  bind:open={
    () => opened !== null,
    (open) => {
      if (!open) closeWord();
    }
  }
>
  {#if opened}
    {@const { entry, at } = opened}
    <Popover.Portal>
      <Popover.Content
        role="dialog"
        aria-label={entry.term(voice())}
        customAnchor={at}
        class="z-50 w-80 max-w-[calc(100vw-2rem)] rounded-lg border border-base-content/40 bg-base-100 p-4 shadow-xl"
        sideOffset={6}
        collisionPadding={12}
        onCloseAutoFocus={(e) => {
          e.preventDefault();
          at.focus();
        }}
        interactOutsideBehavior="close"
      >
        <p class="font-display text-lg font-semibold">{entry.term(voice())}</p>
        <WordPictureView picture={entry.picture} class="mx-auto my-2 max-h-44 min-h-24 w-full" />
        <p class="text-sm">{entry.says(voice())}</p>
        <a class="mt-2 inline-block text-sm font-semibold underline" href="{paths.words}#{entry.id}">Among all words</a>
      </Popover.Content>
    </Popover.Portal>
  {/if}
</Popover.Root>
