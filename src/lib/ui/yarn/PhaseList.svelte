<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash';
  import type { Yarn } from '$lib/core/kit';
  import PhasePhoto from './PhasePhoto.svelte';
  import { readAmount, wordFault } from '$lib/core/quantity';

  type Phase = Yarn['phases'][number];
  interface Props {
    value: readonly Phase[];
    /** Metres of the whole ball; 0 where that is not known. */
    metres?: number;
    onvalue: (phases: Phase[]) => void;
  }
  let { value, metres: ball = 0, onvalue }: Props = $props();
  let fault = $state('');
  const put = (at: number, change: Partial<Phase>): void =>
    onvalue(value.map((phase, i) => (i === at ? { ...phase, ...change } : phase)));
  function metres(at: number, text: string): void {
    const read = readAmount(text, { field: `Metres of phase ${at + 1}`, min: 0.1, max: 2000, unit: 'm' });
    fault = read.ok ? '' : wordFault(read.fault);
    if (read.ok) put(at, { metres: read.value });
  }
</script>

<fieldset class="col-span-2 rounded-lg border border-base-300 px-3 pb-2">
  <legend class="px-1 font-semibold">Long phases, in the order they come</legend>
  {#each value as phase, i (i)}
    <div class="mb-1.5 flex items-center gap-2">
      <input
        type="color"
        class="h-9 w-11 shrink-0 cursor-pointer rounded"
        aria-label="Colour of phase {i + 1}"
        value={phase.hex}
        oninput={(e) => put(i, { hex: e.currentTarget.value })}
      />
      <input
        class="input min-w-0 flex-1"
        aria-label="Name of phase {i + 1}"
        maxlength="40"
        value={phase.name}
        oninput={(e) => e.currentTarget.value.trim() && put(i, { name: e.currentTarget.value.trim() })}
      />
      <input
        class="input w-20 numerals"
        inputmode="decimal"
        aria-label="Metres of phase {i + 1}"
        value={phase.metres}
        oninput={(e) => metres(i, e.currentTarget.value)}
      />
      <span class="quiet">m</span>
      <button
        type="button"
        class="btn btn-square btn-ghost btn-sm"
        aria-label="Remove phase {i + 1}"
        onclick={() => onvalue(value.filter((_, at) => at !== i))}><Trash class="size-4" /></button
      >
    </div>
  {/each}
  <p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
  <button
    type="button"
    class="btn btn-sm"
    onclick={() => onvalue([...value, { name: `Phase ${value.length + 1}`, hex: '#8a8f94', metres: 10 }])}
    ><Plus class="size-4" /> Add a phase</button
  >
  <PhasePhoto metres={ball} onphases={onvalue} />
</fieldset>
