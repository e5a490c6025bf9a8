<script lang="ts">
  import Search from '@lucide/svelte/icons/search';
  import { voiceOf } from '$lib/words';
  import { GLOSSARY, isMeant } from '$lib/words/glossary';
  import { Habits } from '$lib/core/kit';
  import { ME } from '$lib/store/db';
  import { kindTitle } from '$lib/words';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';
  import WordPictureView from '$lib/ui/words/WordPictureView.svelte';

  const habits = live(() => db().habits.get(ME));
  const voice = $derived(voiceOf(habits.value ?? Habits.parse({})));
  let typed = $state('');
  const groups = $derived(
    GLOSSARY.map(({ title, entries }) => ({
      title,
      entries: entries.filter((entry) => isMeant(entry, typed, voice))
    })).filter(({ entries }) => entries.length > 0)
  );
  const count = $derived(groups.reduce((sum, { entries }) => sum + entries.length, 0));
</script>

<svelte:head><title>Words of the craft · Tomble</title></svelte:head>

<div class="page">
  <div class="flex flex-wrap items-end justify-between gap-3">
    <div>
      <h1 class="text-3xl font-bold">Words of the craft</h1>
      <p class="quiet">
        Every word that is underlined with dots opens its entry where it stands. Here are all of them.
      </p>
    </div>
    <label class="relative block w-full sm:w-72">
      <span class="sr-only">Find a word</span>
      <Search class="pointer-events-none absolute top-1/2 left-3 z-1 size-4 -translate-y-1/2" aria-hidden="true" />
      <input class="input w-full pl-9 text-base" type="search" placeholder="Find a word" bind:value={typed} />
    </label>
  </div>
  <p class="sr-only" role="status">{count} words</p>
  {#if count === 0}
    <p class="mt-10 text-center quiet">No word is called that. Try a shorter piece of it.</p>
  {/if}
  {#each groups as { title, entries } (title)}
    <section class="mt-6" aria-labelledby="group-{title}">
      <h2 id="group-{title}" class="text-xl font-semibold">{title}</h2>
      <ul class="mt-2 grid grid-cols-1 gap-4 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
        {#each entries as entry (entry.id)}
          <li
            id={entry.id}
            class="flex scroll-mt-24 flex-col sheet p-4 target:border-accent target:ring-2 target:ring-accent"
          >
            <h3 class="text-lg font-semibold">{entry.term(voice)}</h3>
            <WordPictureView picture={entry.picture} class="mx-auto my-2 h-40 w-full" />
            <p class="text-sm">{entry.says(voice)}</p>
            <p class="mt-auto pt-2 text-sm quiet">Comes in with a {kindTitle(entry.seenIn).toLowerCase()}.</p>
          </li>
        {/each}
      </ul>
    </section>
  {/each}
</div>
