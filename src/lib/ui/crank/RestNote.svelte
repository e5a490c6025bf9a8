<script lang="ts">
  import { release } from './release';

  let { minutes, onputoff }: { minutes: number; onputoff: () => void } = $props();
</script>

<div
  class="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-box border-2 border-info/50 bg-info/8 px-4 py-2"
  role="status"
  data-testid="rest"
>
  <p class="min-w-48 flex-1 text-base md:text-lg">
    {minutes} minutes at the crank: let hands, shoulders and eyes rest. What hurts, stops; the count waits.
  </p>
  <button type="button" class="btn btn-quiet btn-sm" onclick={(e) => release(e, onputoff)}>Put it off</button>
</div>
