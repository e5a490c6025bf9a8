<script lang="ts">
  import Archive from '@lucide/svelte/icons/archive';
  import FolderInput from '@lucide/svelte/icons/folder-input';
  import HardDrive from '@lucide/svelte/icons/hard-drive';
  import RotateCcw from '@lucide/svelte/icons/rotate-ccw';
  import { format, formatDistanceToNow } from 'date-fns';
  import { LARGEST_BUNDLE } from '$lib/formats/bundle/unpack';
  import { contentsOf, type How, joined } from '$lib/store/backup';
  import { bringIn, goBack, hasCopy, keptCopy } from '$lib/store/bring-in';
  import { backedUp } from '$lib/store/overdue';
  import { alone } from '$lib/ui/backup/alone';
  import { canKeepPlace, choosePlace, keptPlace, writeTo } from '$lib/ui/backup/place';
  import RestoreDialog from '$lib/ui/backup/RestoreDialog.svelte';
  import { downloadBytes } from '$lib/ui/download';
  import { keeping, notKept } from '$lib/ui/frame/keeping';
  import { tell } from '$lib/ui/frame/tell.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import { lookInto, packBundle } from '$lib/workers/bundle';
  import type { Looked } from '$lib/workers/bundle.worker';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';
  import AfreshPanel from '$lib/ui/data/AfreshPanel.svelte';
  import BinPanel from '$lib/ui/data/BinPanel.svelte';
  import { size } from '$lib/ui/data/size';
  import type { Afresh } from '$lib/store/afresh';

  const counts = live(async () => ({
    projects: await db().projects.count(),
    yarns: await db().yarns.count(),
    rows: await db().events.count(),
    photos: await db().photos.count()
  }));
  const last = live(async () => (await db().settings.get('backup-at'))?.value);
  const place = live(() => keptPlace(db()));
  const before = live(() => hasCopy(db()));
  const lastAt = $derived(typeof last.value === 'string' ? new Date(last.value) : null);

  let room = $state.raw<{ used: number; left: number } | null>(null);
  let forGood = $state<boolean | null>(null);
  $effect(() => {
    const storage = 'storage' in navigator ? navigator.storage : null;
    void storage
      ?.estimate?.()
      .then(({ usage = 0, quota = 0 }) => (room = { used: usage, left: Math.max(0, quota - usage) }));
    void storage?.persisted?.().then((yes) => (forGood = yes));
  });

  let working = $state('');
  let fault = $state('');
  async function during(what: string, work: () => Promise<void>): Promise<void> {
    working = what;
    fault = '';
    try {
      await work();
    } catch (error) {
      fault = error instanceof Error && error.message ? error.message : 'It did not go. Nothing was changed.';
    }
    working = '';
  }

  const packed = async (): Promise<Uint8Array<ArrayBuffer>> => new Uint8Array(await packBundle(await contentsOf(db())));
  const save = (): Promise<void> =>
    during('Packing …', async () => {
      const bytes = await packed();
      downloadBytes(`tomble-${format(new Date(), 'yyyy-MM-dd')}.zip`, 'application/zip', bytes);
      await keeping(() => backedUp(db()));
    });
  const saveThere = (anew: boolean): Promise<void> =>
    during('Packing …', async () => {
      const there = (anew ? null : await keptPlace(db())) ?? (await choosePlace(db()));
      if (!there) return;
      await writeTo(there, await packed());
      await keeping(() => backedUp(db()));
      void tell(`Backed up to ${there.name}`);
    });

  let picker: HTMLInputElement;
  let incoming = $state.raw<{ name: string; looked: Looked } | null>(null);
  const look = (file: File | undefined): Promise<void> =>
    during('Reading …', async () => {
      if (!file) return;
      picker.value = '';
      if (file.size > LARGEST_BUNDLE) throw new Error(`The file must be at most 512 MiB; received ${size(file.size)}.`);
      const bytes = new Uint8Array(await file.arrayBuffer());
      incoming = { name: file.name, looked: await lookInto(bytes, await contentsOf(db())) };
    });
  async function take(how: How, onwait: () => void): Promise<string> {
    if (!incoming?.looked.ok) return '';
    const { contents } = incoming.looked;
    const why = await notKept(() => alone(() => bringIn(db(), (here) => joined(here, contents, how)), onwait));
    if (why) return why;
    incoming = null;
    void tell('The backup is in', { label: 'Undo', onClick: () => void back() });
    return '';
  }
  const back = (): Promise<void> =>
    during('Going back …', async () => {
      const copy = await keptCopy(db());
      // Kept as a bundle, as it was before only differences were.
      if (copy instanceof Uint8Array) {
        const looked = await lookInto(copy, await contentsOf(db()));
        if (!looked.ok) throw new Error(looked.reasons[0]);
        await alone(() => bringIn(db(), () => looked.contents));
      } else await alone(() => goBack(db()));
      void tell('All is as it was before');
    });
  const begin = (what: Afresh, said: string): Promise<void> =>
    during('Clearing up …', async () => {
      const { afresh } = await import('$lib/store/afresh');
      await alone(() => afresh(db(), what));
      void tell(said, { label: 'Undo', onClick: () => void back() });
    });
  async function ask(): Promise<void> {
    forGood = await navigator.storage.persist();
  }
</script>

<svelte:head><title>Your data · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">Your data</h1>
  <p class="mt-1 max-w-prose">
    All you enter lies in this browser, on this device, and nowhere else. A backup is one file with everything in it, in
    plain formats any program can read.
  </p>
  <FaultNote {fault} />

  <div class="mt-5 grid grid-cols-1 gap-5 lg:grid-cols-2">
    <section class="sheet p-5" aria-labelledby="out">
      <h2 id="out" class="text-xl font-semibold">Take everything out</h2>
      <p class="mt-1">
        {#if lastAt}The last backup is of <strong>{format(lastAt, 'd MMMM yyyy')}</strong>, {formatDistanceToNow(
            lastAt,
            {
              addSuffix: true
            }
          )}.{:else}There is no backup yet.{/if}
      </p>
      <div class="mt-4 flex flex-wrap gap-2">
        <button type="button" class="btn btn-primary" disabled={working !== ''} onclick={save}
          ><Archive class="size-4" /> {working === 'Packing …' ? working : 'Back up now'}</button
        >
        {#if canKeepPlace()}
          {#if place.value}
            <button type="button" class="btn btn-quiet" disabled={working !== ''} onclick={() => saveThere(false)}
              ><HardDrive class="size-4" /> Back up to {place.value.name}</button
            >
            <button type="button" class="btn btn-ghost" disabled={working !== ''} onclick={() => saveThere(true)}
              >Another place</button
            >
          {:else}
            <button type="button" class="btn btn-quiet" disabled={working !== ''} onclick={() => saveThere(true)}
              ><HardDrive class="size-4" /> Keep a place on the disk</button
            >
          {/if}
        {/if}
      </div>
      <p class="mt-3 text-sm quiet">Before the file is handed over it is read back and compared.</p>
    </section>

    <section class="sheet p-5" aria-labelledby="in">
      <h2 id="in" class="text-xl font-semibold">Bring a backup in</h2>
      <p class="mt-1">You see what is new, what differs and what is only here, and choose, before anything changes.</p>
      <input
        bind:this={picker}
        type="file"
        accept=".zip,application/zip"
        class="sr-only"
        tabindex="-1"
        aria-label="Backup file"
        onchange={(e) => look(e.currentTarget.files?.[0])}
      />
      <div class="mt-4 flex flex-wrap gap-2">
        <button type="button" class="btn btn-quiet" disabled={working !== ''} onclick={() => picker.click()}
          ><FolderInput class="size-4" /> {working === 'Reading …' ? working : 'Open a backup'}</button
        >
        {#if before.value}
          <button type="button" class="btn btn-quiet" disabled={working !== ''} onclick={back}
            ><RotateCcw class="size-4" />
            {working === 'Going back …' ? working : 'Go back to before the last one'}</button
          >
        {/if}
      </div>
    </section>

    <section class="sheet p-5 lg:col-span-2" aria-labelledby="lies">
      <h2 id="lies" class="text-xl font-semibold">What lies here</h2>
      <dl class="mt-3 grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-3 lg:grid-cols-6">
        {#each [{ what: 'Projects', n: counts.value?.projects }, { what: 'Yarns', n: counts.value?.yarns }, { what: 'Rows and steps', n: counts.value?.rows }, { what: 'Photographs', n: counts.value?.photos }] as fact (fact.what)}
          <div>
            <dt class="text-sm quiet">{fact.what}</dt>
            <dd class="numerals text-xl font-semibold">{fact.n ?? '…'}</dd>
          </div>
        {/each}
        <div>
          <dt class="text-sm quiet">Room taken</dt>
          <dd class="numerals text-xl font-semibold">{room ? size(room.used) : 'not told'}</dd>
        </div>
        <div>
          <dt class="text-sm quiet">Room left</dt>
          <dd class="numerals text-xl font-semibold">{room ? size(room.left) : 'not told'}</dd>
        </div>
      </dl>
      <div class="mt-4 flex flex-wrap items-center gap-3">
        <p class="min-w-60 flex-1 text-sm">
          {#if forGood === true}The browser has promised to keep it until you clear it yourself.
          {:else if forGood === false}The browser may clear it when the disk runs short. Ask it to keep it, and back up
            now and then.
          {:else}The browser does not say whether it keeps things when the disk runs short: back up now and then.{/if}
        </p>
        {#if forGood === false}<button type="button" class="btn btn-quiet btn-sm" onclick={ask}>Ask to keep it</button
          >{/if}
      </div>
    </section>

    <BinPanel />
    <AfreshPanel working={working !== ''} onbegin={begin} />
  </div>
</div>

{#if incoming}
  <RestoreDialog name={incoming.name} looked={incoming.looked} ontake={take} onclose={() => (incoming = null)} />
{/if}
