<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    id: string;
    label: string;
    /** What is wrong with what was typed; the first of it is said. */
    faults: readonly string[] | undefined;
    /** What is typed into: it takes the id, and says itself whether it holds what cannot be kept. */
    control: Snippet<[id: string, invalid: 'true' | undefined]>;
  }
  let { id, label, faults, control }: Props = $props();
</script>

<div>
  <label for={id} class="font-semibold">{label}</label>
  {@render control(id, faults ? 'true' : undefined)}
  <p class="min-h-5 text-sm text-error">{faults?.[0] ?? ''}</p>
</div>
