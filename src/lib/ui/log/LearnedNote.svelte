<script lang="ts">
  import { type Kit, yarnName } from '$lib/core/kit';
  import type { Lessons } from '$lib/core/lesson';
  import type { Speech } from '$lib/words';
  import { keeping } from '../frame/keeping';
  import { tell } from '../frame/tell.svelte';
  import { db } from '../state/db';
  import { setAside } from '$lib/store/kit';

  let { lessons, kit, say, projectId }: { lessons: Lessons; kit: Kit; say: Speech; projectId: string } = $props();

  const nameOf = (id: string): string => {
    const yarn = kit.yarns.find((y) => y.id === id);
    return yarn ? yarnName(yarn) : id;
  };
  const forgotten = $derived(lessons.yarns.every((lesson) => lesson.forgotten));
  async function forget(aside: boolean): Promise<void> {
    const ids = kit.finished.filter((piece) => piece.projectId === projectId).map((piece) => piece.id);
    const kept = await keeping(() => Promise.all(ids.map((id) => setAside(db(), id, aside))));
    if (kept) void tell(aside ? 'Forgotten: it is kept, and counts no more' : 'It counts again');
  }
</script>

<section class="sheet p-4" aria-label="What was learned" data-testid="learned">
  <h2 class="text-lg font-semibold">What was learned</h2>
  <ul class="mt-1 space-y-1">
    {#each lessons.yarns as lesson (lesson.yarnId)}
      <li>{say.words.lesson(lesson, nameOf(lesson.yarnId), say.talk)}</li>
    {/each}
    {#if lessons.next}<li class="font-semibold">{say.words.nextTime(lessons.next, say.talk)}</li>{/if}
  </ul>
  <button type="button" class="btn mt-3 btn-quiet btn-sm" onclick={() => forget(!forgotten)}
    >{forgotten ? 'Let it count again' : 'Forget this'}</button
  >
</section>
