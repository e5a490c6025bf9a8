<script lang="ts">
  import { pieceAt } from '$lib/core/read';
  import { isMeasured, tighten } from '$lib/core/colour';
  import { FINGER_TENSIONS, type FingerTension, machineOf } from '$lib/core/kit';
  import { lengthOfRows } from '$lib/core/knit';
  import { rowsIn } from '$lib/core/plan';
  import { showLength } from '$lib/core/quantity';
  import Counting from '../figure/Counting.svelte';
  import type { Readings } from '$lib/core/tomble';
  import type { ColourDesk } from './desk.svelte';
  import { FINGER_WORDS } from '../words/fingers';

  /** How tight one section is knitted: the fingers at any row, the hole where a yarn begins. */
  let { desk, result, i }: { desk: ColourDesk; result: Readings; i: number } = $props();
  const section = $derived(desk.sections[i]!);
  const piece = $derived(pieceAt(result, desk.piece).planned);
  const holes = $derived(machineOf(result.kit, piece.machineId).tensionHoles);
  const before = $derived(rowsIn(desk.sections.slice(0, i)));
  const high = $derived(lengthOfRows(result, desk.piece, before + 1, before + section.rows));
  /** Whether anything was ever measured as tight as this; without it the height is reckoned like that of the rest. */
  const measured = $derived(isMeasured(result, desk.piece, section));
  const goesOn = $derived(i > 0 && desk.sections[i - 1]!.yarn === section.yarn);

  const put = (tension: { hole?: number | undefined; fingers?: FingerTension | undefined }): void =>
    desk.put(tighten(desk.sections, i, { hole: section.hole, fingers: section.fingers, ...tension }));
</script>

<div class="mt-3 flex flex-wrap items-end gap-x-3 gap-y-1.5 text-sm">
  <label class="flex flex-col"
    >Fingers
    <select
      class="select h-9 w-48 text-sm"
      value={section.fingers ?? ''}
      onchange={(e) => put({ fingers: FINGER_TENSIONS.find((f) => f === e.currentTarget.value) })}
    >
      <option value="">like the rest ({FINGER_WORDS[result.brief.fingers]})</option>
      {#each FINGER_TENSIONS as f (f)}<option value={f}>{FINGER_WORDS[f]}</option>{/each}
    </select></label
  >
  {#if holes > 1}
    <label class="flex flex-col"
      >Tension hole
      <select
        class="select h-9 w-48 text-sm"
        value={section.hole ?? ''}
        onchange={(e) => put({ hole: Number(e.currentTarget.value) || undefined })}
      >
        <option value="">like the rest ({piece.hole})</option>
        {#each { length: holes } as _, n (n)}<option value={n + 1} disabled={goesOn && section.hole !== n + 1}
            >{n + 1}{n === 0 ? ', the smallest' : ''}</option
          >{/each}
      </select></label
    >
  {/if}
  <p class="basis-full leading-snug">
    <span class="numerals"><Counting text={section.rows} /></span>
    {section.rows === 1 ? 'row' : 'rows'},
    <span class="numerals"><Counting text={showLength(high, result.kit.habits.units)} /></span>
    high.
    {#if !measured}Nothing was measured at this tension yet, so it is reckoned like the rest: a swatch tells.{/if}
    {#if goesOn && holes > 1}<span class="quiet"
        >The yarn goes on from the section before through its hole; the fingers can hold it differently.</span
      >{/if}
  </p>
</div>
