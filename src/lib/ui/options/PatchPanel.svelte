<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';
  import { MOST_PATCHES, type PatchWish } from '$lib/core/plan';
  import type { SaidFinding } from '$lib/words';
  import FindingNote from '../finding/FindingNote.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import CountField from './CountField.svelte';
  import NumberField from './NumberField.svelte';
  import SelectField from './SelectField.svelte';
  import YarnField from './YarnField.svelte';

  let { at, findings }: { at: ProjectState; findings: readonly SaidFinding[] } = $props();
  const patches = $derived(at.project!.brief.patches);
  const pieces = $derived(at.result?.sizes.pieces ?? []);
  const WHAT = [
    { value: 'patch', label: 'A patch' },
    { value: 'tag', label: 'A tag' }
  ];
  const BY = [
    { value: 'sewn', label: 'Sewn on' },
    { value: 'glued', label: 'Glued, overnight' }
  ];
  const rowsOf = (piece: number): number => pieces[piece]?.rows ?? 1;
  const pinsOf = (piece: number): number => at.result?.plan.pieces[piece]?.to ?? 1;
  const set = (i: number, change: Partial<PatchWish>): void =>
    at.edit({ patches: patches.map((patch, j) => (j === i ? { ...patch, ...change } : patch)) });
  const add = (): void =>
    at.edit({
      patches: [
        ...patches,
        { what: 'patch', piece: 0, row: Math.max(1, Math.round(rowsOf(0) * 0.2)), yarn: at.result!.yarns[0]!.id }
      ]
    });
</script>

<fieldset class="sheet p-4">
  <legend class="-ml-1 rounded bg-base-100 px-2 font-display text-lg font-semibold">Patches and tags</legend>
  <p class="quiet">Fixed while a hand can still reach behind them; the step comes where it belongs.</p>
  {#each patches as patch, i (i)}
    <div class="mt-2 grid grid-cols-1 gap-x-4 gap-y-1.5 border-t border-base-300 pt-2 sm:grid-cols-2">
      <SelectField
        label="What"
        value={patch.what}
        choices={WHAT}
        onvalue={(what) => set(i, { what: what as PatchWish['what'] })}
      />
      {#if pieces.length > 1}
        <SelectField
          label="On"
          value={String(patch.piece)}
          choices={pieces.map((piece, p) => ({ value: String(p), label: piece.label }))}
          onvalue={(p) => set(i, { piece: Number(p), row: Math.min(patch.row, rowsOf(Number(p))) })}
        />
      {/if}
      <CountField
        label="Middle at row"
        help="Counted from the cast-on."
        value={patch.row}
        min={1}
        max={Math.max(1, rowsOf(patch.piece))}
        onvalue={(row) => set(i, { row })}
      />
      <NumberField
        label="Over pin"
        help="Counted from the marker; empty for wherever it looks right."
        value={patch.pin ?? null}
        min={1}
        max={pinsOf(patch.piece)}
        optional
        onvalue={(pin) => set(i, { pin: pin === null ? undefined : Math.round(pin) })}
      />
      <SelectField
        label="Fixed by"
        value={patch.by ?? 'sewn'}
        choices={BY}
        onvalue={(by) => set(i, { by: by as NonNullable<PatchWish['by']> })}
      />
      {#if patch.by !== 'glued'}<YarnField
          label="Thread"
          value={patch.yarn}
          yarns={at.kit!.yarns}
          onvalue={(yarn) => yarn && set(i, { yarn })}
        />{/if}
      <div class="sm:col-span-2">
        <button
          type="button"
          class="btn btn-quiet btn-sm"
          onclick={() => at.edit({ patches: patches.filter((_, j) => j !== i) })}
        >
          <X class="size-4" /> Leave this {patch.what} off
        </button>
      </div>
    </div>
  {/each}
  <button
    type="button"
    class="btn mt-2 btn-quiet"
    disabled={patches.length >= MOST_PATCHES || !at.result || pieces.length === 0}
    onclick={add}><Plus class="size-5" /> Add a patch or tag</button
  >
  {#each findings as finding, i (`${finding.code} ${i}`)}
    <div class="mt-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
  {/each}
</fieldset>
