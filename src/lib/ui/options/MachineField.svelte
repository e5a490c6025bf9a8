<script lang="ts">
  import type { Machine } from '$lib/core/kit';
  import SelectField from './SelectField.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    value: string;
    machines: readonly Machine[];
    onvalue: (id: string) => void;
  }
  let { label, help, value, machines, onvalue }: Props = $props();
  // One that is gone stands there as such until another one is chosen.
  const gone = $derived(
    machines.some((m) => m.id === value) ? [] : [{ value, label: 'A machine that is gone: choose another' }]
  );
  const choices = $derived([...gone, ...machines.map((m) => ({ value: m.id, label: `${m.name}, ${m.pins} pins` }))]);
</script>

<SelectField {label} {help} {value} {choices} {onvalue} />
