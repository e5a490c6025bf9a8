<script lang="ts">
  import { type BinLine, eraseForGood } from '$lib/store/bin';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import { keeping } from '../frame/keeping';
  import { db } from '../state/db';
  import { frees } from './bin-words';

  interface Props {
    /** What is asked about: one entry of the bin, or all of it. */
    lines: readonly BinLine[];
    /** Is called once they are gone. */
    ondone?: () => void;
    onclose: () => void;
  }
  let { lines, ondone = () => undefined, onclose }: Props = $props();
  const one = $derived(lines.length === 1 ? lines[0]! : null);
  async function erase(): Promise<void> {
    const ids = lines.map(({ id }) => id);
    onclose();
    if (await keeping(() => eraseForGood(db(), ids))) ondone();
  }
</script>

<DialogFrame title={one ? `Delete ${one.title} for good?` : 'Empty the bin?'} {onclose}>
  <p>
    {one ? 'It' : `${lines.length} things`} cannot be had back after that, except from a backup. Frees {frees(lines)}.
  </p>
  <div class="mt-5 flex flex-wrap justify-end gap-2">
    <button type="button" class="btn btn-ghost" onclick={onclose}>Keep</button>
    <button type="button" class="btn btn-error" onclick={erase}>{one ? 'Delete for good' : 'Empty the bin'}</button>
  </div>
</DialogFrame>
