<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    weight: 'error' | 'warning';
    title: string;
    children: Snippet;
    /** What can be done about it. */
    doing: Snippet;
  }
  let { weight, title, children, doing }: Props = $props();
</script>

<!-- Stays in view while it is not answered, wherever on the page the hand is. -->
<div
  class="sticky top-0 z-30 border-b bg-base-100 lg:top-16 print:hidden {weight === 'error'
    ? 'border-error'
    : 'border-warning'}"
  role="alert"
>
  <div class={weight === 'error' ? 'bg-error/8' : 'bg-warning/15'}>
    <div class="mx-auto flex max-w-[110rem] flex-wrap items-center gap-x-4 gap-y-2 px-4 py-2">
      <p class="min-w-64 flex-1"><strong>{title}</strong> {@render children()}</p>
      {@render doing()}
    </div>
  </div>
</div>
