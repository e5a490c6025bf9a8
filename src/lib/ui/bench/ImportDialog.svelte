<script lang="ts">
  import { Dialog } from 'bits-ui';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import { showFigure } from '$lib/core/quantity';
  import type { ReadFile } from '$lib/formats/project-file';
  import { progressOf } from '$lib/store/records/crank-event';
  import { trackOf } from '$lib/core/read';
  import HangingTube from '../picture/HangingTube.svelte';

  let {
    name,
    read,
    ontake,
    onclose
  }: { name: string; read: ReadFile; ontake: () => Promise<string>; onclose: () => void } = $props();
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
        <dd>{trackOf(result).workRows}</dd>
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
          {file.actions.length ? `${progressOf(file.actions).rows} rows done` : 'not begun'}
        </dd>
      </dl>
    </div>
    {#if fault}<p class="mt-3 border-l-4 border-error bg-error/8 px-3 py-2" role="alert">{fault}</p>{/if}
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
    {#if read.ok}<button type="button" class="btn btn-primary" onclick={async () => (fault = await ontake())}
        >Bring it in</button
      >{/if}
  </div>
</DialogFrame>
