<script lang="ts">
  import { readLength, showLength, showSmall, type Units, wordFault } from '$lib/core/quantity';
  import { untrack } from 'svelte';
  import FieldFrame from './FieldFrame.svelte';
  import { staysTyped } from './stays-typed';

  interface Props {
    label: string;
    help?: string | undefined;
    valueMm: number | null;
    minMm: number;
    maxMm: number;
    units: Units;
    /** An empty field is allowed and means unknown. */
    optional?: boolean;
    /** Something as small as a button. */
    small?: boolean;
    onvalue: (mm: number | null) => void;
  }
  let { label, help, valueMm, minMm, maxMm, units, optional = false, small = false, onvalue }: Props = $props();
  const uid = $props.id();

  // While the field has the focus it shows what was typed; otherwise what is stored.
  let typed = $state<string | null>(null);
  let fault = $state('');
  /** The value that was read from what was typed last. */
  let sent: number | null | undefined;
  const shown = $derived(valueMm === null ? '' : (small ? showSmall : showLength)(valueMm, units));

  function take(text: string): void {
    typed = text;
    if (optional && text.trim() === '') {
      fault = '';
      sent = null;
      onvalue(null);
      return;
    }
    const read = readLength(text, units, { field: label, minMm, maxMm, small });
    fault = read.ok ? '' : wordFault(read.fault);
    if (!read.ok) return;
    sent = read.value;
    onvalue(read.value);
  }
  function leave(): void {
    // A faulty entry stays in view with its sentence; a sound one is shown the way it was understood.
    if (!fault) typed = null;
  }
  // A change from outside (undo, a fix) ends whatever was being typed.
  $effect(() => {
    if (
      !staysTyped({ focused: document.activeElement?.id === uid, fault: untrack(() => fault), value: valueMm, sent })
    ) {
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
    inputmode="text"
    autocomplete="off"
    value={typed ?? shown}
    aria-invalid={fault ? 'true' : undefined}
    aria-describedby="{uid}-help"
    oninput={(e) => take(e.currentTarget.value)}
    onblur={leave}
  />
</FieldFrame>
