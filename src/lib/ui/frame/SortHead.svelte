<script lang="ts">
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';

  let {
    title,
    sorted,
    end,
    onsort
  }: {
    title: string;
    sorted: false | 'asc' | 'desc';
    /** Numbers stand at the end of their column. */
    end: boolean;
    /** @param down from the largest on */
    onsort: (down: boolean) => void;
  } = $props();
</script>

<button
  type="button"
  class="flex min-h-10 w-full cursor-pointer items-center gap-1 px-3 font-semibold hover:underline {end
    ? 'justify-end'
    : ''}"
  onclick={() => onsort(sorted === 'asc')}
>
  {title}
  {#if sorted === 'asc'}<ArrowUp class="size-3.5" />{:else if sorted === 'desc'}<ArrowDown class="size-3.5" />{/if}
</button>
