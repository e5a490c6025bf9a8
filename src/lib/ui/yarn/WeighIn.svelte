<script lang="ts">
  import { weighIn } from '$lib/core/convert';
  import { type Kit, machineOf, type Yarn } from '$lib/core/kit';
  import { showFigure, showRange } from '$lib/core/quantity';
  import NumberField from '../options/NumberField.svelte';

  let { yarn, kit, onstock }: { yarn: Yarn; kit: Kit; onstock: (grams: number) => void } = $props();
  const uid = $props.id();
  let gross = $state<number | null>(null);
  let tare = $state(0);
  let machineId = $state('');
  const machine = $derived(machineOf(kit, machineId || kit.machines[0]!.id));
  const tooLight = $derived(gross !== null && tare > gross);
  const read = $derived(gross === null || tooLight ? null : weighIn(kit, machine, yarn, gross, tare));
</script>

<fieldset class="col-span-2 mt-1 rounded-lg border border-base-300 px-3 pb-2">
  <legend class="px-1 font-semibold">What is left? Weigh it</legend>
  <div class="grid grid-cols-2 gap-x-4 sm:grid-cols-3">
    <NumberField
      label="On the scale"
      unit="g"
      value={gross}
      min={0}
      max={20000}
      optional
      onvalue={(v) => (gross = v)}
    />
    <NumberField label="Core or bowl" unit="g" value={tare} min={0} max={5000} onvalue={(v) => (tare = v ?? 0)} />
    <div class="max-sm:col-span-2">
      <label class="mb-1 block font-semibold" for="{uid}-machine">On which machine</label>
      <select
        id="{uid}-machine"
        class="select w-full text-base"
        value={machine.id}
        onchange={(e) => (machineId = e.currentTarget.value)}
      >
        {#each kit.machines as each (each.id)}<option value={each.id}>{each.name}, {each.pins} pins</option>{/each}
      </select>
    </div>
  </div>
  <div class="min-h-11 text-sm" aria-live="polite">
    {#if tooLight}
      <p class="font-semibold text-error">
        Core or bowl must be at most the {gross} g on the scale; received {tare} g.
      </p>
    {:else if read}
      <p class="flex flex-wrap items-center gap-x-3 gap-y-1">
        <span
          ><strong class="numerals text-base">{showFigure(read.metres, kit.habits.units)}</strong> of one strand,</span
        >
        <span
          ><strong class="numerals text-base"
            >{showRange(read.rows, kit.habits.units) || showFigure(read.rows, kit.habits.units)}</strong
          >
          on
          {machine.name}</span
        >
        <button type="button" class="btn btn-sm" onclick={() => onstock(read.grams)}>Put {read.grams} g at hand</button>
      </p>
    {:else}
      <p class="quiet">Metres and rows that are left appear here.</p>
    {/if}
  </div>
</fieldset>
