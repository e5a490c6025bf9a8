<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';

  interface Props {
    steps: readonly string[];
    /** Before which act each comes, by its words; the end where it has none. */
    places: Readonly<Record<string, string>>;
    /** Acts by id, in their order, with what they are called. */
    acts: readonly { readonly id: string; readonly title: string }[];
    /** Hours it takes by itself then, by its words. */
    waits: Readonly<Record<string, number>>;
    onsteps: (steps: string[], places: Record<string, string>, waits: Record<string, number>) => void;
  }
  let { steps, places, acts, waits, onsteps }: Props = $props();
  const uid = $props.id();
  const MOST = 20;
  const LONGEST = 300;
  const END = '';
  let text = $state('');
  let before = $state(END);
  let hours = $state(0);
  const WAITS = [
    { hours: 0, label: 'No waiting' },
    { hours: 1, label: 'Then an hour' },
    { hours: 4, label: 'Then 4 hours' },
    { hours: 12, label: 'Then overnight' },
    { hours: 24, label: 'Then a day' },
    { hours: 48, label: 'Then two days' }
  ];
  let fault = $state('');

  const placed = (step: string, id: string): Record<string, string> => {
    const rest = Object.fromEntries(Object.entries(places).filter(([key]) => key !== step && steps.includes(key)));
    return id === END ? rest : { ...rest, [step]: id };
  };
  const waiting = (step: string, h: number): Record<string, number> => {
    const rest = Object.fromEntries(Object.entries(waits).filter(([key]) => key !== step && steps.includes(key)));
    return h > 0 ? { ...rest, [step]: h } : rest;
  };
  const known = (step: string): string => (acts.some((act) => act.id === places[step]) ? places[step]! : END);

  function add(event: SubmitEvent): void {
    event.preventDefault();
    const said = text.trim();
    fault =
      said === ''
        ? 'Your own step must say something; received nothing.'
        : steps.includes(said)
          ? 'Your own step must be a new one; received one that is there.'
          : '';
    if (fault) return;
    onsteps([...steps, said], placed(said, before), waiting(said, hours));
    text = '';
    before = END;
    hours = 0;
  }
</script>

{#snippet choices()}
  <option value={END}>At the end</option>
  {#each acts as act, i (act.id)}<option value={act.id} label="Before {i + 1}: {act.title}"></option>{/each}
{/snippet}

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
    <select class="select min-w-40 flex-1 text-base" aria-label="Where it comes" bind:value={before}>
      {@render choices()}
    </select>
    <select class="select min-w-40 flex-1 text-base" aria-label="How long it waits then" bind:value={hours}>
      {@render pauses()}
    </select>
    <button class="btn btn-quiet" disabled={steps.length >= MOST}><Plus class="size-5" /> Add</button>
  </div>
  <p id="{uid}-fault" class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
  {#if steps.length}
    <ul class="space-y-1" aria-label="Your own steps">
      {#each steps as step (step)}
        <li class="flex flex-wrap items-center gap-2 text-sm">
          <span class="min-w-0 flex-1 basis-full sm:basis-0">{step}</span>
          <select
            class="select max-w-60 min-w-0 flex-1 select-sm"
            aria-label="Where it comes: {step}"
            value={known(step)}
            onchange={(e) => onsteps([...steps], placed(step, e.currentTarget.value), { ...waits })}
          >
            {@render choices()}
          </select>
          <select
            class="select max-w-44 min-w-0 flex-1 select-sm"
            aria-label="How long it waits: {step}"
            value={waits[step] ?? 0}
            onchange={(e) => onsteps([...steps], { ...places }, waiting(step, Number(e.currentTarget.value)))}
          >
            {@render pauses()}
          </select>
          <button
            type="button"
            class="btn btn-square btn-ghost btn-sm"
            aria-label="Take out: {step}"
            onclick={() =>
              onsteps(
                steps.filter((s) => s !== step),
                placed(step, END),
                waiting(step, 0)
              )}><X class="size-4" /></button
          >
        </li>
      {/each}
    </ul>
  {/if}
</form>
