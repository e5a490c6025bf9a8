<script lang="ts">
  import { db } from '../state/db';
  import type { ProjectState } from '../state/project.svelte';

  let { at }: { at: ProjectState } = $props();
  // Looked up once what is shown stands: nobody waits for it.
  let busy = $state.raw<ReadonlyMap<string, string> | null>(null);
  const kit = $derived(at.kit);
  $effect(() => {
    if (kit && at.progress.rows === 0 && busy === null)
      void import('$lib/store/busy').then(async ({ busyMachines }) => (busy = await busyMachines(db(), kit)));
  });
  const taken = $derived(
    at.progress.rows > 0
      ? []
      : [...new Set(at.result?.plan.pieces.map((piece) => piece.machineId))].flatMap((id) => {
          const by = busy?.get(id);
          return by === undefined ? [] : [{ id, by, name: kit?.machines.find((m) => m.id === id)?.name ?? '' }];
        })
  );
</script>

{#each taken as { id, by, name } (id)}
  <p class="rounded-lg border-l-4 border-warning bg-warning/15 px-3 py-2 text-sm" data-testid="busy">
    <strong>{name} is busy:</strong>
    {by} hangs on it.
  </p>
{/each}
