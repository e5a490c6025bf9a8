<script lang="ts">
  import FieldFrame from './FieldFrame.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    value: string;
    most: number;
    /** An empty text is allowed. */
    optional?: boolean;
    onvalue: (value: string) => void;
  }
  let { label, help, value, most, optional = false, onvalue }: Props = $props();
  const uid = $props.id();
  let fault = $state('');

  function take(text: string): void {
    if (!optional && text.trim() === '') fault = `${label} must not be empty; received nothing.`;
    else if (text.trim().length > most) fault = `${label} must have at most ${most} letters; received ${text.length}.`;
    else {
      fault = '';
      onvalue(text.trim());
    }
  }
</script>

<FieldFrame {label} {help} {fault} id={uid}>
  <input
    id={uid}
    class="input w-full text-base"
    class:input-error={fault}
    autocomplete="off"
    {value}
    aria-invalid={fault ? 'true' : undefined}
    aria-describedby="{uid}-help"
    oninput={(e) => take(e.currentTarget.value)}
  />
</FieldFrame>
