<script lang="ts">
  import CrankCard from '$lib/ui/devices/CrankCard.svelte';
  import KeysCard from '$lib/ui/devices/KeysCard.svelte';
  import ScaleCard from '$lib/ui/devices/ScaleCard.svelte';
</script>

<svelte:head><title>Devices · Tomble</title></svelte:head>

<div class="page">
  <h1 class="text-3xl font-bold">Devices</h1>
  <p class="mt-1 max-w-[70ch]">
    What counts for you while both hands are busy. Each of them has a stand-in, so that you can see here what it would
    do before you build or buy one. Motors and drills: only at low speed, never for a first row or a panel.
  </p>
  <div class="mt-4 grid grid-cols-1 items-start gap-5 lg:grid-cols-2">
    <CrankCard />
    <div class="grid gap-5">
      <ScaleCard />
      <KeysCard />
    </div>
  </div>
</div>
