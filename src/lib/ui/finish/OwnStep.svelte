<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import X from '@lucide/svelte/icons/x';

  let { steps, onsteps }: { steps: readonly string[]; onsteps: (steps: string[]) => void } = $props();
  const uid = $props.id();
  const MOST = 20;
  const LONGEST = 300;
  let text = $state('');
  let fault = $state('');

  function add(event: SubmitEvent): void {
    event.preventDefault();
    const said = text.trim();
    fault =
      said === ''
        ? 'Your own step must say something; received nothing.'
        : steps.includes(said)
          ? 'Your own step must be a new one; received one that is there.'
          : '';
    if (fault) return;
    onsteps([...steps, said]);
    text = '';
  }
</script>

<form class="mt-3" onsubmit={add}>
  <label class="font-semibold" for="{uid}-own">A step of your own</label>
  <div class="mt-1 flex gap-2">
    <input
      id="{uid}-own"
      class="input min-w-0 flex-1 text-base"
      maxlength={LONGEST}
      placeholder="Sew in the name label"
      bind:value={text}
      oninput={() => (fault = '')}
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="{uid}-fault"
    />
    <button class="btn btn-quiet" disabled={steps.length >= MOST}><Plus class="size-5" /> Add</button>
  </div>
  <p id="{uid}-fault" class="min-h-5 text-sm font-semibold text-error" aria-live="polite">{fault}</p>
  {#if steps.length}
    <ul class="space-y-1" aria-label="Your own steps">
      {#each steps as step (step)}
        <li class="flex items-center gap-2 text-sm">
          <span class="min-w-0 flex-1">{step}</span>
          <button
            type="button"
            class="btn btn-square btn-ghost btn-sm"
            aria-label="Take out: {step}"
            onclick={() => onsteps(steps.filter((s) => s !== step))}><X class="size-4" /></button
          >
        </li>
      {/each}
    </ul>
  {/if}
</form>
