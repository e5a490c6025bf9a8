<script lang="ts">
  import { type Moment, momentsOf, type Step } from '$lib/core/read';
  import type { Readings } from '$lib/core/tomble';
  import { momentScene } from '$lib/draw/close-up/moment';
  import type { Speech } from '$lib/words';
  import { inView } from '../frame/in-view';
  import { onPaper } from '../paper/printing.svelte';
  import ScenePicture from './ScenePicture.svelte';

  let {
    result,
    say,
    step,
    class: extra = ''
  }: { result: Readings; say: Speech; step: Step; class?: string } = $props();

  const SIZE = [400, 250] as const;
  let near = $state(false);
  let opened = $state(false);
  const moments = $derived(near || onPaper() ? momentsOf(result, step) : undefined);
  /** The one that says most: where loops move, else the last, which is how it looks when it is done. */
  const told = $derived(
    moments?.find(({ sight }) => sight.of === 'pins' && sight.look.moves.length > 0) ?? moments?.at(-1)
  );
</script>

{#snippet picture(moment: Moment)}
  <ScenePicture
    scene={momentScene(result, step.piece ?? 0, moment, say, say.moment(moment), SIZE[0], SIZE[1])}
    class="w-full"
  />
{/snippet}

{#if moments === undefined || told}
  <div class={opened ? 'basis-full' : extra}>
    {#if !onPaper()}
      <!-- There before it is drawn, so that the keyboard finds it wherever the page stands. -->
      <details bind:open={opened}>
        <summary
          class="min-h-16 cursor-pointer list-none"
          aria-label="Pictures of this step"
          {@attach inView(() => (near = true))}
        >
          {#if told && !opened}{@render picture(told)}{/if}
          <span class="block text-center text-xs leading-tight font-semibold underline"
            >{opened ? 'smaller' : moments && moments.length > 1 ? `all ${moments.length} pictures` : 'larger'}</span
          >
        </summary>
        {#if opened && moments}
          <ol class="mt-2 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
            {#each moments as moment, i (i)}
              <li>
                {@render picture(moment)}
                <p class="text-sm leading-tight quiet">{i + 1}. {say.moment(moment)}</p>
              </li>
            {/each}
          </ol>
        {/if}
      </details>
    {:else if told}
      {@render picture(told)}
    {/if}
  </div>
{/if}
