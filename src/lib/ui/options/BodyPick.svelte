<script lang="ts">
  import type * as z from 'zod/mini';
  import { type Body, fitted, measureOf, sizesFor } from '$lib/core/body';
  import { showLength, type Units } from '$lib/core/quantity';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';

  interface Props {
    /** Options of the kind, and how they stand. */
    schema: z.ZodMiniObject;
    options: Readonly<Record<string, unknown>>;
    /** Codes of the measures that are asked for; the first stands beside each name. */
    measures: readonly string[];
    units: Units;
    onpick: (options: Record<string, unknown>) => void;
  }
  let { schema, options, measures, units, onpick }: Props = $props();

  const THINGS: Readonly<Record<string, string>> = { head: 'head', mug: 'mug', bottle: 'bottle' };
  const thing = $derived(THINGS[measures[0]!.split('-')[0]!]);
  const people = live(() => db().people.toArray());
  const known = $derived(
    (people.value ?? [])
      .filter((p) => measures.some((code) => p.measures[code] !== undefined))
      .map((p): Body => ({ key: p.id, label: p.name, age: p.age, measures: p.measures }))
  );
  const bodies = $derived([...known, ...sizesFor(measures)]);
  const stands = (body: Body): boolean =>
    Object.entries(fitted(schema, body)).every(([key, value]) => key === 'wearer' || options[key] === value);
  const chosen = $derived(bodies.find(stands)?.key ?? '');
  const sizeOf = (body: Body): string => {
    const code = measures.find((m) => body.measures[m] !== undefined);
    if (code === undefined) return '';
    const what = measures.length > 1 && !thing ? `${measureOf(code)?.label.toLowerCase()} ` : '';
    return `, ${what}${showLength(body.measures[code]!, units)}`;
  };
</script>

{#if bodies.length}
  <label class="block pb-1 {measures.length > 1 ? 'font-semibold' : 'text-sm quiet'}">
    {thing ? `No ${thing} at hand?` : 'Measures of'}
    <select
      class="select mt-0.5 w-full text-base font-normal text-base-content"
      value={chosen}
      onchange={(e) => {
        const body = bodies.find((b) => b.key === e.currentTarget.value);
        if (body) onpick(fitted(schema, body));
      }}
    >
      <option value="">{measures.length > 1 ? 'These are measured' : 'This is measured'}</option>
      {#each bodies as body (body.key)}<option value={body.key}>{body.label}{sizeOf(body)}</option>{/each}
    </select>
  </label>
{/if}
