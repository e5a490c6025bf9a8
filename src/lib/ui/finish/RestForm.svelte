<script lang="ts">
  import { measuredPiece } from '$lib/core/read';
  import { showFigure } from '$lib/core/quantity';
  import type { Readings } from '$lib/core/tomble';
  import type { Project } from '$lib/store/records/project';
  import type { Speech } from '$lib/words';
  import LengthField from '../options/LengthField.svelte';

  interface Props {
    result: Readings;
    say: Speech;
    rested: Project['rested'];
    onrest: (rested: Project['rested']) => void;
    /** What changes in the brief by the measured length; null where nothing does. */
    split: ((rows: number, measuredMm: number) => Record<string, unknown>) | null;
    onsplit: (options: Record<string, unknown>) => void;
  }
  let { result, say, rested, onrest, split, onsplit }: Props = $props();
  const piece = $derived(measuredPiece(result)!);
  const size = $derived(result.sizes.pieces[piece]!);
  const units = $derived(result.kit.habits.units);
  const none = { lengthMm: null, flatWidthMm: null };
  const anew = $derived(split && rested?.lengthMm ? split(size.rows, rested.lengthMm) : null);
  const isAnew = $derived(anew && Object.entries(anew).some(([key, value]) => result.brief.options[key] !== value));
  const told = $derived(
    Object.entries(anew ?? {}).flatMap(([key, value]) => {
      const what = say.words.stretchOf(key, say.talk);
      return what ? [`${say.talk.rows(Number(value))} for ${what}`] : [];
    })
  );
</script>

<div class="mx-3 -mt-1 rounded-b-box border-x-2 border-b-2 border-base-300 bg-base-100 p-3 pt-4">
  <div class="grid gap-x-4 sm:grid-cols-2">
    <LengthField
      label="How long it is at rest"
      help="Planned {showFigure(size.lengthMm, units)}"
      valueMm={rested?.lengthMm ?? null}
      minMm={10}
      maxMm={20_000}
      {units}
      optional
      onvalue={(lengthMm) => onrest({ ...(rested ?? none), lengthMm })}
    />
    <LengthField
      label="How wide it lies"
      help="Planned {showFigure(size.flatWidthMm, units)}"
      valueMm={rested?.flatWidthMm ?? null}
      minMm={10}
      maxMm={2000}
      {units}
      optional
      onvalue={(flatWidthMm) => onrest({ ...(rested ?? none), flatWidthMm })}
    />
  </div>
  {#if anew}
    <div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2" role="group" aria-label="Split it again">
      {#if isAnew}
        <p class="min-w-0 basis-full sm:flex-1 sm:basis-0">By this length: {say.talk.list(told)}.</p>
        <button type="button" class="btn btn-primary" onclick={() => onsplit(anew)}>Split it again</button>
      {:else}
        <p>It is split by this length: {say.talk.list(told)}.</p>
      {/if}
    </div>
  {/if}
</div>
