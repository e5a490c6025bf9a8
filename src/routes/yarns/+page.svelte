<script lang="ts">
  import { deleting } from '$lib/ui/frame/deleting';
  import LoaderCircle from '@lucide/svelte/icons/loader-circle';
  import Download from '@lucide/svelte/icons/download';
  import FolderInput from '@lucide/svelte/icons/folder-input';
  import Plus from '@lucide/svelte/icons/plus';
  import { Dialog } from 'bits-ui';
  import DialogFrame from '$lib/ui/frame/DialogFrame.svelte';
  import { keeping, notKept } from '$lib/ui/frame/keeping';
  import { tell } from '$lib/ui/frame/tell.svelte';
  import { Yarn, yarnName } from '$lib/core/kit';
  import { LARGEST_CSV, readYarns, type ReadYarns, writeYarns } from '$lib/formats/yarn-csv';
  import { changeYarn, loadKit } from '$lib/store/kit';
  import { addYarn } from '$lib/store/own';
  import { readYarnFile } from '$lib/workers/read-yarn-file';
  import { download } from '$lib/ui/download';
  import type { Project } from '$lib/store/records/project';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import StashTable from '$lib/ui/yarn/StashTable.svelte';

  const kit = live(() => loadKit(db()));
  const yarns = $derived(kit.value?.yarns ?? []);
  let filter = $state('');
  let editing = $state.raw<Yarn | null>(null);
  let isNew = false;
  function open(yarn: Yarn, asNew: boolean): void {
    [editing, isNew] = [yarn, asNew];
  }
  let incoming = $state.raw<{ name: string; read: ReadYarns } | null>(null);
  let reading = $state.raw<{ name: string; cancel: () => void } | null>(null);
  let picker: HTMLInputElement;

  const fresh = (): Yarn =>
    Yarn.parse({
      id: crypto.randomUUID(),
      name: 'New yarn',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: 'Undyed', hex: '#e8e2d4' },
      stockGrams: null
    });
  async function keep(yarn: Yarn): Promise<string> {
    const fault = await notKept(async () => {
      if (!isNew) return changeYarn(db(), editing!, yarn);
      await addYarn(db(), yarn);
    });
    if (!fault) {
      void tell(isNew ? `In the stash: ${yarnName(yarn)}` : `Saved: ${yarnName(yarn)}`);
      editing = null;
    }
    return fault;
  }
  let inUse = $state.raw<{ gone: Yarn; uses: readonly Project[] } | null>(null);
  /** Asked only where something uses it; what it leaves behind can be filled with another one. */
  async function remove(gone: Yarn): Promise<void> {
    editing = null;
    const { usesOf } = await import('$lib/store/uses');
    const uses = await usesOf(db(), { what: 'yarn', id: gone.id });
    if (uses.length) inUse = { gone, uses };
    else await throwAway(gone, null);
  }
  async function throwAway(gone: Yarn, by: string | null): Promise<void> {
    inUse = null;
    const { deleteThing } = await import('$lib/store/uses');
    const title = yarnName(gone);
    await deleting(title, () => deleteThing(db(), { what: 'yarn', id: gone.id }, title, by));
  }
  async function look(file: File | undefined): Promise<void> {
    if (!file) return;
    // Emptied at once, so that the same file can be chosen again, also after a reading was cancelled.
    picker.value = '';
    const tooLarge = file.size > LARGEST_CSV;
    if (tooLarge) incoming = { name: file.name, read: readYarns(' '.repeat(LARGEST_CSV + 1)) };
    else {
      const now = readYarnFile(await file.text());
      reading = { name: file.name, cancel: now.cancel };
      incoming = { name: file.name, read: await now.result };
      reading = null;
    }
  }
  async function take(): Promise<void> {
    if (!incoming?.read.ok) return;
    const { yarns: added } = incoming.read;
    if (!(await keeping(() => db().yarns.bulkAdd([...added])))) return;
    incoming = null;
    void tell(`${added.length} yarns are in the stash`, {
      label: 'Undo',
      onClick: () => void keeping(() => db().yarns.bulkDelete(added.map((y) => y.id)))
    });
  }
</script>

<svelte:head><title>Yarns · Tomble</title></svelte:head>

<div class="page">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <h1 class="text-3xl font-bold">Yarns</h1>
    <div class="flex flex-wrap gap-2">
      <input
        bind:this={picker}
        type="file"
        accept=".csv,text/csv"
        class="sr-only"
        tabindex="-1"
        aria-label="Yarn file"
        onchange={(e) => look(e.currentTarget.files?.[0])}
      />
      <button type="button" class="btn btn-quiet" onclick={() => picker.click()}
        ><FolderInput class="size-4" /> Read a CSV</button
      >
      <button type="button" class="btn btn-quiet" onclick={() => download('yarns.csv', 'text/csv', writeYarns(yarns))}
        ><Download class="size-4" /> Save as CSV</button
      >
      <button type="button" class="btn btn-primary" onclick={() => open(fresh(), true)}
        ><Plus class="size-4" /> Add a yarn</button
      >
    </div>
  </div>
  {#if reading}
    {@const { name, cancel } = reading}
    <p class="mt-3 flex items-center gap-3 sheet px-4 py-2" role="status">
      <LoaderCircle class="size-5 animate-spin motion-reduce:animate-none" /> Reading {name}
      <button
        type="button"
        class="btn ml-auto btn-sm"
        onclick={() => {
          cancel();
          reading = null;
        }}>Cancel</button
      >
    </p>
  {/if}
  <label class="mt-4 mb-2 block max-w-md">
    <span class="font-semibold">Find</span>
    <input class="input mt-1 w-full text-base" type="search" placeholder="ember wool 4" bind:value={filter} />
  </label>
  {#if kit.value}<StashTable {yarns} {filter} onopen={(yarn) => open(yarn, false)} />{/if}
</div>

{#if editing && kit.value}
  {@const yarn = editing}
  {#await import('$lib/ui/yarn/YarnDialog.svelte') then { default: YarnDialog }}
    <YarnDialog
      {yarn}
      kit={kit.value}
      onsave={keep}
      onclose={() => (editing = null)}
      ondelete={yarns.length > 1 && yarns.some((y) => y.id === yarn.id) ? () => remove(yarn) : undefined}
    />
  {/await}
{/if}

{#if incoming}
  {@const { name, read } = incoming}
  <DialogFrame
    title={read.ok ? `Add ${read.yarns.length} yarns?` : 'This file stays outside'}
    about={name}
    width={44}
    onclose={() => (incoming = null)}
  >
    <div class="mt-3 min-h-0 flex-1 overflow-y-auto" role={read.ok ? undefined : 'alert'}>
      {#if read.ok}
        <table class="w-full text-left text-sm">
          <thead class="quiet"><tr><th>Yarn</th><th>Class</th><th>Label</th><th>At hand</th></tr></thead>
          <tbody>
            {#each read.yarns.slice(0, 12) as yarn (yarn.id)}
              <tr class="border-t border-base-300"
                ><td class="py-1">{yarnName(yarn)}</td><td>{yarn.weightClass}</td><td class="numerals"
                  >{yarn.label.metres} m, {yarn.label.grams} g</td
                ><td class="numerals">{yarn.stockGrams === null ? 'unknown' : `${yarn.stockGrams} g`}</td></tr
              >
            {/each}
          </tbody>
        </table>
        {#if read.yarns.length > 12}<p class="mt-1 quiet">and {read.yarns.length - 12} more</p>{/if}
      {:else}
        <table class="w-full text-left text-sm">
          <thead class="quiet"><tr><th class="pr-3">Line</th><th class="pr-3">Column</th><th>Reason</th></tr></thead>
          <tbody>
            {#each read.faults as fault, i (i)}
              <tr class="border-t border-base-300 align-top"
                ><td class="py-1 pr-3 numerals">{fault.line}</td><td class="pr-3">{fault.column || 'all'}</td><td
                  >{fault.reason}</td
                ></tr
              >
            {/each}
          </tbody>
        </table>
        {#if read.more > 0}<p class="mt-1 quiet">and {read.more} more</p>{/if}
        <p class="mt-2">Nothing stored was changed.</p>
      {/if}
    </div>
    <div class="mt-4 flex justify-end gap-2">
      <Dialog.Close class="btn btn-ghost">{read.ok ? 'Leave it' : 'Close'}</Dialog.Close>
      {#if read.ok}<button type="button" class="btn btn-primary" onclick={take}>Add them</button>{/if}
    </div>
  </DialogFrame>
{/if}

{#if inUse}
  {@const { gone, uses } = inUse}
  {#await import('$lib/ui/kit/InUseDialog.svelte') then { default: InUseDialog }}
    <InUseDialog
      name={yarnName(gone)}
      {uses}
      others={yarns.filter((y) => y.id !== gone.id).map((y) => ({ id: y.id, name: yarnName(y) }))}
      ondelete={(by) => void throwAway(gone, by)}
      onclose={() => (inUse = null)}
    />
  {/await}
{/if}
