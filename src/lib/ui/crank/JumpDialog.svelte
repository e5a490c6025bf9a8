<script lang="ts">
  import { Dialog } from 'bits-ui';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import { untrack } from 'svelte';
  import CountField from '../options/CountField.svelte';

  let {
    rows,
    most,
    what = '',
    onjump,
    onclose
  }: { rows: number; most: number; what?: string; onjump: (to: number) => void; onclose: () => void } = $props();
  // The field starts at the count of the moment and then belongs to the knitter.
  let to = $state(untrack(() => rows));
  let fault = $state('');
</script>

<DialogFrame
  title="Set the count"
  about="For when you counted the fabric yourself. Undo takes it back."
  width={26}
  freeFocus
  firstField
  {onclose}
>
  <form
    onsubmit={(e) => {
      e.preventDefault();
      // A number that cannot be is answered in its field; the count stays.
      if (!fault) onjump(to);
    }}
  >
    <CountField
      label={what ? `Rows knitted of ${what}` : 'Rows knitted in all'}
      value={to}
      min={0}
      max={most}
      onvalue={(v) => (to = v)}
      onfault={(said) => (fault = said)}
    />
    <div class="mt-3 flex justify-end gap-2">
      <Dialog.Close class="btn btn-ghost" type="button">Cancel</Dialog.Close>
      <button class="btn btn-primary" disabled={fault !== ''}>{fault ? 'Set' : `Set to ${to}`}</button>
    </div>
  </form>
</DialogFrame>
