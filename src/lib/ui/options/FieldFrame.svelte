<script lang="ts">
  import type { Snippet } from 'svelte';
  import Worded from '../words/Worded.svelte';

  interface Props {
    label: string;
    id: string;
    help?: string | undefined;
    fault?: string;
    children: Snippet;
  }
  let { label, id, help = '', fault = '', children }: Props = $props();
</script>

<div class="min-w-0">
  <label for={id} class="mb-1 block font-semibold">{label}</label>
  {@render children()}
  <!-- The line is always there, so that a message moves nothing under the pointer. -->
  <p id="{id}-help" class="min-h-5 pt-0.5 text-sm {fault ? 'font-semibold text-error' : 'quiet'}" aria-live="polite">
    {#if fault}{fault}{:else}<Worded text={help} />{/if}
  </p>
</div>
