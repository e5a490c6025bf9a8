<script lang="ts">
  import { Dialog } from 'bits-ui';
  import { untrack } from 'svelte';
  import CountField from '../options/CountField.svelte';

  let {
    rows,
    most,
    onjump,
    onclose
  }: { rows: number; most: number; onjump: (to: number) => void; onclose: () => void } = $props();
  // The field starts at the count of the moment and then belongs to the knitter.
  let to = $state(untrack(() => rows));
</script>

<Dialog.Root open onOpenChange={(open) => !open && onclose()}>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-black/50" />
    <!-- The focus stays free, so that the space bar is a row again as soon as the count is set. -->
    <Dialog.Content
      onCloseAutoFocus={(e) => e.preventDefault()}
      class="fixed top-1/2 left-1/2 z-50 w-[min(26rem,94vw)] -translate-x-1/2 -translate-y-1/2 rounded-xl bg-base-100 p-6 shadow-2xl"
    >
      <Dialog.Title class="font-display text-2xl font-semibold">Set the count</Dialog.Title>
      <Dialog.Description class="mb-4 text-sm quiet"
        >For when you counted the fabric yourself. Undo takes it back.</Dialog.Description
      >
      <form
        onsubmit={(e) => {
          e.preventDefault();
          onjump(to);
        }}
      >
        <CountField label="Rows knitted in all" value={to} min={0} max={most} onvalue={(v) => (to = v)} />
        <div class="mt-3 flex justify-end gap-2">
          <Dialog.Close class="btn btn-ghost" type="button">Cancel</Dialog.Close>
          <button class="btn btn-primary">Set to {to}</button>
        </div>
      </form>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
