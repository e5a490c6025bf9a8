<script lang="ts">
  import { binLines } from '$lib/store/bin';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';
  import { frees } from './bin-words';
  import EraseDialog from './EraseDialog.svelte';

  /** Is called once there is room. */
  let { ondone = () => undefined }: { ondone?: () => void } = $props();
  const lines = live(() => binLines(db()));
  let asking = $state(false);
</script>

{#if lines.value?.length}
  <button type="button" class="btn btn-quiet btn-sm" onclick={() => (asking = true)}
    >Empty the bin (frees {frees(lines.value)})</button
  >
  {#if asking}<EraseDialog lines={lines.value} {ondone} onclose={() => (asking = false)} />{/if}
{/if}
