<script lang="ts">
  import { HEAD_SIZES, sizesFor } from '$lib/core/body';
  import { showLength, type Units } from '$lib/core/quantity';
  import { db } from '../state/db';
  import { live } from '../state/live.svelte';

  interface Props {
    /** Code of the measure. */
    measure: string;
    valueMm: number;
    units: Units;
    onvalue: (mm: number) => void;
  }
  let { measure, valueMm, units, onvalue }: Props = $props();

  const QUESTION: Readonly<Record<string, string>> = {
    head: 'No head at hand?',
    'mug-girth': 'No mug at hand?',
    'mug-height': 'No mug at hand?',
    'bottle-girth': 'No bottle at hand?',
    'bottle-height': 'No bottle at hand?'
  };
  const people = live(() => db().people.toArray());
  const known = $derived(
    (people.value ?? []).flatMap((p) => {
      const mm = p.measures[measure];
      return mm === undefined ? [] : [{ key: p.id, label: p.name, mm }];
    })
  );
  const sizes = $derived(
    measure === 'head'
      ? HEAD_SIZES.map((size) => ({ key: size.code, label: size.label, mm: size.girthMm }))
      : sizesFor(measure)
  );
  const choices = $derived([...known, ...sizes]);
  const chosen = $derived(choices.find((c) => c.mm === valueMm)?.key ?? '');
</script>

{#if choices.length}
  <label class="block pb-1 text-sm quiet">
    {QUESTION[measure] ?? 'Nobody to measure?'}
    <select
      class="select mt-0.5 w-full text-base text-base-content"
      value={chosen}
      onchange={(e) => {
        const mm = choices.find((c) => c.key === e.currentTarget.value)?.mm;
        if (mm !== undefined) onvalue(mm);
      }}
    >
      <option value="">This is measured</option>
      {#each choices as choice (choice.key)}<option value={choice.key}
          >{choice.label}, {showLength(choice.mm, units)}</option
        >{/each}
    </select>
  </label>
{/if}
