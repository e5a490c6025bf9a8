<script lang="ts">
  import { Dialog } from 'bits-ui';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import type { Read } from '$lib/core/tomble';
  import { showFigure } from '$lib/core/quantity';
  import type { ReadFile } from '$lib/formats/project-file';
  import { progressOf } from '$lib/store/records/crank-event';
  import { allWorkRows, trackOf, workCount } from '$lib/core/read';
  import HangingTube from '../picture/HangingTube.svelte';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';

  interface Props {
    name: string;
    read: ReadFile;
    /** How it would be planned with what is known here; null where the plan stays as it is in any case. */
    here: Read | null;
    /** @returns why it could not be brought in, or nothing */
    ontake: (keep: boolean) => Promise<string>;
    onclose: () => void;
  }
  let { name, read, here, ontake, onclose }: Props = $props();
  const rowsThere = $derived(read.ok ? allWorkRows(read.result) : 0);
  const rowsHere = $derived(here?.ok ? allWorkRows(here.value) : rowsThere);
  let keep = $state(false);
  let fault = $state('');
</script>

<DialogFrame title={read.ok ? 'Bring this project in?' : 'This file stays outside'} about={name} {onclose}>
  {#if read.ok}
    {@const { result, file } = read}
    <div class="mt-4 flex gap-5">
      <div class="h-56 w-24 shrink-0"><HangingTube {result} slim /></div>
      <dl class="grid flex-1 auto-rows-min grid-cols-[auto_1fr] gap-x-4 gap-y-1.5">
        <dt class="quiet">Name</dt>
        <dd class="font-semibold">{file.brief.name}</dd>
        <dt class="quiet">Rows</dt>
        <dd>{rowsThere}</dd>
        {#each result.sizes.pieces.slice(0, 1) as size (size.label)}
          <dt class="quiet">{size.label}</dt>
          <dd>{showFigure(size.lengthMm, result.kit.habits.units)}</dd>
        {/each}
        <dt class="quiet">Machine</dt>
        <dd>{file.kit.machines.map((m) => `${m.name}, ${m.pins} pins`).join('; ')}</dd>
        <dt class="quiet">Yarns</dt>
        <dd>{result.yarnUse.map((use) => use.name).join('; ')}</dd>
        <dt class="quiet">Crank</dt>
        <dd>
          {file.actions.length ? `${workCount(trackOf(result), progressOf(file.actions).rows)} rows done` : 'not begun'}
        </dd>
      </dl>
    </div>
    {#if rowsHere !== rowsThere}
      <div class="mt-3 rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
        <p>
          With what was measured here and your habits it has <strong>{rowsHere} rows</strong>, in the file {rowsThere}.
        </p>
        <label class="mt-1 flex items-center gap-2">
          <input type="checkbox" class="checkbox" bind:checked={keep} /> Keep the plan of the file, row by row
        </label>
      </div>
    {/if}
    <FaultNote {fault} />
    <p class="mt-3 text-sm quiet">Machines and yarns you do not have yet come along. Nothing you have is changed.</p>
  {:else}
    <ul class="mt-4 space-y-2" role="alert">
      {#each read.reasons as reason (reason)}<li
          class="rounded-lg border-l-4 border-error bg-error/8 px-3 py-2 text-sm break-words"
        >
          {reason}
        </li>{/each}
    </ul>
    <p class="mt-3 text-sm">Nothing stored was changed.</p>
  {/if}
  <div class="mt-5 flex justify-end gap-2">
    <Dialog.Close class="btn btn-ghost">{read.ok ? 'Leave it' : 'Close'}</Dialog.Close>
    {#if read.ok}<button type="button" class="btn btn-primary" onclick={async () => (fault = await ontake(keep))}
        >Bring it in</button
      >{/if}
  </div>
</DialogFrame>
