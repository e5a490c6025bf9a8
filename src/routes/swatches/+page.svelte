<script lang="ts">
  import { type FingerTension, gaugeFor, usualHole, yarnOf } from '$lib/core/kit';
  import { loadKit } from '$lib/store/kit';
  import KnownGauge from '$lib/ui/kit/KnownGauge.svelte';
  import MeasureSwatch from '$lib/ui/kit/MeasureSwatch.svelte';
  import ChoiceField from '$lib/ui/options/ChoiceField.svelte';
  import SelectField from '$lib/ui/options/SelectField.svelte';
  import YarnField from '$lib/ui/options/YarnField.svelte';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const source = live(() => loadKit(db()));
  const kit = $derived(source.value ?? null);
  // The page opens on what was measured last.
  const newest = $derived(kit?.swatches.toSorted((a, b) => b.on.localeCompare(a.on))[0]);
  let pickedMachine = $state('');
  let pickedYarn = $state('');
  let pickedStrands = $state(0);
  let pickedHole = $state(0);
  let fingers = $state<FingerTension>('usual');
  const machine = $derived(
    kit &&
      (kit.machines.find((m) => m.id === pickedMachine) ??
        kit.machines.find((m) => m.id === newest?.machineId) ??
        kit.machines[0])
  );
  const base = $derived(
    kit &&
      (kit.yarns.find((y) => y.id === pickedYarn) ?? kit.yarns.find((y) => y.id === newest?.yarnId) ?? kit.yarns[0])
  );
  const strands = $derived(pickedStrands || (base?.strands ?? 1));
  const yarn = $derived(kit && base ? yarnOf(kit, base.id, { [base.id]: strands }) : null);
  const hole = $derived(machine && yarn ? Math.min(machine.tensionHoles, pickedHole || usualHole(machine, yarn)) : 1);
  const gauge = $derived(kit && machine && yarn ? gaugeFor(kit, machine, yarn, hole, fingers) : null);
</script>

<svelte:head><title>Swatches · Tomble</title></svelte:head>

<div class="page">
  <div class="flex flex-wrap items-end justify-between gap-2">
    <h1 class="text-3xl font-bold">Swatches</h1>
    <a class="font-semibold underline" href={paths.convert}>Convert a pattern's gauge</a>
  </div>
  {#if kit && machine && base && yarn && gauge}
    <div
      class="mt-4 grid grid-cols-1 gap-x-4 sheet p-4 sm:grid-cols-2 lg:grid-cols-[minmax(0,1.2fr)_minmax(0,1.6fr)_auto_auto_auto]"
    >
      <SelectField
        label="Machine"
        value={machine.id}
        choices={kit.machines.map((m) => ({ value: m.id, label: `${m.name}, ${m.pins} pins` }))}
        onvalue={(id) => (pickedMachine = id)}
      />
      <YarnField label="Yarn" value={base.id} yarns={kit.yarns} onvalue={(id) => id && (pickedYarn = id)} />
      <ChoiceField
        label="Strands"
        value={String(strands)}
        choices={['1', '2', '3'].map((n) => ({ value: n, label: n }))}
        onvalue={(n) => (pickedStrands = Number(n))}
      />
      <ChoiceField
        label="Tension hole, 1 is the smallest"
        value={String(hole)}
        choices={Array.from({ length: machine.tensionHoles }, (_, i) => ({
          value: String(i + 1),
          label: String(i + 1)
        }))}
        onvalue={(n) => (pickedHole = Number(n))}
      />
      <ChoiceField
        label="Finger tension"
        value={fingers}
        choices={[
          { value: 'loose', label: 'Loose' },
          { value: 'usual', label: 'As usual' },
          { value: 'firm', label: 'Firmer' }
        ]}
        onvalue={(held) => (fingers = held as FingerTension)}
      />
    </div>

    <div class="mt-5 grid grid-cols-1 gap-5 lg:grid-cols-2">
      <KnownGauge {kit} {machine} {yarn} {hole} {fingers} />
      <MeasureSwatch {kit} {machine} yarn={base} {strands} {hole} {fingers} {gauge} />
    </div>
  {/if}
</div>
