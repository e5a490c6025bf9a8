<script lang="ts">
  import Archive from '@lucide/svelte/icons/archive';
  import Trash from '@lucide/svelte/icons/trash';
  import { goto } from '$app/navigation';
  import { removeProject } from '$lib/store/delete';
  import type { Project } from '$lib/store/records/project';
  import { deleting } from '../frame/deleting';
  import { paths } from '../paths';
  import { db } from '../state/db';
  import { saveNewer } from './save-newer';

  let { project }: { project: Project } = $props();
  const name = $derived(project.brief.name);
  async function remove(): Promise<void> {
    if (await deleting(name, () => removeProject(db(), project.id))) await goto(paths.bench);
  }
</script>

<div class="mx-auto max-w-xl p-8">
  <h1 class="text-2xl font-semibold wrap-anywhere">{name}</h1>
  <p class="mt-2">
    <strong>Made by a newer version.</strong> This version of Tomble does not know this kind of project, so it does not show
    or change it. It is kept whole and goes into every backup. Update Tomble to open it.
  </p>
  <div class="mt-5 flex flex-wrap gap-2">
    <a class="btn btn-primary" href={paths.bench}>To the bench</a>
    <button type="button" class="btn btn-quiet" onclick={() => saveNewer({ id: project.id, name })}
      ><Archive class="size-4" /> Save as a file</button
    >
    <button type="button" class="btn btn-ghost" onclick={remove}><Trash class="size-4" /> Delete</button>
  </div>
</div>
