<script lang="ts">
  import type { Machine, Yarn } from '$lib/core/kit';
  import { yarnName } from '$lib/core/kit/yarn-name';
  import { showMass } from '$lib/core/quantity/mass';
  import type { Units } from '$lib/core/quantity/length';
  import { paths } from '../paths';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    /** The largest first. */
    machines: readonly Machine[];
    yarns: readonly Yarn[];
    units: Units;
    /** What hangs where, by the id of the machine; null while that is looked up. */
    busy: ReadonlyMap<string, string> | null;
  }
  let { machines, yarns, units, busy }: Props = $props();
  const SHOWN = 12;
</script>

<aside class="space-y-6" aria-label="At hand">
  <section>
    <h2 class="mb-2 text-xl font-semibold"><a class="hover:underline" href={paths.machines}>Machines</a></h2>
    <ul class="divide-y divide-base-300">
      {#each machines as machine (machine.id)}
        <li class="flex items-baseline gap-3 py-2">
          <span class="w-9 text-right numerals text-xl font-bold">{machine.pins}</span>
          <span class="min-w-0 flex-1"
            ><span class="block font-medium">{machine.name}</span><span class="block text-sm quiet"
              >{busy ? (busy.get(machine.id) ?? 'free') : '…'}{machine.counter === 'none' ? ', no counter' : ''}</span
            ></span
          >
        </li>
      {/each}
    </ul>
  </section>
  <section>
    <h2 class="mb-2 text-xl font-semibold"><a class="hover:underline" href={paths.yarns}>Yarns</a></h2>
    <ul class="divide-y divide-base-300">
      {#each yarns.slice(0, SHOWN) as yarn (yarn.id)}
        <li class="flex items-center gap-3 py-1.5">
          <YarnDot hex={yarn.colour.hex} size={22} /><span class="min-w-0 flex-1">{yarnName(yarn)}</span><span
            class="numerals text-sm quiet">{yarn.stockGrams === null ? '' : showMass(yarn.stockGrams, units)}</span
          >
        </li>
      {/each}
    </ul>
    {#if yarns.length > SHOWN}<p class="mt-1 text-sm quiet">and {yarns.length - SHOWN} more</p>{/if}
  </section>
</aside>
