<script lang="ts">
  import { takeBack } from '$lib/store/bin';
  import { paths } from '../paths';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';
  import { keeping } from './keeping';

  let { id }: { id: string } = $props();
  /** The entry of the bin that holds it; undefined while that is looked up. */
  const binned = live(async () => {
    const entries = await db().bin.where('deletedAt').above('').reverse().toArray();
    const own = entries.find((e) => e.records.some(({ table, record }) => table === 'projects' && record['id'] === id));
    return own ? { id: own.id, title: own.title } : null;
  });
</script>

<h1 class="text-2xl font-semibold">
  {binned.value ? `${binned.value.title} was deleted` : 'This project is not on the bench'}
</h1>
{#if binned.value}
  {@const entry = binned.value}
  <p class="mt-2">It lies in the bin with its rows and photographs, also those that were kept here last.</p>
  <div class="mt-4 flex flex-wrap gap-2">
    <button type="button" class="btn btn-primary" onclick={() => keeping(() => takeBack(db(), entry.id))}
      >Put it back</button
    >
    <a class="btn btn-quiet" href={paths.bench}>To the bench</a>
  </div>
{:else}
  <p class="mt-2">
    It was deleted, or a backup without it was brought in, perhaps in another window; or it lives in another browser.
    Under “Your data” one can go back to before the last backup that was brought in.
  </p>
  <a class="btn mt-4 btn-primary" href={paths.bench}>To the bench</a>
{/if}
