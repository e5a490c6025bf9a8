<script lang="ts">
  import { type Habits, type Yarn, yarnName } from '$lib/core/kit';
  import type { Candidate, Substitute } from '$lib/core/substitute';
  import type { PlannedYarn } from '$lib/workers/substitutes';
  import { standInBut, standInColour, standInStock } from '$lib/words';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    /** Planned, the best first, without the yarn that is there now. */
    answers: readonly PlannedYarn[];
    /** Not planned yet. */
    waiting: readonly Candidate[];
    yarnOf: (id: string) => Yarn | undefined;
    habits: Habits;
    onuse: ((s: Pick<Substitute, 'yarn' | 'strands'>) => void) | undefined;
    onstrands: (yarnId: string, strands: number) => void;
  }
  let { answers, waiting, yarnOf, habits, onuse, onstrands }: Props = $props();
  const FEW = 20;
  let all = $state(false);
  let find = $state('');
  const words = $derived(find.trim().toLowerCase().split(/\s+/));
  /** One line: a yarn, and what is known of it so far. */
  interface Line {
    readonly yarn: Yarn;
    readonly strands: number;
    readonly answer: PlannedYarn | null;
  }
  const lines = $derived([
    ...answers.flatMap((answer): Line[] => {
      const yarn = yarnOf(answer.yarnId);
      return yarn ? [{ yarn, strands: answer.strands, answer }] : [];
    }),
    ...waiting.map((c): Line => ({ ...c, answer: null }))
  ]);
  const found = $derived(
    lines.filter(({ yarn }) => {
      const text = `${yarnName(yarn)} ${yarn.fibre}`.toLowerCase();
      return words.every((word) => text.includes(word));
    })
  );
  const shown = $derived(all || find ? found : found.slice(0, FEW));
  const WORD = { good: 'Good', possible: 'Possible', poor: 'Better not' } as const;
  const BADGE = { good: 'badge-success', possible: 'badge-warning', poor: 'badge-error' } as const;
  const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
</script>

<section class="sheet p-4" aria-label="All yarns">
  <div class="flex flex-wrap items-center justify-between gap-2">
    <h2 class="text-lg font-semibold">Every yarn, the best first</h2>
    <input class="input w-48" type="search" aria-label="Find a yarn" placeholder="Find" bind:value={find} />
  </div>
  {#if waiting.length}
    <p class="mt-1 text-sm quiet" role="status">
      {answers.length} of {answers.length + waiting.length} planned. The others follow, nearest in thickness and colour first.
    </p>
  {/if}
  <ul class="mt-2">
    {#each shown as { yarn, strands, answer } (`${yarn.id} ${strands}`)}
      {@const is = answer?.ok ? answer.is : null}
      <li class="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-base-300 py-2.5">
        <YarnDot hex={yarn.colour.hex} size={28} />
        <div class="min-w-0 flex-1 basis-56">
          <p>
            <strong>{yarnName(yarn)}{strands > 1 ? `, ${strands} strands` : ''}</strong>
            {#if is}<span class="ml-1 badge badge-sm {BADGE[is.verdict]}">{WORD[is.verdict]}</span>
            {:else if answer}<span class="ml-1 badge badge-sm badge-error">No plan</span>
            {:else}<span class="ml-1 badge badge-ghost badge-sm">Not planned yet</span>{/if}
          </p>
          {#if is}
            {#if standInBut(is, habits)}<p class="text-sm">{standInBut(is, habits)}</p>{/if}
            {#if answer?.ok}{#each answer.stops as stop (stop)}<p class="text-sm">{stop}</p>{/each}{/if}
            <p class="text-sm quiet">{capital(standInColour(is))}; {standInStock(is, habits)}.</p>
          {:else if answer && !answer.ok}<p class="text-sm">{answer.why}</p>{/if}
        </div>
        <div class="flex items-center gap-2">
          <select
            class="select w-28 select-sm"
            aria-label="Strands of {yarnName(yarn)}"
            value={String(strands)}
            onchange={(e) => onstrands(yarn.id, Number(e.currentTarget.value))}
          >
            <option value="1">1 strand</option><option value="2">2 strands</option><option value="3">3 strands</option>
          </select>
          {#if onuse && is}<button
              type="button"
              class="btn btn-quiet btn-sm"
              aria-label="Use {yarnName(yarn)} in this plan"
              onclick={() => onuse(is)}>Use it</button
            >{/if}
        </div>
      </li>
    {:else}
      <li class="border-t border-base-300 py-2.5 quiet">No yarn is called that.</li>
    {/each}
  </ul>
  {#if found.length > shown.length}
    <button type="button" class="btn mt-1 btn-quiet" onclick={() => (all = true)}
      >Show the other {found.length - shown.length}</button
    >
  {/if}
</section>
