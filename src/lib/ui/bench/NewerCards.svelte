<script lang="ts">
  import Archive from '@lucide/svelte/icons/archive';
  import Trash from '@lucide/svelte/icons/trash';
  import { type NewerProject, removeNewer } from '$lib/store/newer-projects';
  import { deleting } from '../frame/deleting';
  import { db } from '../state/db';
  import { saveNewer } from './save-newer';

  let { projects }: { projects: readonly NewerProject[] } = $props();
</script>

<section aria-labelledby="newer">
  <h2 id="newer" class="text-xl font-semibold">Made by a newer version</h2>
  <p class="mt-1 mb-3 max-w-prose">
    This version of Tomble does not know everything in them, so it does not show or change them. They are kept whole and
    go into every backup. Update Tomble to open them.
  </p>
  <ul class="grid grid-cols-1 gap-4 md:grid-cols-2">
    {#each projects as project (project.id)}
      <li class="flex items-center gap-2 sheet p-4">
        <h3 class="min-w-0 flex-1 text-lg leading-snug font-semibold wrap-anywhere">{project.name}</h3>
        <button type="button" class="btn btn-quiet btn-sm" onclick={() => saveNewer(project)}
          ><Archive class="size-4" /> Save as a file</button
        >
        <button
          type="button"
          class="btn btn-square btn-ghost"
          aria-label="Delete {project.name}"
          onclick={() => deleting(project.name, () => removeNewer(db(), project))}><Trash class="size-4" /></button
        >
      </li>
    {/each}
  </ul>
</section>
