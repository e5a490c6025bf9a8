<script lang="ts">
  import ArrowRight from '@lucide/svelte/icons/arrow-right';

  /** All rows in words. */
  let { rows }: { rows: string } = $props();
</script>

<span class="mt-3 font-display text-4xl font-bold md:text-6xl">Off the machine</span>
<span class="mt-3 text-xl">{rows}, all done. Now it is closed by hand.</span>
<span class="flex-1"></span>
<span class="flex items-center gap-3 text-lg font-semibold">To the finishing <ArrowRight class="size-6" /></span>
