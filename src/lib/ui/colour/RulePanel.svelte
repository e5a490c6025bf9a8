<script lang="ts">
  import { blocks, byChance, fibonacci, gathered, gradient, stripes } from '$lib/core/colour';
  import { type Yarn, yarnName } from '$lib/core/kit';
  import { rowsIn } from '$lib/core/plan';
  import { readCount, wordFault } from '$lib/core/quantity';
  import YarnDot from '../yarn/YarnDot.svelte';
  import type { ColourDesk } from './desk.svelte';

  let { desk, yarns }: { desk: ColourDesk; yarns: readonly Yarn[] } = $props();
  type Rule = 'stripes' | 'blocks' | 'fibonacci' | 'gradient' | 'chance';
  const RULES: readonly { value: Rule; label: string; help: string }[] = [
    { value: 'stripes', label: 'Equal stripes', help: 'By turns, so many rows each.' },
    { value: 'blocks', label: 'Even blocks', help: 'One block of each, as even as whole rows let them be.' },
    { value: 'fibonacci', label: 'Growing stripes', help: '1, 2, 3, 5, 8, 13 rows and down again.' },
    { value: 'gradient', label: 'One into the next', help: 'Pairs of stripes in which the new colour grows.' },
    { value: 'chance', label: 'By chance', help: 'Between two widths, from a number you can note down.' }
  ];
  let rule = $state<Rule>('stripes');
  let picked = $state.raw<readonly string[]>([]);
  let rows = $state('5');
  let least = $state('3');
  let most = $state('9');
  let seed = $state('7');
  let fault = $state('');
  const mine = $derived([...new Set(desk.sections.map((s) => s.yarn))]);
  const chosen = $derived(picked.length > 0 ? picked : mine);

  function count(text: string, field: string, max: number): number | null {
    const read = readCount(text, { field, min: 1, max });
    if (!read.ok) fault = wordFault(read.fault);
    return read.ok ? read.value : null;
  }
  function lay(): void {
    fault = '';
    const total = desk.off === 0 ? rowsIn(desk.sections) : desk.total;
    const n = rule === 'stripes' || rule === 'gradient' ? count(rows, rule === 'stripes' ? 'Rows of a stripe' : 'Pairs of stripes', 200) : 1; // prettier-ignore
    const limits = rule === 'chance' ? ([count(least, 'Narrowest', 200), count(most, 'Widest', 200), count(seed, 'Number', 1_000_000)] as const) : ([1, 1, 1] as const); // prettier-ignore
    if (n === null || limits.some((l) => l === null)) return;
    const [low, high, from] = limits as readonly [number, number, number];
    if (low > high) {
      fault = `Widest must be at least ${low}, as the narrowest is; received ${high}.`;
      return;
    }
    const laid = {
      stripes: () => stripes(chosen, n, total),
      blocks: () => blocks(chosen, total),
      fibonacci: () => fibonacci(chosen, total),
      gradient: () => gradient(chosen, n, total),
      chance: () => byChance(chosen, from / 1_000_003, low, high, total)
    }[rule]();
    desk.put(gathered(laid));
  }
  const toggle = (id: string): void =>
    void (picked = chosen.includes(id) ? chosen.filter((y) => y !== id) : [...chosen, id]);
</script>

<fieldset>
  <legend class="text-lg font-semibold">Lay it by a rule</legend>
  <div class="mt-1 flex flex-wrap gap-1.5" role="group" aria-label="Yarns of the rule, in their order">
    {#each yarns as yarn (yarn.id)}
      {@const at = chosen.indexOf(yarn.id)}
      <button
        type="button"
        class="flex min-h-10 items-center gap-1.5 rounded-lg border px-2 {at >= 0
          ? 'border-2 border-base-content'
          : 'border-base-300'}"
        aria-pressed={at >= 0}
        onclick={() => toggle(yarn.id)}
      >
        <YarnDot hex={yarn.colour.hex} size={18} />
        <span class="text-sm">{yarnName(yarn)}</span>
        {#if at >= 0}<span class="numerals text-xs font-bold">{at + 1}</span>{/if}
      </button>
    {/each}
  </div>
  <div class="mt-2 flex flex-wrap items-end gap-2">
    <label class="block text-sm"
      >Rule
      <select class="select mt-0.5 flex w-48 text-base" bind:value={rule}>
        {#each RULES as one (one.value)}<option value={one.value}>{one.label}</option>{/each}
      </select></label
    >
    {#if rule === 'stripes' || rule === 'gradient'}
      <label class="block text-sm"
        >{rule === 'stripes' ? 'Rows each' : 'Pairs'}
        <input
          class="input mt-0.5 block w-20 text-center numerals text-base"
          inputmode="numeric"
          bind:value={rows}
        /></label
      >
    {:else if rule === 'chance'}
      <label class="block text-sm"
        >Narrowest
        <input
          class="input mt-0.5 block w-20 text-center numerals text-base"
          inputmode="numeric"
          bind:value={least}
        /></label
      >
      <label class="block text-sm"
        >Widest
        <input
          class="input mt-0.5 block w-20 text-center numerals text-base"
          inputmode="numeric"
          bind:value={most}
        /></label
      >
      <label class="block text-sm"
        >Number
        <input
          class="input mt-0.5 block w-24 text-center numerals text-base"
          inputmode="numeric"
          bind:value={seed}
        /></label
      >
    {/if}
    <button type="button" class="btn btn-primary" disabled={chosen.length === 0} onclick={lay}>Lay</button>
  </div>
  <p class="text-sm quiet">{RULES.find((r) => r.value === rule)!.help}</p>
  <p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
</fieldset>
