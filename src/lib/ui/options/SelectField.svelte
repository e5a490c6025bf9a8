<script lang="ts">
  import FieldFrame from './FieldFrame.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    value: string;
    choices: readonly { readonly value: string; readonly label: string }[];
    onvalue: (value: string) => void;
  }
  let { label, help, value, choices, onvalue }: Props = $props();
  const uid = $props.id();
</script>

<FieldFrame {label} {help} id={uid}>
  <select
    id={uid}
    class="select w-full text-base"
    {value}
    onchange={(e) => {
      onvalue(e.currentTarget.value);
      // What was not taken goes back to what is so.
      e.currentTarget.value = value;
    }}
  >
    {#each choices as choice (choice.value)}<option value={choice.value}>{choice.label}</option>{/each}
  </select>
</FieldFrame>
