<script lang="ts">
  import type { Snippet } from 'svelte';
  import { beforeNavigate } from '$app/navigation';
  import { page } from '$app/state';
  import { discardUntouched } from '$lib/store/delete';
  import { kindOf } from '$lib/core/kinds';
  import NewerProject from '$lib/ui/bench/NewerProject.svelte';
  import { begun } from '$lib/ui/choose/begun';
  import { db } from '$lib/ui/state/db';
  import StageBar from '$lib/ui/frame/StageBar.svelte';
  import Collided from '$lib/ui/frame/Collided.svelte';
  import Departing from '$lib/ui/frame/Departing.svelte';
  import { isTyping } from '$lib/ui/frame/typing';
  import Unkept from '$lib/ui/frame/Unkept.svelte';
  import GoneProject from '$lib/ui/frame/GoneProject.svelte';
  import Replaced from '$lib/ui/frame/Replaced.svelte';
  import Waiting from '$lib/ui/frame/Waiting.svelte';
  import { paths } from '$lib/ui/paths';
  import { provideProject } from '$lib/ui/state/context';
  import { provideVoice } from '$lib/ui/words/voice';
  import { Habits } from '$lib/core/kit';
  import { voiceOf } from '$lib/words';
  import { ProjectState } from '$lib/ui/state/project.svelte';

  let { children }: { children: Snippet } = $props();
  const at = provideProject(new ProjectState());
  const voice = $derived(voiceOf(at.kit?.habits ?? Habits.parse({})));
  provideVoice(() => voice);
  // Going from one page of a project to another is no reason to read it anew.
  const id = $derived(page.params.id);
  $effect(() => (id ? at.follow(id) : undefined));

  // Going back from a plan that was only looked at leaves nothing on the bench.
  beforeNavigate(({ type, to }) => {
    const looked = at.project && begun.id === at.project.id ? at.project : null;
    if (!looked || type !== 'popstate' || to?.route.id !== '/new') return;
    begun.id = null;
    if (looked.past.length === 0 && at.events.length === 0) void discardUntouched(db(), looked.id);
  });

  function keys(event: KeyboardEvent): void {
    if (isTyping(event.target) || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
    // At the crank it is the row that is taken back, by the keys of that page.
    if (page.url.pathname.endsWith('/crank')) return;
    event.preventDefault();
    if (event.shiftKey) at.redo();
    else at.undo();
  }
</script>

<svelte:window onkeydown={keys} />
<svelte:head><title>{at.project?.brief.name ?? 'Project'} · Tomble</title></svelte:head>

{#if at.status === 'ready' && at.project && !kindOf(at.project.brief.kind)}
  <NewerProject project={at.project} />
{:else if at.status === 'ready' && at.project}
  <StageBar {at} />
  <Unkept {at} />
  <Waiting {at} />
  <Replaced {at} />
  <Collided {at} />
  <Departing {at} />
  {@render children()}
{:else if at.status === 'loading'}
  <p class="p-8 text-center quiet" role="status">Unrolling the plan …</p>
{:else}
  <div class="mx-auto max-w-xl p-8" role="alert">
    {#if at.status === 'missing' && at.kit !== null && id}
      <GoneProject {id} />
    {:else}
      <h1 class="text-2xl font-semibold">
        {at.status === 'missing' ? 'There is nothing to plan with' : 'The storage of this browser does not open'}
      </h1>
      <p class="mt-2">
        {at.status === 'missing'
          ? 'There is no machine or no yarn to plan with. Add one and it is here again.'
          : 'Nothing is lost by that. Close other windows of Tomble, then load the page again.'}
      </p>
      <a class="btn mt-4 btn-primary" href={paths.bench}>To the bench</a>
    {/if}
  </div>
{/if}
