<script lang="ts">
  import { removeOne } from '$lib/store/delete';
  import { deleting } from '$lib/ui/frame/deleting';
  import Camera from '@lucide/svelte/icons/camera';
  import Trash from '@lucide/svelte/icons/trash';
  import { format } from 'date-fns/format';
  import { addPhoto, captionPhoto, photosOf } from '$lib/store/photos';
  import type { Photo } from '$lib/store/records/photo';
  import { keeping, notKept } from '$lib/ui/frame/keeping';
  import FaultNote from '$lib/ui/frame/FaultNote.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import { shrinkPhoto } from '$lib/workers/shrink-photo';

  let { projectId }: { projectId: string } = $props();

  const photos = live(() => photosOf(db(), projectId));
  let fault = $state('');
  let busy = $state(false);

  async function take(files: FileList | null): Promise<void> {
    fault = '';
    busy = true;
    for (const file of files ?? []) {
      try {
        const small = await shrinkPhoto(file);
        fault = await notKept(() => addPhoto(db(), projectId, small));
      } catch {
        fault = `${file.name} must be a photograph this browser can read; received ${file.type || 'a file of no known type'}.`;
      }
      if (fault) break;
    }
    busy = false;
  }
  async function remove(photo: Photo, i: number): Promise<void> {
    const title = photo.caption || `Photograph ${i + 1}`;
    await deleting(title, () => removeOne(db(), 'photo', photo.id, title));
  }
  /** Shows the bytes of a picture for as long as it stands on the page. */
  const shown = (photo: Photo) => (image: HTMLImageElement) => {
    const url = URL.createObjectURL(new Blob([photo.bytes.slice()], { type: photo.type }));
    image.src = url;
    return () => URL.revokeObjectURL(url);
  };
  const nameOf = (photo: Photo, i: number): string => photo.caption || `photograph ${i + 1}`;
</script>

<section class="sheet p-4" aria-label="Photographs" data-testid="photos">
  <h2 class="text-lg font-semibold">Photographs</h2>
  <ul class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(9rem,1fr))] gap-3">
    {#each photos.value ?? [] as photo, i (photo.id)}
      <li class="min-w-0">
        <img class="h-36 w-full rounded-box bg-base-200 object-cover" alt={nameOf(photo, i)} {@attach shown(photo)} />
        <span class="mt-1 flex items-center gap-1">
          <input
            class="input min-w-0 flex-1 text-sm input-sm"
            aria-label="What {nameOf(photo, i)} shows"
            placeholder={format(new Date(photo.takenAt), 'd MMM yyyy')}
            maxlength="200"
            value={photo.caption}
            onchange={(e) => void keeping(() => captionPhoto(db(), photo.id, e.currentTarget.value.trim()))}
          />
          <button
            type="button"
            class="btn btn-square btn-ghost btn-sm"
            aria-label="Delete {nameOf(photo, i)}"
            onclick={() => remove(photo, i)}><Trash class="size-4" /></button
          >
        </span>
      </li>
    {/each}
    <li>
      <label
        class="flex h-36 cursor-pointer flex-col items-center justify-center gap-1 rounded-box border-2 border-dashed border-base-content/30 text-center focus-within:outline-3 focus-within:outline-accent hover:border-base-content"
      >
        <Camera class="size-7" aria-hidden="true" />
        <span class="font-semibold">{busy ? 'One moment …' : 'Add photographs'}</span>
        <input
          type="file"
          class="sr-only"
          accept="image/*"
          multiple
          disabled={busy}
          onchange={(e) => {
            const field = e.currentTarget;
            void take(field.files).then(() => (field.value = ''));
          }}
        />
      </label>
    </li>
  </ul>
  <p class="mt-2 text-sm quiet">They stay in this browser and in its backups. Place and camera are left out.</p>
  <FaultNote {fault} />
</section>
