<script lang="ts">
  import { type Yarn, yarnName, yarnsById } from '$lib/core/kit';
  import { showRun, type Units } from '$lib/core/quantity';
  import type { Found, Searched } from '$lib/workers/leftovers';

  interface Props {
    searched: Searched;
    /** Ids of the yarns that were asked for, in the order answers count them. */
    asked: readonly string[];
    yarns: readonly Yarn[];
    units: Units;
    ontake: (found: Found) => void;
  }
  let { searched, asked, yarns, units, ontake }: Props = $props();
  const of = $derived(asked.map((id) => yarnsById(yarns).get(id)));
  const hex = (i: number): string => of[i]?.colour.hex ?? '#888888';
  const nameOf = (i: number): string => (of[i] ? yarnName(of[i]) : '');
</script>

<div class="mt-2" data-testid="answers">
  {#if searched.is === 'found'}
    <ol class="space-y-2">
      {#each searched.answers as found, n (n)}
        <li class="rounded-lg border border-base-300 p-2">
          <p class="flex flex-wrap items-center gap-x-3">
            <strong>{found.joins} {found.joins === 1 ? 'join' : 'joins'}</strong>
            {#if found.uglyRows > 0}<span class="text-sm">{found.uglyRows} rows of the ugly ends are seen</span>{/if}
            <span class="text-sm quiet"
              >{n > 0
                ? 'another way'
                : found.proved
                  ? 'proved: nothing better exists'
                  : `nothing more than ${Math.ceil(100 * found.gap)} % better exists`}</span
            >
            <button type="button" class="btn ml-auto btn-sm" onclick={() => ontake(found)}>Lay it on the tube</button>
          </p>
          {#each found.answer as laid, p (p)}
            <div
              class="mt-1 flex h-6 overflow-hidden rounded"
              role="img"
              aria-label={laid.map((s) => `${s.rows} rows ${nameOf(s.yarn)}`).join(', ')}
            >
              {#each laid as s, i (i)}<div
                  class="border-r border-base-100"
                  style:background={hex(s.yarn)}
                  style:flex={s.rows}
                  title="{s.rows} rows {nameOf(s.yarn)}"
                ></div>{/each}
            </div>
          {/each}
        </li>
      {/each}
    </ol>
  {:else if searched.is === 'short'}
    <p class="rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
      It is not enough. With
      {searched.missing
        .flatMap((m, i) => (m > 0.05 ? [`${showRun(m, units)} more of ${nameOf(i)}`] : []))
        .join(' and ')} it would be; that is the least that is missing.
    </p>
  {:else if searched.is === 'ruled-out'}
    <p class="rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
      The wishes rule each other out: take fewer rows at least, or let neighbours be alike.
    </p>
  {:else}
    <p class="rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2">
      The time was over before an answer was found. Fewer wishes, or fewer ends, are quicker.
    </p>
  {/if}
</div>
