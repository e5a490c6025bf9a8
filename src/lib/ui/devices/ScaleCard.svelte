<script lang="ts">
  import { serialDevice, serialOffered, virtualScale } from '$lib/devices';
  import NumberField from '$lib/ui/options/NumberField.svelte';
  import { scaleLink } from './connected.svelte';

  let lies = $state(137);
</script>

<section class="rounded-box border-2 border-base-300 bg-base-100 p-4 sm:p-5" aria-labelledby="scale-card">
  <h2 id="scale-card" class="text-xl font-bold">A kitchen scale</h2>
  <p class="mt-1 quiet">The ball on it tells how many rows are knitted, and how many are left.</p>
  <p class="mt-4 numerals font-display text-7xl leading-none font-bold" data-testid="grams">
    {scaleLink.grams === null ? '–' : scaleLink.grams.toFixed(1)}
  </p>
  <p class="mt-1">grams</p>
  <div class="mt-4 flex flex-wrap items-center gap-2" aria-live="polite">
    {#if scaleLink.name}
      <p class="mr-2 font-semibold">{scaleLink.name}: listening</p>
      <button type="button" class="btn btn-primary" onclick={() => void scaleLink.close()}>Let it go</button>
    {:else}
      <button
        type="button"
        class="btn btn-primary"
        disabled={!serialOffered()}
        onclick={() => void scaleLink.connect(serialDevice('scale'))}>Connect a scale</button
      >
      <button type="button" class="btn btn-quiet" onclick={() => void scaleLink.connect(virtualScale(() => lies))}
        >Start the virtual scale</button
      >
    {/if}
    {#if scaleLink.trouble}<p class="w-full text-error" role="alert">{scaleLink.trouble}</p>{/if}
  </div>
  <div class="mt-4 max-w-xs">
    <NumberField
      label="What lies on the virtual scale"
      unit="g"
      value={lies}
      min={0}
      max={5000}
      onvalue={(v) => v !== null && (lies = v)}
    />
  </div>
</section>
