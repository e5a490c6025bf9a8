<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';
  import type { SaidFinding, Speech } from '$lib/words';
  import FindingNote from '../finding/FindingNote.svelte';
  import type { ProjectState } from '../state/project.svelte';
  import OwnPlaceField from './OwnPlaceField.svelte';
  import { type OwnPlace, ownPlaceOf, ownPlacesOf, placed, takenOut, waiting } from './own-place';

  let { at, say, findings = [] }: { at: ProjectState; say: Speech; findings?: readonly SaidFinding[] } = $props();
  const uid = $props.id();
  const MOST = 20;
  const LONGEST = 300;
  const END: OwnPlace = { at: 'end' };
  const WAITS = [
    { hours: 0, label: 'No waiting' },
    { hours: 1, label: 'Then an hour' },
    { hours: 4, label: 'Then 4 hours' },
    { hours: 12, label: 'Then overnight' },
    { hours: 24, label: 'Then a day' },
    { hours: 48, label: 'Then two days' }
  ];
  const brief = $derived(at.project!.brief);
  const places = $derived(at.result ? ownPlacesOf(at.result, say) : { acts: [], pieces: [] });
  let text = $state('');
  let place = $state.raw<OwnPlace>(END);
  let hours = $state(0);
  let fault = $state('');

  function add(event: SubmitEvent): void {
    event.preventDefault();
    const said = text.trim();
    fault =
      said === ''
        ? 'Your own step must say something; received nothing.'
        : brief.ownSteps.includes(said)
          ? 'Your own step must be a new one; received one that is there.'
          : '';
    if (fault) return;
    at.edit({ ...placed(brief, places, said, place), ...waiting(brief, said, hours) });
    [text, place, hours] = ['', END, 0];
  }
</script>

{#snippet pauses()}
  {#each WAITS as wait (wait.hours)}<option value={wait.hours}>{wait.label}</option>{/each}
{/snippet}

<form class="mt-3" onsubmit={add}>
  <label class="font-semibold" for="{uid}-own">A step of your own</label>
  <div class="mt-1 flex flex-wrap gap-2">
    <input
      id="{uid}-own"
      class="input min-w-48 flex-2 text-base"
      maxlength={LONGEST}
      placeholder="Sew in the name label"
      bind:value={text}
      oninput={() => (fault = '')}
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="{uid}-fault"
    />
    <OwnPlaceField label="Where it comes" {place} {places} onplace={(to) => (place = to)} />
    {#if place.at !== 'row'}
      <select class="select min-w-40 flex-1 text-base" aria-label="How long it waits then" bind:value={hours}>
        {@render pauses()}
      </select>
    {/if}
    <button class="btn btn-quiet" disabled={brief.ownSteps.length >= MOST}><Plus class="size-5" /> Add</button>
  </div>
  <p id="{uid}-fault" class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
  {#if brief.ownSteps.length}
    <ul class="space-y-1" aria-label="Your own steps">
      {#each brief.ownSteps as step (step)}
        {@const comes = ownPlaceOf(brief, places, step)}
        <li class="flex flex-wrap items-center gap-2 border-t border-base-300 pt-2 text-sm">
          <p class="flex basis-full items-center justify-between gap-2">
            <span class="min-w-0 text-base">{step}</span>
            <button
              type="button"
              class="btn btn-square btn-ghost btn-sm"
              aria-label="Take out: {step}"
              onclick={() => at.edit(takenOut(brief, step))}><X class="size-4" /></button
            >
          </p>
          <OwnPlaceField
            small
            label="Where it comes: {step}"
            place={comes}
            {places}
            onplace={(to) => at.edit(placed(brief, places, step, to))}
          />
          {#if comes.at !== 'row'}
            <select
              class="select max-w-44 min-w-0 flex-1 select-sm"
              aria-label="How long it waits: {step}"
              value={brief.ownWaits?.[step] ?? 0}
              onchange={(e) => at.edit(waiting(brief, step, Number(e.currentTarget.value)))}
            >
              {@render pauses()}
            </select>
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  {#each findings as finding, i (`${finding.code} ${i}`)}
    <div class="mt-2"><FindingNote {finding} onfix={(fix) => at.edit(fix.change)} /></div>
  {/each}
</form>
