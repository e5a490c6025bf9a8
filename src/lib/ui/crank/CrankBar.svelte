<script lang="ts">
  import CheckCheck from '@lucide/svelte/icons/check-check';
  import Hash from '@lucide/svelte/icons/hash';
  import SkipForward from '@lucide/svelte/icons/skip-forward';
  import TriangleAlert from '@lucide/svelte/icons/triangle-alert';
  import Undo2 from '@lucide/svelte/icons/undo-2';
  import CallsMenu from './CallsMenu.svelte';
  import { release } from './release';

  let {
    undoable,
    elsewhere,
    canFault,
    lifting,
    pictures,
    awake,
    onundo,
    canPass,
    onpass,
    oncount,
    onlifted,
    onfault
  }: {
    undoable: boolean;
    /** The piece is cranked in another window. */
    elsewhere: boolean;
    canFault: boolean;
    /** A row goes pin by pin now. */
    lifting: boolean;
    /** Several pictures to go through with the arrow keys. */
    pictures: boolean;
    awake: boolean;
    onundo: () => void;
    /** What waits need not be done. */
    canPass: boolean;
    onpass: () => void;
    oncount: () => void;
    onlifted: () => void;
    onfault: () => void;
  } = $props();
</script>

<div class="flex flex-wrap items-center gap-2 low:content-end">
  <button
    type="button"
    class="btn flex-1 btn-quiet px-3 whitespace-nowrap btn-lg md:flex-none md:px-6"
    disabled={!undoable}
    onclick={(e) => release(e, onundo)}
    ><Undo2 class="size-5" /><span class={canPass || lifting ? 'max-sm:sr-only' : ''}>Undo</span></button
  >
  <button
    type="button"
    class="btn flex-1 btn-quiet px-3 whitespace-nowrap btn-lg md:flex-none md:px-6"
    disabled={elsewhere}
    onclick={oncount}><Hash class="size-5" /><span class="max-md:sr-only">Set count</span></button
  >
  {#if canPass}
    <button
      type="button"
      class="btn flex-1 btn-quiet px-3 whitespace-nowrap btn-lg md:flex-none md:px-6"
      onclick={(e) => release(e, onpass)}
      ><SkipForward class="size-5" /><span class="max-md:sr-only">Not done</span></button
    >
  {/if}
  {#if lifting}
    <button
      type="button"
      class="btn flex-1 btn-quiet px-3 whitespace-nowrap btn-lg md:flex-none md:px-6"
      onclick={(e) => release(e, onlifted)}><CheckCheck class="size-5" /> All lifted</button
    >
  {/if}
  <button
    type="button"
    class="btn btn-square btn-quiet btn-lg"
    aria-label="Something went wrong, or a new ball"
    disabled={!canFault}
    onclick={(e) => release(e, onfault)}><TriangleAlert class="size-5" /></button
  >
  <CallsMenu />
  <p class="hidden flex-1 text-right text-sm quiet md:block low:hidden">
    Space: one on · Backspace: undo{pictures ? ' · arrows: step by step' : ''} · G: the count · F: a fault{awake
      ? ' · the screen stays awake'
      : ''}<br />Sit close, elbows in, and take breaks: pain means stop.
  </p>
</div>
