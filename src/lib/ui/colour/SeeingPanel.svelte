<script lang="ts">
  import { ALIKE_COLOURS } from '$lib/core/kit/colour';
  import { colourDifference, type Yarn, yarnName } from '$lib/core/kit';
  import YarnDot from '../yarn/YarnDot.svelte';
  import type { ColourDesk } from './desk.svelte';
  import { markOf, SQUARE } from './marks';
  import { type Sight, SIGHT_WORDS, SIGHTS, sightOf } from './sight';

  interface Props {
    desk: ColourDesk;
    yarns: readonly Yarn[];
    sight: Sight;
    onsight: (sight: Sight) => void;
  }
  let { desk, yarns, sight, onsight }: Props = $props();
  const hexOf = (id: string): string => yarns.find((y) => y.id === id)?.colour.hex ?? '#888888';
  // Each pair of neighbours once, the least different first.
  const pairs = $derived.by(() => {
    const found: Record<string, { a: string; b: string; apart: number }> = {};
    desk.sections.slice(1).forEach((s, i) => {
      const before = desk.sections[i]!.yarn;
      if (before === s.yarn) return;
      const key = [before, s.yarn].sort().join(' ');
      const see = sightOf(sight);
      found[key] ??= { a: before, b: s.yarn, apart: colourDifference(see(hexOf(before)), see(hexOf(s.yarn))) };
    });
    return Object.values(found).sort((x, y) => x.apart - y.apart);
  });
  const own = $derived([...new Set(desk.sections.map((s) => s.yarn))]);
  const name = (id: string): string => {
    const yarn = yarns.find((y) => y.id === id);
    return yarn ? yarnName(yarn) : id;
  };
</script>

<h2 class="text-lg font-semibold">Told apart</h2>
<label class="mt-1 block text-sm"
  >Look at the tube
  <select
    class="select mt-0.5 flex w-full max-w-72 text-base"
    value={sight}
    onchange={(e) => onsight(e.currentTarget.value as Sight)}
  >
    {#each SIGHTS as one (one)}<option value={one}>{SIGHT_WORDS[one]}</option>{/each}
  </select></label
>
{#if sight !== 'usual'}
  <ul class="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm" aria-label="Marks of the yarns on the tube">
    {#each own as id, k (id)}
      <li class="flex items-center gap-1.5">
        <svg width={2 * SQUARE} height={SQUARE} class="shrink-0 rounded-sm" aria-hidden="true">
          <rect width={2 * SQUARE} height={SQUARE} fill={sightOf(sight)(hexOf(id))} />
          {#each [0, SQUARE] as x (x)}
            <path d={markOf(k).d} transform="translate({x} 0)" fill="none" stroke="#fff" stroke-width="3.5" />
            <path d={markOf(k).d} transform="translate({x} 0)" fill="none" stroke="#000" stroke-width="1.6" />
          {/each}
        </svg>
        {name(id)}: {markOf(k).word}
      </li>
    {/each}
  </ul>
{/if}
{#if pairs.length === 0}
  <p class="mt-2 quiet">One colour: nothing beside it to be told from.</p>
{:else}
  <ul class="mt-2 space-y-1" aria-label="Neighbours and how different they look">
    {#each pairs as pair (`${pair.a} ${pair.b}`)}
      <li class="flex items-center gap-2 text-sm">
        <YarnDot hex={sightOf(sight)(hexOf(pair.a))} size={20} />
        <YarnDot hex={sightOf(sight)(hexOf(pair.b))} size={20} />
        <span class="min-w-0 flex-1">{name(pair.a)} beside {name(pair.b)}</span>
        <strong class="numerals">{Math.round(pair.apart)}</strong>
        <span class={pair.apart < ALIKE_COLOURS ? 'font-semibold text-error' : 'quiet'}
          >{pair.apart < ALIKE_COLOURS
            ? 'hard to tell apart'
            : pair.apart < 2 * ALIKE_COLOURS
              ? 'quiet contrast'
              : 'plain'}</span
        >
      </li>
    {/each}
  </ul>
  <p class="mt-1 text-xs quiet">Difference by CIEDE2000; the colours are those of the stash, not of the wool itself.</p>
{/if}
