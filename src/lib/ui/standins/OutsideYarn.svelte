<script lang="ts">
  import Plus from '@lucide/svelte/icons/plus';
  import { classOfLabel, Yarn } from '$lib/core/kit';
  import NumberField from '../options/NumberField.svelte';
  import TextField from '../options/TextField.svelte';

  /** A yarn in a shop, say: its label is enough to compare it. */
  let { onyarn }: { onyarn: (yarn: Yarn) => void } = $props();
  let name = $state('');
  let metres = $state<number | null>(null);
  let grams = $state<number | null>(null);
  function typeIn(): void {
    if (!name.trim() || !metres || !grams) return;
    onyarn(
      Yarn.parse({
        id: crypto.randomUUID(),
        name: name.trim(),
        weightClass: classOfLabel(metres, grams),
        label: { metres, grams },
        colour: { name: 'typed in', hex: '#8a8f94' }
      })
    );
    [name, metres, grams] = ['', null, null];
  }
</script>

<details class="sheet p-4">
  <summary class="cursor-pointer font-semibold">One that is not in the stash</summary>
  <div class="mt-2 grid grid-cols-2 gap-3 sm:grid-cols-[2fr_1fr_1fr]">
    <div class="max-sm:col-span-2">
      <TextField label="Name of it" value={name} most={60} optional onvalue={(v) => (name = v)} />
    </div>
    <NumberField label="Metres" value={metres} min={1} max={5000} optional onvalue={(v) => (metres = v)} />
    <NumberField label="Grams" value={grams} min={1} max={2000} optional onvalue={(v) => (grams = v)} />
  </div>
  <button type="button" class="btn btn-sm" disabled={!name || !metres || !grams} onclick={typeIn}
    ><Plus class="size-4" /> Try it</button
  >
</details>
