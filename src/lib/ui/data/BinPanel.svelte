<script lang="ts">
  import RotateCcw from '@lucide/svelte/icons/rotate-ccw';
  import Trash from '@lucide/svelte/icons/trash';
  import { format, formatDistanceToNow } from 'date-fns';
  import { type BinLine, binLines, DAYS_KEPT, takeBack } from '$lib/store/bin';
  import { keeping } from '../frame/keeping';
  import { tell } from '../frame/tell.svelte';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';
  import { binWords, frees } from './bin-words';
  import EraseDialog from './EraseDialog.svelte';
  import { size } from './size';

  const lines = live(() => binLines(db()));
  const all = $derived(lines.value ?? []);

  async function back(line: BinLine): Promise<void> {
    let done = false;
    if (!(await keeping(async () => (done = await takeBack(db(), line.id))))) return;
    void tell(done ? `Put back: ${line.title}` : `${line.title} is not in the bin any more`);
  }
  let asked = $state.raw<readonly BinLine[] | null>(null);
</script>

<section id="bin" class="sheet p-5 lg:col-span-2" aria-labelledby="bin-title">
  <div class="flex flex-wrap items-baseline justify-between gap-3">
    <h2 id="bin-title" class="text-xl font-semibold">Bin</h2>
    {#if all.length}
      <button type="button" class="btn btn-quiet btn-sm" onclick={() => (asked = all)}
        ><Trash class="size-4" /> Empty the bin (frees {frees(all)})</button
      >
    {/if}
  </div>
  <p class="mt-1 text-sm quiet">What you delete stays here for {DAYS_KEPT} days.</p>
  {#if lines.error}
    <p class="mt-3 border-l-4 border-error p-3" role="alert">The bin cannot be read. Load the page again.</p>
  {:else if lines.value && !all.length}
    <p class="mt-3">The bin is empty.</p>
  {:else}
    <ul class="mt-3 divide-y divide-base-300">
      {#each all as line (line.id)}
        <li class="flex flex-wrap items-center gap-x-4 gap-y-2 py-3">
          <div class="min-w-56 flex-1">
            <p class="font-semibold wrap-anywhere">{line.title}</p>
            <p class="text-sm">{binWords(line)}</p>
            <p class="text-sm quiet">
              Deleted {formatDistanceToNow(new Date(line.deletedAt), { addSuffix: true })}, for good on {format(
                new Date(line.until),
                'd MMMM'
              )}. {size(line.bytes)}.
              {#if !line.readable}<br />This version of Tomble cannot read all of it; a newer one may put it back.{/if}
            </p>
          </div>
          <div class="flex gap-1">
            <button type="button" class="btn btn-quiet btn-sm" disabled={!line.readable} onclick={() => back(line)}
              ><RotateCcw class="size-4" /> Put back<span class="sr-only">: {line.title}</span></button
            >
            <button type="button" class="btn btn-ghost btn-sm" onclick={() => (asked = [line])}
              >Delete for good<span class="sr-only">: {line.title}</span></button
            >
          </div>
        </li>
      {/each}
    </ul>
  {/if}
</section>

{#if asked}
  <EraseDialog lines={asked} onclose={() => (asked = null)} />
{/if}
