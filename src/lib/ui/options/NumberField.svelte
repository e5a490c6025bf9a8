<script lang="ts">
  import { readAmount, wordFault } from '$lib/core/quantity';
  import FieldFrame from './FieldFrame.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    value: number | null;
    min: number;
    max: number;
    unit?: string;
    /** An example that stands in an empty field. */
    example?: string;
    /** An empty field is allowed and means unknown. */
    optional?: boolean;
    onvalue: (value: number | null) => void;
  }
  let { label, help, value, min, max, unit = '', example = '', optional = false, onvalue }: Props = $props();
  const uid = $props.id();
  let typed = $state<string | null>(null);
  let fault = $state('');

  function take(text: string): void {
    typed = text;
    if (optional && text.trim() === '') {
      fault = '';
      onvalue(null);
      return;
    }
    const read = readAmount(text, { field: label, min, max, unit });
    fault = read.ok ? '' : wordFault(read.fault);
    if (read.ok) onvalue(read.value);
  }
</script>

<FieldFrame {label} {help} {fault} id={uid}>
  <input
    id={uid}
    class="input w-full numerals text-base"
    class:input-error={fault}
    inputmode="decimal"
    autocomplete="off"
    placeholder={example || undefined}
    value={typed ?? (value === null ? '' : `${value}${unit ? ` ${unit}` : ''}`)}
    aria-invalid={fault ? 'true' : undefined}
    aria-describedby="{uid}-help"
    oninput={(e) => take(e.currentTarget.value)}
    onblur={() => !fault && (typed = null)}
  />
</FieldFrame>
