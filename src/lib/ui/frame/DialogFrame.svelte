<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Snippet } from 'svelte';
  import { firstTyped } from './typing';

  interface Props {
    title: string;
    /** What stands before the title, such as a yarn's dot. */
    mark?: Snippet;
    /** A line below the title, such as the name of a file. */
    about?: string;
    /** Widest it gets, in rem. */
    width?: number;
    /** Leaves the focus free when it closes, for screens whose keys work without one. */
    freeFocus?: boolean;
    /** Begins in the first field, its content selected, so that what is typed replaces it. */
    firstField?: boolean;
    /** Something was typed and is not saved: closing asks once. */
    changed?: boolean;
    onclose: () => void;
    children: Snippet;
  }
  let {
    title,
    mark,
    about = '',
    width = 34,
    freeFocus = false,
    firstField = false,
    changed = false,
    onclose,
    children
  }: Props = $props();
  let content = $state<HTMLElement | null>(null);
  let asking = $state(false);
  function leave(): void {
    if (changed && !asking) asking = true;
    else onclose();
  }
  function begin(event: Event): void {
    const field = firstField ? firstTyped(content) : null;
    if (!field) return;
    event.preventDefault();
    field.focus();
    field.select();
  }
</script>

<Dialog.Root bind:open={() => true, (open) => !open && leave()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      bind:ref={content}
      onOpenAutoFocus={begin}
      onCloseAutoFocus={(e) => freeFocus && e.preventDefault()}
      class="fixed top-1/2 left-1/2 z-50 max-h-[94dvh] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl bg-base-100 p-6 shadow-2xl"
      style="width:min({width}rem,94vw)"
    >
      <Dialog.Title class="flex items-center gap-3 font-display text-2xl font-semibold">
        {@render mark?.()}
        {title}
      </Dialog.Title>
      {#if about}<Dialog.Description class="text-sm wrap-anywhere quiet">{about}</Dialog.Description>{/if}
      {#if asking && changed}
        <div
          class="mt-3 flex flex-wrap items-center gap-2 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2"
          role="alert"
        >
          <p class="min-w-40 flex-1">What you typed is not saved.</p>
          <button type="button" class="btn btn-primary btn-sm" onclick={() => (asking = false)}>Go on typing</button>
          <button type="button" class="btn btn-quiet btn-sm" onclick={onclose}>Throw it away</button>
        </div>
      {/if}
      <div class="mt-4">{@render children()}</div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
