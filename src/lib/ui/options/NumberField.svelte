<script lang="ts">
  import { readAmount, wordFault } from '$lib/core/quantity';
  import { untrack } from 'svelte';
  import FieldFrame from './FieldFrame.svelte';
  import { staysTyped } from './stays-typed';

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
  /** The value that was read from what was typed last. */
  let sent: number | null | undefined;

  function take(text: string): void {
    typed = text;
    if (optional && text.trim() === '') {
      fault = '';
      sent = null;
      onvalue(null);
      return;
    }
    const read = readAmount(text, { field: label, min, max, unit });
    fault = read.ok ? '' : wordFault(read.fault);
    if (!read.ok) return;
    sent = read.value;
    onvalue(read.value);
  }
  // A change from elsewhere ends whatever was being typed.
  $effect(() => {
    if (!staysTyped({ focused: document.activeElement?.id === uid, fault: untrack(() => fault), value, sent })) {
      typed = null;
      fault = '';
    }
  });
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
