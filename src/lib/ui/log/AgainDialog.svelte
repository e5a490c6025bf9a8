<script lang="ts">
  import { goto } from '$app/navigation';
  import { type Kit, yarnName } from '$lib/core/kit';
  import { again } from '$lib/store/again';
  import { namedIn } from '$lib/store/log';
  import { planProject, saveProject } from '$lib/store/projects';
  import type { Project } from '$lib/store/records/project';
  import { allWorkRows } from '$lib/core/read';
  import { notKept } from '../frame/keeping';
  import DialogFrame from '../frame/DialogFrame.svelte';
  import FaultNote from '../frame/FaultNote.svelte';
  import MachineField from '../options/MachineField.svelte';
  import TextField from '../options/TextField.svelte';
  import YarnField from '../options/YarnField.svelte';
  import { paths } from '../paths';
  import { db } from '../state/db';

  let { project, kit, onclose }: { project: Project; kit: Kit; onclose: () => void } = $props();

  let swapped = $state.raw<ReadonlyMap<string, string>>(new Map());
  let typed = $state<string | null>(null);
  const name = $derived(typed ?? project.brief.name);
  let fault = $state('');
  const swap = (from: string, to: string | null): void => {
    if (to !== null) swapped = new Map([...swapped, [from, to]]);
  };
  const wasName = (id: string): string => {
    const yarn = kit.yarns.find((y) => y.id === id);
    return yarn ? yarnName(yarn) : 'a yarn that is gone';
  };
  const next = $derived(again(project, swapped, name));
  const planned = $derived(planProject(kit, next));
  const before = $derived(planProject(kit, project));
  /** What the plan really uses: a yarn of an answer that plays no part is not asked for. */
  const named = $derived.by(() => {
    const all = namedIn(project);
    const used = before.ok ? before.value.fabric.yarns : all.yarns;
    return { machines: all.machines, yarns: all.yarns.filter((id) => used.includes(id)) };
  });
  const rows = (p: typeof planned): number | null => (p.ok ? allWorkRows(p.value) : null);

  async function make(): Promise<void> {
    const made = next;
    fault = await notKept(() => saveProject(db(), made));
    if (!fault) await goto(paths.plan(made.id));
  }
</script>

<DialogFrame
  title="Make it again"
  about="A new project of the same kind, with everything learned since."
  width={38}
  {onclose}
>
  <TextField label="Name" value={name} most={80} onvalue={(v) => (typed = v)} />
  {#each named.machines as id (id)}
    <MachineField
      label="Machine"
      value={swapped.get(id) ?? id}
      machines={kit.machines}
      onvalue={(to) => swap(id, to)}
    />
  {/each}
  <div class="mt-2 space-y-3">
    {#each named.yarns as id (id)}
      <YarnField
        label="In the place of {wasName(id)}"
        value={swapped.get(id) ?? id}
        yarns={kit.yarns}
        onvalue={(to) => swap(id, to)}
      />
    {/each}
  </div>
  <p class="mt-4 rounded-box bg-base-200 px-4 py-3" aria-live="polite" data-testid="again-rows">
    {#if rows(planned) === null}
      With these it cannot be planned: choose a machine and yarns that are there.
    {:else if rows(before) === null || rows(before) === rows(planned)}
      It asks for {rows(planned)} rows.
    {:else}
      It asks for {rows(planned)} rows; the last one had {rows(before)}.
    {/if}
  </p>
  <FaultNote {fault} />
  <div class="mt-3 flex justify-end gap-2">
    <button type="button" class="btn btn-ghost" onclick={onclose}>Back</button>
    <button type="button" class="btn btn-primary" disabled={rows(planned) === null} onclick={make}>Make it again</button
    >
  </div>
</DialogFrame>
