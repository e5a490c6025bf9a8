<script lang="ts">
  import ArrowRight from '@lucide/svelte/icons/arrow-right';
  import Check from '@lucide/svelte/icons/check';
  import type { Substitute } from '$lib/core/substitute';
  import type { Habits } from '$lib/core/kit';
  import { standInAnswer, standInUnknown } from '$lib/words';
  import YarnDot from '../yarn/YarnDot.svelte';

  interface Props {
    now: Substitute;
    /** The best of them; nothing where there is no other yarn. */
    best: Substitute | undefined;
    habits: Habits;
    /** Puts it into the plan, where there is one. */
    onuse: ((s: Substitute) => void) | undefined;
  }
  let { now, best, habits, onuse }: Props = $props();
</script>

<section class="sheet p-4 sm:p-5" aria-label="The answer">
  {#if best}
    <div class="flex items-start gap-4">
      <span class="mt-1 flex shrink-0 items-center gap-1 max-sm:flex-col" aria-hidden="true">
        <YarnDot hex={now.yarn.colour.hex} size={34} />
        <ArrowRight class="size-5 quiet max-sm:rotate-90" />
        <YarnDot hex={best.yarn.colour.hex} size={46} />
      </span>
      <div class="min-w-0">
        <p class="font-display text-xl leading-snug font-semibold text-balance sm:text-2xl" data-testid="answer">
          {standInAnswer(best, habits)}
        </p>
        <p class="mt-1 text-sm quiet">{standInUnknown(best, habits)}</p>
        {#if onuse}
          <button type="button" class="btn mt-3 btn-primary" onclick={() => onuse(best)}
            ><Check class="size-4" /> Use it in this plan</button
          >
        {/if}
      </div>
    </div>
  {:else}
    <p class="text-xl font-semibold">There is no other yarn here. Type one in below.</p>
  {/if}
</section>
