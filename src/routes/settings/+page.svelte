<script lang="ts">
  import { changeHabits, loadKit } from '$lib/store/kit';
  import CallSwitches from '$lib/ui/crank/CallSwitches.svelte';
  import { keeping } from '$lib/ui/frame/keeping';
  import HabitsForm from '$lib/ui/kit/HabitsForm.svelte';
  import { paths } from '$lib/ui/paths';
  import LightChoice from '$lib/ui/settings/LightChoice.svelte';
  import { db } from '$lib/ui/state/db';
  import { live } from '$lib/ui/state/live.svelte';

  const kit = live(() => loadKit(db()));
  const cranked = live(async () => (await import('$lib/store/cranked')).crankedOfLate(db()));
</script>

<svelte:head><title>Settings · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">Settings</h1>
  <p class="quiet">
    They are kept in this browser. Everything you entered is on <a class="underline" href={paths.backup}>your data</a>.
  </p>
  <div class="mt-5 grid grid-cols-1 gap-5 lg:grid-cols-2">
    <section class="sheet p-4" aria-labelledby="look">
      <h2 id="look" class="mb-3 text-xl font-semibold">How it looks</h2>
      <LightChoice />
    </section>
    <section class="sheet p-4" aria-labelledby="calls">
      <h2 id="calls" class="mb-3 text-xl font-semibold">How it calls at the crank</h2>
      <CallSwitches />
    </section>
    <div class="lg:col-span-2">
      {#if kit.value}
        <HabitsForm
          habits={kit.value.habits}
          cranked={cranked.value ?? []}
          onchange={(change) => void keeping(() => changeHabits(db(), change))}
        />
      {:else}
        <p class="quiet" role="status">Opening the cupboard …</p>
      {/if}
    </div>
  </div>
</div>
