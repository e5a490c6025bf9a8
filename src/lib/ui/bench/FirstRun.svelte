<script lang="ts">
  import type { Machine, Yarn } from '$lib/core/kit';
  import { USUAL_PINS } from '$lib/core/kit/usual-pins';
  import { usualMetres, WEIGHT_CLASSES } from '$lib/core/kit/weight-class';
  import { isExampleMachine, isExampleYarn } from '$lib/store/examples';
  import { addMachine, addYarn } from '$lib/store/own';
  import { keeping } from '../frame/keeping';
  import { tell } from '../frame/tell.svelte';
  import { db } from '../state/db';

  let { machines, yarns }: { machines: readonly Machine[]; yarns: readonly Yarn[] } = $props();
  const askRing = $derived(machines.every(isExampleMachine));
  const askYarn = $derived(yarns.every(isExampleYarn));
  let name = $state('');
  let thickness = $state(4);
  let hex = $state('#2f6f6a');
  // Thinner and thicker ones do not go through a small ring, or hardly.
  const CLASSES = WEIGHT_CLASSES.slice(2, 7);

  async function takeRing(pins: number): Promise<void> {
    // What is known of machines is loaded with the first one of one's own.
    const { presetFor } = await import('$lib/core/kit');
    const own = presetFor(pins, crypto.randomUUID(), `${pins} pins`);
    const kept = await keeping(() => addMachine(db(), own));
    if (kept) void tell(`Your ring of ${pins} pins is at hand`);
  }
  async function takeYarn(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const [example] = yarns;
    if (!example) return;
    const own: Yarn = {
      ...example,
      id: crypto.randomUUID(),
      name: name.trim() || 'My yarn',
      weightClass: thickness,
      label: { metres: usualMetres(thickness), grams: 100 },
      colour: { name: 'Own colour', hex }
    };
    const kept = await keeping(() => addYarn(db(), own));
    if (kept) void tell(`${own.name} is in the stash; its label can be told there`);
  }
</script>

{#if askRing || askYarn}
  <section class="sheet p-5" aria-labelledby="first-run">
    <h2 id="first-run" class="text-xl font-semibold">Two questions, which can wait</h2>
    <p class="mt-1 text-sm quiet">Until then a ring of 48 pins and three medium yarns stand in as examples.</p>
    <div class="mt-4 grid grid-cols-1 gap-6 md:grid-cols-2">
      {#if askRing}
        <fieldset>
          <legend class="font-semibold">How many pins has your ring?</legend>
          <div class="mt-2 flex flex-wrap gap-2">
            {#each USUAL_PINS as pins (pins)}
              <button type="button" class="btn btn-quiet numerals" onclick={() => takeRing(pins)}>{pins} pins</button>
            {/each}
          </div>
        </fieldset>
      {/if}
      {#if askYarn}
        <form onsubmit={takeYarn}>
          <fieldset>
            <legend class="font-semibold">Which yarn lies ready?</legend>
            <div class="mt-2 grid grid-cols-[minmax(0,1fr)_auto] gap-2">
              <label class="block text-sm"
                >Name<input
                  class="input mt-1 w-full text-base"
                  maxlength="60"
                  placeholder="As you call it"
                  bind:value={name}
                /></label
              >
              <label class="block text-sm"
                >Colour<input type="color" class="mt-1 block h-10 w-16 cursor-pointer" bind:value={hex} /></label
              >
            </div>
            <div class="mt-2 flex flex-wrap gap-x-4 gap-y-1" role="radiogroup" aria-label="Thickness">
              {#each CLASSES as each (each.number)}
                <label class="flex min-h-11 cursor-pointer items-center gap-2">
                  <input
                    type="radio"
                    class="size-5 accent-primary"
                    name="thickness"
                    value={each.number}
                    bind:group={thickness}
                  />
                  <svg width="30" height="14" viewBox="0 0 30 14" aria-hidden="true"
                    ><path
                      d="M1 9 Q8 2 15 7 T29 5"
                      fill="none"
                      stroke={hex}
                      stroke-width={1 + each.number}
                      stroke-linecap="round"
                    /></svg
                  >
                  {each.name}
                </label>
              {/each}
            </div>
            <button type="submit" class="btn mt-3 btn-quiet">Keep this yarn</button>
          </fieldset>
        </form>
      {/if}
    </div>
  </section>
{/if}
