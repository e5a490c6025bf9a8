<script lang="ts">
  /** Why something did not go, where it was asked for; nothing is drawn while all is well. */
  let { fault }: { fault: string } = $props();
</script>

{#if fault}<p class="my-3 w-full border-l-4 border-error bg-error/8 px-3 py-2" role="alert">{fault}</p>{/if}
