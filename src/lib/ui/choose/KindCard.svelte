<script lang="ts">
  import type { Kind } from '$lib/core/kinds';
  import type { Machine } from '$lib/core/kit';
  import { allWorkRows } from '$lib/core/read';
  import { showFigure, showRun, type Units } from '$lib/core/quantity';
  import type { Readings } from '$lib/core/tomble';
  import { finishedScene } from '$lib/draw/finished';
  import { kindWords } from '$lib/words';
  import ScenePicture from '../picture/ScenePicture.svelte';

  interface Props {
    kind: Kind;
    machine: Machine;
    result: Readings | null;
    units: Units;
    /** What hangs on that machine now. */
    busyWith: string | null;
    /** Why it cannot be made on the chosen machine, and on which it can. */
    cannot: { readonly why: string; readonly other: Machine | null } | null;
    onstart: (machineId: string) => void;
  }
  let { kind, machine, result, units, busyWith, cannot, onstart }: Props = $props();
  const scene = $derived(result ? finishedScene(result, 200, 150, false) : null);
  const said = $derived(kindWords(kind.code));
  const metres = $derived(result?.yarnUse.reduce((sum, use) => sum + use.metres.value, 0) ?? 0);
  const rows = $derived(result ? allWorkRows(result) : 0);
</script>

<!-- It hangs from the rail on a thread: a tag with what it is and what it takes. -->
<li class="flex flex-col px-2">
  <span class="-mx-2 block h-1.5 bg-neutral" aria-hidden="true"></span>
  <span class="mx-auto block h-5 w-0.5 bg-base-content/40" aria-hidden="true"></span>
  <button
    type="button"
    class="grid w-full flex-1 cursor-pointer grid-cols-[6.5rem_minmax(0,1fr)] items-center gap-x-3 rounded-box border-2 border-base-300 bg-base-100 p-3 text-left transition-colors hover:border-primary min-[26rem]:flex min-[26rem]:flex-col min-[26rem]:items-stretch {cannot
      ? 'rounded-b-none border-b-0'
      : ''}"
    onclick={() => onstart(machine.id)}
    aria-describedby="kind-{kind.code}"
  >
    <span class="block h-28 min-[26rem]:h-36 {cannot ? 'opacity-60' : ''}" aria-hidden="true">
      {#if scene}<ScenePicture {scene} class="mx-auto h-full" />{/if}
    </span>
    <span class="flex flex-1 flex-col">
      <span class="block font-display text-lg leading-tight font-semibold min-[26rem]:mt-2">{said.title}</span>
      <span id="kind-{kind.code}" class="block text-sm leading-snug quiet">{said.blurb}</span>
      <span class="flex-1"></span>
      {#if result}
        <span class="mt-2 block numerals text-sm font-semibold"
          >{rows > 0 ? `${rows} rows · ` : ''}{showFigure(result.pace.all, units)} · {showRun(metres, units)}</span
        >
        {#if result.plan.pieces.length}<span class="block text-sm quiet"
            >on {machine.name}, {machine.pins} pins{busyWith ? `, busy with ${busyWith}` : ''}</span
          >{/if}
      {/if}
    </span>
  </button>
  {#if cannot}
    <div class="rounded-b-box border-2 border-t-0 border-base-300 bg-base-200 px-3 py-2 text-sm">
      <p class="font-medium">{cannot.why}</p>
      {#if cannot.other}
        {@const other = cannot.other}
        <button type="button" class="btn mt-1 btn-neutral btn-sm" onclick={() => onstart(other.id)}
          >Make it on {other.name}</button
        >
      {:else}
        <p class="quiet">No machine here can.</p>
      {/if}
    </div>
  {/if}
</li>
