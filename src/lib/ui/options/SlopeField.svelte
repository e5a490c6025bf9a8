<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import Trash from '@lucide/svelte/icons/trash';
  import type { TypedSlope } from '$lib/core/plan';
  import { readCount, wordFault } from '$lib/core/quantity';
  import ChoiceField from './ChoiceField.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    /** Null where it is spread evenly. */
    value: TypedSlope | null;
    /** The knitter's word for a row. */
    row: string;
    onvalue: (value: TypedSlope | null) => void;
  }
  let { label, help = '', value, row, onvalue }: Props = $props();
  const uid = $props.id();
  /** A line may change its step so often: as many as the core takes. */
  const MOST_STEPS = 8;
  const START: TypedSlope = { from: 0, steps: [{ every: 2, times: 4 }] };
  const CHOICES = [
    { value: 'even', label: 'Spread evenly' },
    { value: 'typed', label: 'As I type it' }
  ];

  let typed = $state<Record<string, string>>({});
  let fault = $state('');
  // What was typed and did not count is gone once the value came from elsewhere.
  $effect(() => {
    void value;
    if (!document.activeElement?.id.startsWith(uid)) [typed, fault] = [{}, ''];
  });

  function put(
    key: string,
    text: string,
    [field, min, max]: readonly [string, number, number],
    set: (n: number) => TypedSlope
  ): void {
    typed[key] = text;
    const read = readCount(text, { field, min, max });
    fault = read.ok ? '' : wordFault(read.fault);
    if (read.ok) onvalue(set(read.value));
  }
  const step = (at: number, change: Partial<TypedSlope['steps'][number]>): TypedSlope => ({
    from: value!.from,
    steps: value!.steps.map((own, i) => (i === at ? { ...own, ...change } : own))
  });
</script>

{#snippet number(key: string, name: string, shown: number, take: (text: string) => void)}
  <input
    id="{uid}-{key}"
    class="input h-11 w-16 text-center numerals"
    inputmode="numeric"
    autocomplete="off"
    aria-label="{label}: {name}"
    value={typed[key] ?? String(shown)}
    oninput={(e) => take(e.currentTarget.value)}
    onblur={() => !fault && (typed = {})}
  />
{/snippet}

<div class="min-w-0">
  <ChoiceField
    {label}
    {help}
    value={value ? 'typed' : 'even'}
    choices={CHOICES}
    onvalue={(way) => onvalue(way === 'typed' ? (value ?? START) : null)}
  />
  {#if value}
    {@const slope = value}
    <div class="mt-1 flex flex-wrap items-center gap-x-1.5 gap-y-2">
      <span>From {row}</span>
      {@render number('from', `from ${row}`, slope.from, (text) =>
        put('from', text, ['From row', 0, 5000], (from) => ({ ...slope, from }))
      )}
      {#each slope.steps as own, i (i)}
        <span class="flex flex-wrap items-center gap-1.5">
          <span>{i > 0 ? 'then every' : 'every'}</span>
          {@render number(`every-${i}`, `every so many ${row}s, step ${i + 1}`, own.every, (text) =>
            put(`every-${i}`, text, [`Rows of step ${i + 1}`, 1, 200], (every) => step(i, { every }))
          )}
          <span>{own.every === 1 ? row : `${row}s`},</span>
          {@render number(`times-${i}`, `times, step ${i + 1}`, own.times, (text) =>
            put(`times-${i}`, text, [`Times of step ${i + 1}`, 1, 200], (times) => step(i, { times }))
          )}
          <span>{own.times === 1 ? 'time' : 'times'}</span>
          <button
            type="button"
            class="btn btn-square btn-ghost btn-sm"
            aria-label="{label}: remove step {i + 1}"
            disabled={slope.steps.length < 2}
            onclick={() => onvalue({ ...slope, steps: slope.steps.filter((_, at) => at !== i) })}
            ><Trash class="size-4" /></button
          >
        </span>
      {/each}
    </div>
    <p class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
    <button
      type="button"
      class="btn btn-sm"
      disabled={slope.steps.length >= MOST_STEPS}
      onclick={() => onvalue({ ...slope, steps: [...slope.steps, { every: slope.steps.at(-1)!.every, times: 1 }] })}
      ><Plus class="size-4" /> Add a step</button
    >
  {/if}
</div>
