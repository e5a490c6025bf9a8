<script lang="ts">
  import { deleting } from '$lib/ui/frame/deleting';
  import Plug from '@lucide/svelte/icons/plug';
  import Plus from '@lucide/svelte/icons/plus';
  import SlidersHorizontal from '@lucide/svelte/icons/sliders-horizontal';
  import Trash from '@lucide/svelte/icons/trash';
  import { keeping } from '$lib/ui/frame/keeping';
  import { isLarge, lengthAcross, type Machine, presetFor, ringMm, spacingAcross, USUAL_PINS } from '$lib/core/kit';
  import { showLength } from '$lib/core/quantity';
  import { ringScene } from '$lib/draw/ring';
  import { changeMachine, loadKit } from '$lib/store/kit';
  import { isExampleMachine } from '$lib/store/examples';
  import { addMachine } from '$lib/store/own';
  import ChoiceField from '$lib/ui/options/ChoiceField.svelte';
  import CountField from '$lib/ui/options/CountField.svelte';
  import NumberField from '$lib/ui/options/NumberField.svelte';
  import SwitchField from '$lib/ui/options/SwitchField.svelte';
  import TextField from '$lib/ui/options/TextField.svelte';
  import ScenePicture from '$lib/ui/picture/ScenePicture.svelte';
  import type { Project } from '$lib/store/records/project';
  import { paths } from '$lib/ui/paths';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import { Picked } from '$lib/ui/state/picked.svelte';

  const kit = live(() => loadKit(db()));
  const machines = $derived(kit.value?.machines ?? []);
  const units = $derived(kit.value?.habits.units ?? 'metric');
  const picked = new Picked(() => machines);
  const machine = $derived(picked.one);
  let across = $state(10);

  async function add(pins: number): Promise<void> {
    const id = crypto.randomUUID();
    await picked.add(id, () => keeping(() => addMachine(db(), presetFor(pins, id, `${pins} pins`))));
  }
  const keep = (change: Partial<Machine>): void => {
    if (machine) void keeping(() => changeMachine(db(), machine.id, change));
  };
  let inUse = $state.raw<{ gone: Machine; uses: readonly Project[] } | null>(null);
  /** Asked only where something uses it; what it leaves behind can be filled with another one. */
  async function remove(gone: Machine): Promise<void> {
    const { usesOf } = await import('$lib/store/uses');
    const uses = await usesOf(db(), { what: 'machine', id: gone.id });
    if (uses.length) inUse = { gone, uses };
    else await throwAway(gone, null);
  }
  async function throwAway(gone: Machine, by: string | null): Promise<void> {
    inUse = null;
    const { deleteThing } = await import('$lib/store/uses');
    await deleting(gone.name, () => deleteThing(db(), { what: 'machine', id: gone.id }, gone.name, by));
  }
</script>

<svelte:head><title>Machines · Tomble</title></svelte:head>

<div class="page">
  <div class="flex flex-wrap items-center justify-between gap-2">
    <h1 class="text-3xl font-bold">Machines</h1>
    <div class="flex flex-wrap gap-2">
      <a class="btn btn-quiet" href={paths.settings}><SlidersHorizontal class="size-5" /> How you work</a>
      <a class="btn btn-quiet" href={paths.devices}><Plug class="size-5" /> Devices</a>
    </div>
  </div>
  <div class="mt-4 grid grid-cols-1 gap-5 lg:grid-cols-[17rem_minmax(0,1fr)]">
    <div>
      <ul class="space-y-2">
        {#each machines as each (each.id)}
          <li>
            <button
              type="button"
              class="flex w-full cursor-pointer items-center gap-3 rounded-box border-2 bg-base-100 p-3 text-left {each.id ===
              machine?.id
                ? 'border-primary'
                : 'border-base-300 hover:border-base-content/40'}"
              aria-pressed={each.id === machine?.id}
              onclick={() => picked.pick(each.id)}
            >
              <span class="w-12 text-right numerals text-3xl font-bold">{each.pins}</span>
              <span class="min-w-0">
                <span class="block font-semibold"
                  >{each.name}{#if isExampleMachine(each)}<span class="ml-2 badge badge-sm">example</span>{/if}</span
                >
                <span class="block text-sm quiet"
                  >{isLarge(each) ? 'large' : 'small'}{each.counter === 'none' ? ', no counter' : ''}{each.motor
                    ? ', motor'
                    : ''}</span
                >
              </span>
            </button>
          </li>
        {/each}
      </ul>
      <h2 class="mt-5 mb-2 font-semibold">Add one of</h2>
      <div class="grid grid-cols-3 gap-2">
        {#each USUAL_PINS as pins (pins)}
          <button type="button" class="btn btn-quiet" onclick={() => add(pins)}><Plus class="size-4" /> {pins}</button>
        {/each}
      </div>
      <p class="mt-1 text-sm quiet">Pins. Every value can be changed afterwards.</p>
    </div>
    {#if machine}
      {#key machine.id}
        <div class="grid grid-cols-1 gap-5 sheet p-4 md:grid-cols-[minmax(0,1fr)_minmax(0,22rem)]">
          <div class="order-2 grid grid-cols-1 content-start gap-x-4 gap-y-1 sm:grid-cols-2 md:order-1">
            <TextField label="Name" value={machine.name} most={60} onvalue={(name) => keep({ name })} />
            <CountField label="Pins" value={machine.pins} min={4} max={200} onvalue={(pins) => keep({ pins })} />
            <div class="sm:col-span-2">
              <ChoiceField
                label="Marker"
                value={machine.marker.kind}
                choices={[
                  { value: 'light-among-dark', label: 'One light pin' },
                  { value: 'dark-among-light', label: 'One dark pin' },
                  { value: 'several', label: 'A few pins' }
                ]}
                onvalue={(kind) => keep({ marker: { ...machine.marker, kind: kind as Machine['marker']['kind'] } })}
              />
            </div>
            <ChoiceField
              label="The marker is the"
              value={machine.marker.counts}
              choices={[
                { value: 'first', label: 'first pin' },
                { value: 'last', label: 'last pin' }
              ]}
              onvalue={(counts) => keep({ marker: { ...machine.marker, counts: counts as 'first' | 'last' } })}
            />
            <ChoiceField
              label="Row counter"
              value={machine.counter}
              choices={[
                { value: 'tube', label: 'Counts in TUBE' },
                { value: 'none', label: 'None' }
              ]}
              onvalue={(counter) => keep({ counter: counter as Machine['counter'] })}
            />
            <CountField
              label="Stitches lost at the start"
              help="In PANEL mode with the whole ring cast on."
              value={machine.reach.start}
              min={0}
              max={6}
              onvalue={(start) => keep({ reach: { ...machine.reach, start } })}
            />
            <CountField
              label="Stitches lost at the end"
              value={machine.reach.end}
              min={0}
              max={6}
              onvalue={(end) => keep({ reach: { ...machine.reach, end } })}
            />
            <CountField
              label="Tension holes"
              value={machine.tensionHoles}
              min={1}
              max={5}
              onvalue={(tensionHoles) => keep({ tensionHoles })}
            />
            <SwitchField
              label="Slots are numbered"
              value={machine.numbered}
              onvalue={(numbered) => keep({ numbered })}
            />
            <CountField
              label="Tape across so many pins"
              help="From the first of them to the last."
              value={across}
              min={2}
              max={machine.pins}
              onvalue={(n) => (across = n)}
            />
            <NumberField
              label="is so long"
              unit="mm"
              help={machine.pinSpacingMm === null
                ? `Not measured: a turn of the ring is taken as ${showLength(ringMm(machine), units)}.`
                : `${machine.pinSpacingMm.toFixed(1)} mm from pin to pin; a turn is ${showLength(ringMm(machine), units)}.`}
              value={machine.pinSpacingMm === null
                ? null
                : Math.round(10 * lengthAcross(machine.pinSpacingMm, across)) / 10}
              min={lengthAcross(4, across)}
              max={lengthAcross(40, across)}
              optional
              onvalue={(mm) => keep({ pinSpacingMm: mm === null ? null : spacingAcross(mm, across) })}
            />
            <NumberField
              label="or once round all pins"
              unit="mm"
              help="A tape laid round the ring of pins."
              value={machine.pinSpacingMm === null ? null : Math.round(ringMm(machine))}
              min={4 * machine.pins}
              max={40 * machine.pins}
              optional
              onvalue={(mm) => keep({ pinSpacingMm: mm === null ? null : mm / machine.pins })}
            />
            <SwitchField label="Driven by a motor" value={machine.motor} onvalue={(motor) => keep({ motor })} />
            {#if machine.motor}
              <p class="rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2 text-sm sm:col-span-2">
                Low speed only; never for the first rows or for panels; hair, sleeves and children well away.
              </p>
            {/if}
          </div>
          <div class="order-1 md:order-2">
            <ScenePicture scene={ringScene(machine, 340)} class="mx-auto w-full max-w-88" />
            <p class="mt-1 text-center text-sm quiet">
              From above; you sit at the lower side. Struck pins are lost in a full panel. Never force a PANEL stop: it
              breaks the machine.
            </p>
            {#if machines.length > 1}
              <button type="button" class="btn mt-4 w-full btn-ghost" onclick={() => remove(machine)}
                ><Trash class="size-4" /> Delete {machine.name}</button
              >
            {/if}
          </div>
        </div>
      {/key}
    {/if}
  </div>
</div>

{#if inUse}
  {@const { gone, uses } = inUse}
  {#await import('$lib/ui/kit/InUseDialog.svelte') then { default: InUseDialog }}
    <InUseDialog
      name={gone.name}
      {uses}
      others={machines.filter((m) => m.id !== gone.id).map((m) => ({ id: m.id, name: `${m.name}, ${m.pins} pins` }))}
      ondelete={(by) => void throwAway(gone, by)}
      onclose={() => (inUse = null)}
    />
  {/await}
{/if}
