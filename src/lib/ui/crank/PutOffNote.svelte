<script lang="ts">
  import type { PassedStep } from '$lib/store/records/crank-event';
  import { release } from './release';

  let {
    open,
    since,
    titleOf,
    ondone
  }: {
    /** Steps that were put off and are not done yet. */
    open: readonly PassedStep[];
    /** Where the turn of a step had been, in words. */
    since: (step: PassedStep) => string;
    titleOf: (step: PassedStep) => string;
    ondone: (step: PassedStep) => void;
  } = $props();
</script>

<ul class="rounded-box border-2 border-warning bg-warning/15 px-4 py-2" aria-label="Put off" data-testid="put-off">
  {#each open as step (`${step.step} ${step.at}`)}
    <li class="flex flex-wrap items-center gap-x-3 gap-y-1 py-0.5">
      <p class="min-w-48 flex-1 text-base md:text-lg">
        Still to do, since {since(step)}: <strong>{titleOf(step)}</strong>{step.said ? ` (${step.said})` : ''}
      </p>
      <button type="button" class="btn btn-quiet btn-sm" onclick={(e) => release(e, () => ondone(step))}
        >Done now</button
      >
    </li>
  {/each}
</ul>
