<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Snippet } from 'svelte';

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
    onclose: () => void;
    children: Snippet;
  }
  let { title, mark, about = '', width = 34, freeFocus = false, onclose, children }: Props = $props();
</script>

<Dialog.Root open onOpenChange={(open) => !open && onclose()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <Dialog.Content
      onCloseAutoFocus={(e) => freeFocus && e.preventDefault()}
      class="fixed top-1/2 left-1/2 z-50 max-h-[94dvh] -translate-x-1/2 -translate-y-1/2 overflow-y-auto rounded-xl bg-base-100 p-6 shadow-2xl"
      style="width:min({width}rem,94vw)"
    >
      <Dialog.Title class="flex items-center gap-3 font-display text-2xl font-semibold">
        {@render mark?.()}
        {title}
      </Dialog.Title>
      {#if about}<Dialog.Description class="text-sm wrap-anywhere quiet">{about}</Dialog.Description>{/if}
      <div class="mt-4">{@render children()}</div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
