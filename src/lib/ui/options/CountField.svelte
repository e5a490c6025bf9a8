<script lang="ts">
  import Minus from '@lucide/svelte/icons/minus';
  import Plus from '@lucide/svelte/icons/plus';
  import { readCount, wordFault } from '$lib/core/quantity';
  import { untrack } from 'svelte';
  import FieldFrame from './FieldFrame.svelte';
  import { staysTyped } from './stays-typed';

  interface Props {
    label: string;
    help?: string | undefined;
    value: number;
    min: number;
    max: number;
    onvalue: (value: number) => void;
    /** Told what is wrong with what stands in the field, or that nothing is. */
    onfault?: (fault: string) => void;
  }
  let { label, help, value, min, max, onvalue, onfault }: Props = $props();
  const uid = $props.id();
  let typed = $state<string | null>(null);
  let fault = $state('');
  /** The value that was read from what was typed last. */
  let sent: number | null | undefined;

  function take(text: string): void {
    typed = text;
    const read = readCount(text, { field: label, min, max });
    fault = read.ok ? '' : wordFault(read.fault);
    onfault?.(fault);
    if (!read.ok) return;
    sent = read.value;
    onvalue(read.value);
  }
  function step(by: number): void {
    typed = null;
    fault = '';
    onfault?.('');
    onvalue(Math.min(max, Math.max(min, value + by)));
  }
  $effect(() => {
    if (!staysTyped({ focused: document.activeElement?.id === uid, fault: untrack(() => fault), value, sent })) {
      typed = null;
      fault = '';
    }
  });
</script>

<FieldFrame {label} {help} {fault} id={uid}>
  <div class="join w-full">
    <button
      type="button"
      class="btn join-item px-2.5"
      aria-label="{label}: one less"
      disabled={value <= min}
      onclick={() => step(-1)}><Minus class="size-4" /></button
    >
    <input
      id={uid}
      class="input join-item w-full min-w-0 text-center numerals text-base"
      class:input-error={fault}
      inputmode="numeric"
      autocomplete="off"
      value={typed ?? String(value)}
      aria-invalid={fault ? 'true' : undefined}
      aria-describedby="{uid}-help"
      oninput={(e) => take(e.currentTarget.value)}
      onblur={() => !fault && (typed = null)}
      onkeydown={(e) => {
        if (e.key === 'ArrowUp') step(1);
        else if (e.key === 'ArrowDown') step(-1);
        else return;
        e.preventDefault();
      }}
    />
    <button
      type="button"
      class="btn join-item px-2.5"
      aria-label="{label}: one more"
      disabled={value >= max}
      onclick={() => step(1)}><Plus class="size-4" /></button
    >
  </div>
</FieldFrame>
