<script lang="ts">
  /** Two hands at one crank count twice: the other window has it, until this one takes it. */
  let { ontake }: { ontake: () => void } = $props();
</script>

<div
  class="flex flex-wrap items-center gap-3 rounded-box border-2 border-warning bg-warning/15 px-4 py-2.5"
  role="alert"
>
  <p class="min-w-48 flex-1 text-lg">This piece is cranked in another window. The count here follows it.</p>
  <button type="button" class="btn btn-primary" onclick={ontake}>Crank here instead</button>
</div>
