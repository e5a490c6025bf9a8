<script lang="ts">
  import type { Machine } from '$lib/core/kit';
  import FieldFrame from './FieldFrame.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    value: string;
    machines: readonly Machine[];
    onvalue: (id: string) => void;
  }
  let { label, help, value, machines, onvalue }: Props = $props();
  const uid = $props.id();
</script>

<FieldFrame {label} {help} id={uid}>
  <select id={uid} class="select w-full text-base" {value} onchange={(e) => onvalue(e.currentTarget.value)}>
    {#each machines as machine (machine.id)}<option value={machine.id}>{machine.name}, {machine.pins} pins</option
      >{/each}
  </select>
</FieldFrame>
