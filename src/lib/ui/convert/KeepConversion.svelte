<script lang="ts">
  import { removeOne } from '$lib/store/delete';
  import { deleting } from '$lib/ui/frame/deleting';
  import Trash from '@lucide/svelte/icons/trash';
  import { Conversion, type ConversionDraft } from '$lib/store/records/conversion';
  import FaultNote from '../frame/FaultNote.svelte';
  import { notKept } from '../frame/keeping';
  import TextField from '../options/TextField.svelte';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';

  let {
    draft,
    canPlan,
    onopen,
    onplan
  }: {
    /** What stands in the fields now; null while a gauge is missing. */
    draft: ConversionDraft | null;
    canPlan: boolean;
    onopen: (conversion: Conversion) => void;
    /** @returns why it could not be kept, or nothing */
    onplan: (name: string) => Promise<string>;
  } = $props();

  let name = $state('');
  let note = $state('');
  let fault = $state('');
  const kept = live(async () =>
    (await db().conversions.toArray()).sort((a, b) => b.createdAt.localeCompare(a.createdAt))
  );
  async function keep(): Promise<void> {
    if (!draft) return;
    const { stitches, rows } = draft.pattern;
    const called = name.trim() || `${stitches} by ${rows} to 10 cm`;
    fault = await notKept(() =>
      db().conversions.add(
        Conversion.parse({ ...draft, id: crypto.randomUUID(), name: called, note, createdAt: new Date().toISOString() })
      )
    );
    if (!fault) [name, note] = ['', ''];
  }
  /** Puts a kept conversion back into the fields. */
  function open(c: Conversion): void {
    [name, note] = [c.name, c.note];
    onopen(c);
  }
  async function plan(): Promise<void> {
    fault = await onplan(name.trim() || 'Converted pattern');
  }
  async function remove(c: Conversion): Promise<void> {
    await deleting(c.name, () => removeOne(db(), 'conversion', c.id, c.name));
  }
</script>

<section class="mt-5 sheet p-4" aria-label="Keep it">
  <h2 class="mb-2 text-xl font-semibold">Keep it, or knit by it</h2>
  <div class="grid grid-cols-1 gap-x-5 sm:grid-cols-2">
    <TextField label="Name" value={name} most={80} optional onvalue={(v) => (name = v)} />
    <TextField label="Note" value={note} most={1000} optional onvalue={(v) => (note = v)} />
  </div>
  <FaultNote {fault} />
  <div class="flex flex-wrap gap-2">
    <button type="button" class="btn btn-primary" disabled={!draft?.counts.length} onclick={keep}
      >Keep this conversion</button
    >
    <button type="button" class="btn btn-quiet" disabled={!canPlan} onclick={plan}>Plan a tube with these rows</button>
  </div>
  {#if kept.value?.length}
    <h3 class="mt-4 font-semibold">Kept</h3>
    <ul aria-label="Kept conversions">
      {#each kept.value as c (c.id)}
        <li class="flex flex-wrap items-center gap-x-3 border-t border-base-300/60 py-1.5">
          <span class="min-w-48 flex-1">
            <span class="font-semibold">{c.name}</span>
            <span class="text-sm quiet"
              >{c.pattern.stitches} by {c.pattern.rows} to 10 cm{c.note ? ` · ${c.note}` : ''}</span
            >
          </span>
          <button type="button" class="btn btn-quiet btn-sm" onclick={() => open(c)}>Open</button>
          <button
            type="button"
            class="btn btn-square btn-ghost btn-sm"
            aria-label="Delete {c.name}"
            onclick={() => remove(c)}><Trash class="size-4" /></button
          >
        </li>
      {/each}
    </ul>
  {/if}
</section>
