<script lang="ts">
  import type { Machine } from '$lib/core/kit';
  import CountField from '../options/CountField.svelte';
  import NumberField from '../options/NumberField.svelte';
  import SelectField from '../options/SelectField.svelte';
  import type { Wish } from './wish';

  /** What is asked where no project is: a plain tube on a machine, or a pattern's gauge. */
  interface Props {
    wish: Wish;
    gauge: boolean;
    machine: Machine;
    machines: readonly Machine[];
    onwish: (change: Partial<Wish>) => void;
  }
  let { wish, gauge, machine, machines, onwish }: Props = $props();
</script>

<section class="grid grid-cols-2 gap-x-3 sheet p-4 sm:grid-cols-4" aria-label="What is matched">
  <SelectField
    label="Machine"
    value={machine.id}
    choices={machines.map((m) => ({ value: m.id, label: `${m.name}, ${m.pins} pins` }))}
    onvalue={(v) => onwish({ machine: v })}
  />
  <CountField label="Rows" value={wish.rows} min={10} max={5000} onvalue={(v) => onwish({ rows: v })} />
  {#if gauge}
    <NumberField
      label="40 stitches"
      unit="cm"
      value={wish.cmTo40Stitches}
      min={4}
      max={120}
      onvalue={(v) => v && onwish({ cmTo40Stitches: v })}
    />
    <NumberField
      label="20 rows"
      unit="cm"
      value={wish.cmTo20Rows}
      min={1}
      max={60}
      onvalue={(v) => v && onwish({ cmTo20Rows: v })}
    />
    <NumberField
      label="Its metres"
      value={wish.metres}
      min={1}
      max={5000}
      onvalue={(v) => v && onwish({ metres: v })}
    />
    <NumberField label="Its grams" value={wish.grams} min={1} max={2000} onvalue={(v) => v && onwish({ grams: v })} />
  {/if}
</section>
