<script lang="ts">
  import { formatISO } from 'date-fns/formatISO';
  import { goto } from '$app/navigation';
  import { type Body, sizesFor } from '$lib/core/body';
  import { kindOf } from '$lib/core/kinds';
  import { type Kit, yarnName } from '$lib/core/kit';
  import { optionFields } from '$lib/core/plan';
  import { type DrawnUp, placesToColour } from '$lib/core/series';
  import { showLength } from '$lib/core/quantity';
  import { namedIn } from '$lib/store/log';
  import { planOf } from '$lib/store/plans';
  import type { Project } from '$lib/store/records/project';
  import { Series } from '$lib/store/records/series';
  import { keepSeries } from '$lib/store/series';
  import { drawUpSeries } from '$lib/workers/draw-up-series';
  import { notKept } from '../frame/keeping';
  import FaultNote from '../frame/FaultNote.svelte';
  import TextField from '../options/TextField.svelte';
  import { paths } from '../paths';
  import { db } from '../state/db';
  import YarnDot from '../yarn/YarnDot.svelte';
  import DrawnThings from './DrawnThings.svelte';
  import EveningsField from './EveningsField.svelte';
  import SizesField, { type Size } from './SizesField.svelte';

  let { kit, projects }: { kit: Kit; projects: readonly Project[] } = $props();

  const uid = $props.id();
  const today = formatISO(new Date(), { representation: 'date' });
  // What can be made again and again: whatever names yarns. Only the chosen one is planned; there may be years of them.
  const models = $derived(projects.filter((p) => namedIn(p).yarns.length > 0));
  let modelId = $state('');
  const model = $derived(models.find((p) => p.id === modelId) ?? models[0]);
  const result = $derived(model ? planOf(kit, model) : null);
  const places = $derived(result ? placesToColour(result) : []);
  const kind = $derived(model ? kindOf(model.brief.kind) : undefined);
  const measures = $derived(kind ? optionFields(kind.options).flatMap(({ meta }) => meta.measure ?? []) : []);
  const AS_PLANNED: Body = { key: 'as-planned', label: 'As planned', measures: {} };
  const bodies = $derived([AS_PLANNED, ...sizesFor(measures)]);
  const bodyName = (body: Body): string => {
    const code = measures.find((m) => body.measures[m] !== undefined);
    return code === undefined ? body.label : `${body.label}, ${showLength(body.measures[code]!, kit.habits.units)}`;
  };
  let sizes = $state.raw<readonly Size[]>([{ key: 'as-planned', count: 6 }]);
  const wanted = $derived(
    sizes.flatMap(({ key, count }) => {
      const body = bodies.find((b) => b.key === key);
      return body ? [{ body, count }] : [];
    })
  );
  const many = $derived(wanted.reduce((sum, { count }) => sum + count, 0));
  let chosen = $state.raw<readonly string[] | null>(null);
  // The yarns of the model to begin with, as far as anybody knows how much of them is there.
  const yarnIds = $derived(chosen ?? places.filter((id) => kit.yarns.find((y) => y.id === id)?.stockGrams));
  const toggle = (id: string): void => {
    chosen = yarnIds.includes(id) ? yarnIds.filter((y) => y !== id) : [...yarnIds, id];
  };
  let typedName = $state<string | null>(null);
  const name = $derived(typedName ?? (model ? `${many} of: ${model.brief.name}`.slice(0, 80) : ''));
  let by = $state('');
  let from = $state(today);
  let evenings = $state.raw<Series['evenings']>({ days: [1, 3, 5], minutes: 60, at: '19:30' });
  let drawn = $state.raw<{ readonly of: string; readonly up: DrawnUp } | null>(null);
  let working = $state(false);
  let fault = $state('');
  /** What the drawing depends on: once it changes, what was drawn up is old. */
  const asked = $derived(JSON.stringify([model?.id, model?.rev, wanted, yarnIds]));
  const up = $derived(drawn?.of === asked ? drawn.up : null);
  async function draw(): Promise<void> {
    if (!model) return;
    fault = '';
    working = true;
    const of = asked;
    try {
      drawn = { of, up: await drawUpSeries(kit, model.brief, wanted, [...yarnIds]) };
    } catch {
      fault = 'The series could not be drawn up: the worker of this page did not answer. Load the page again.';
    }
    working = false;
  }
  async function keep(): Promise<void> {
    if (!up?.ok || !model) return;
    const { things } = up;
    const named = things.map(({ brief, size }, i) => ({
      brief,
      name: `${name} · ${i + 1}${size === AS_PLANNED.label ? '' : `, ${size}`}`.slice(0, 80)
    }));
    let id = '';
    fault = await notKept(async () => {
      id = await keepSeries(db(), { name, by: by || null, from, evenings }, named);
    });
    if (!fault) await goto(paths.batch(id));
  }
</script>

{#if !model}
  <p class="mt-2">
    Plan one thing first; a series makes it again and again. <a class="link" href={paths.choose}>Plan one</a>
  </p>
{:else}
  <div class="grid grid-cols-1 gap-x-8 gap-y-4 lg:grid-cols-2">
    <div class="space-y-4">
      <label class="block" for="{uid}-model">
        <span class="mb-1 block font-semibold">What is made</span>
        <select
          id="{uid}-model"
          class="select w-full text-base"
          value={model.id}
          onchange={(e) => {
            modelId = e.currentTarget.value;
            [chosen, sizes] = [null, [{ key: 'as-planned', count: many || 6 }]];
          }}
        >
          {#each models as p (p.id)}<option value={p.id}>{p.brief.name}</option>{/each}
        </select>
      </label>
      <SizesField {sizes} {bodies} {bodyName} onsizes={(list) => (sizes = list)} />
      <fieldset>
        <legend class="font-semibold">From these yarns</legend>
        <p class="mb-1 text-sm quiet">
          {places.length === 1 ? 'One goes into each' : `${places.length} different ones go into each`}; none runs out.
          Those of unknown weight must be weighed first.
        </p>
        <div class="flex flex-wrap gap-1.5">
          {#each kit.yarns as yarn (yarn.id)}
            <label
              class="flex min-h-10 items-center gap-2 rounded-md border border-base-300 px-2.5 has-checked:border-2 has-checked:border-primary has-focus-visible:outline-3 has-focus-visible:outline-accent has-disabled:opacity-60 {yarn.stockGrams
                ? 'cursor-pointer'
                : ''}"
            >
              <input
                type="checkbox"
                class="size-4 accent-primary"
                checked={yarnIds.includes(yarn.id)}
                disabled={!yarn.stockGrams}
                onchange={() => toggle(yarn.id)}
              />
              <YarnDot hex={yarn.colour.hex} size={18} />
              <span>{yarnName(yarn)}, {yarn.stockGrams === null ? 'unknown' : `${Math.round(yarn.stockGrams)} g`}</span>
            </label>
          {/each}
        </div>
      </fieldset>
    </div>
    <div class="space-y-4">
      <TextField label="Name of the series" value={name} most={80} onvalue={(v) => (typedName = v)} />
      <div class="grid grid-cols-2 gap-3">
        <label class="block" for="{uid}-from">
          <span class="mb-1 block font-semibold">Begins</span>
          <input id="{uid}-from" type="date" class="input w-full text-base" required bind:value={from} />
        </label>
        <label class="block" for="{uid}-by">
          <span class="mb-1 block font-semibold">All done by</span>
          <input id="{uid}-by" type="date" class="input w-full text-base" min={from} bind:value={by} />
        </label>
      </div>
      <EveningsField {evenings} onevenings={(e) => (evenings = e)} />
    </div>
  </div>
  <FaultNote {fault} />
  <div class="mt-4 flex flex-wrap items-center gap-3">
    <button
      type="button"
      class="btn {up?.ok ? 'btn-quiet' : 'btn-primary'}"
      disabled={working || places.length === 0 || yarnIds.length < places.length}
      onclick={draw}>{working ? 'Drawing it up …' : `Draw up ${many}`}</button
    >
    {#if yarnIds.length < places.length}
      <p class="text-sm">Choose at least {places.length} yarns.</p>
    {/if}
  </div>
  {#if up}<DrawnThings {up} {many} {kit} dated={from !== ''} onkeep={keep} />{/if}
{/if}
