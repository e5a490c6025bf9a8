<script lang="ts">
  import ChevronsUpDown from '@lucide/svelte/icons/chevrons-up-down';
  import Pencil from '@lucide/svelte/icons/pencil';
  import { type Component, type ComponentProps, tick } from 'svelte';
  import { type Yarn, yarnName, yarnsById } from '$lib/core/kit';
  import { wanted } from '../frame/tell.svelte';
  import YarnDot from '../yarn/YarnDot.svelte';
  import type YarnPicker from './YarnPicker.svelte';

  interface Props {
    label: string;
    help?: string | undefined;
    /** What an open choice means; without it a yarn must be chosen. */
    empty?: string | undefined;
    value: string | null;
    yarns: readonly Yarn[];
    letter?: string;
    compact?: boolean;
    onvalue: (id: string | null) => void;
    onchange?: ((yarn: Yarn) => void) | undefined;
  }
  let { label, help = '', empty, value, yarns, letter = '', compact = false, onvalue, onchange }: Props = $props();
  const uid = $props.id();
  const GONE = 'A yarn that is gone: choose another';
  const yarn = $derived(yarnsById(yarns).get(value ?? ''));
  const missing = $derived(value !== null && value !== '' && yarn === undefined);
  const name = $derived(`${label}: ${yarn ? yarnName(yarn) : missing ? GONE : (empty ?? 'choose')}`);
  const LOOK = 'input flex h-auto min-h-11 w-full min-w-0 cursor-pointer items-center gap-2 text-left';

  // A list of all yarns behind every field would be made for nothing: the one that is reached for gets its own.
  let Picker = $state.raw<Component<ComponentProps<typeof YarnPicker>, object, 'open'> | null>(null);
  let open = $state(false);
  let box: HTMLElement | undefined;

  const load = () => import('./YarnPicker.svelte');
  /** Loads while a mouse is on its way, or once a key has brought the focus; what is not opened stays the button it is. */
  const near = (): void => void load().catch(() => undefined);
  /** What was pressed before the list was there. */
  let early: string[] = [];
  /** Opens the list: it takes the place of the button, and the focus with it, and hears what was pressed meanwhile. */
  async function openIt(): Promise<void> {
    if (open) return;
    early = [];
    open = true;
    const loaded = await wanted(load);
    open &&= loaded !== null;
    // Who has gone on with Tab is not fetched back.
    const here = open || box?.contains(document.activeElement);
    Picker = loaded;
    await tick();
    const list = box?.querySelector<HTMLElement>('[role=combobox]');
    if (here) list?.focus();
    if (!open) return;
    // What is chosen now is marked a moment after the list is there.
    await tick();
    for (const key of early.splice(0))
      list?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));
  }
  function byKey(event: KeyboardEvent): void {
    if (!open) {
      if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
      event.preventDefault();
      void openIt();
    } else if (event.key === 'Escape' || event.key === 'Tab') {
      // Taken back while it is on its way.
      open = false;
    } else if (!event.ctrlKey && !event.altKey && !event.metaKey) {
      event.preventDefault();
      early.push(event.key);
    }
  }
</script>

{#snippet face()}
  {#if yarn}<YarnDot hex={yarn.colour.hex} {letter} size={24} />{/if}
  <span
    class="line-clamp-2 min-w-0 flex-1 py-0.5 leading-tight wrap-break-word whitespace-normal {missing
      ? 'font-semibold text-error'
      : ''}">{yarn ? yarnName(yarn) : missing ? GONE : (empty ?? 'Choose a yarn')}</span
  >
  <ChevronsUpDown class="size-4 shrink-0 quiet" aria-hidden="true" />
{/snippet}

<div class="min-w-0 flex-1 {compact ? 'basis-32' : ''}">
  <p id="{uid}-label" class={compact ? 'sr-only' : 'mb-1 font-semibold'}>{label}</p>
  <div class="flex gap-1.5" bind:this={box}>
    {#if Picker}
      <Picker {name} {empty} {value} {yarns} bind:open look={LOOK} {face} {onvalue} />
    {:else}
      <!-- A mouse opens it with its press, as the list itself does; a finger with its tap, a key with its click. -->
      <button
        type="button"
        role="combobox"
        aria-haspopup="listbox"
        aria-expanded={open}
        aria-controls={open ? `${uid}-list` : undefined}
        aria-label={name}
        class={LOOK}
        onpointerenter={near}
        onfocus={near}
        onpointerdown={(e) => e.pointerType === 'mouse' && e.button === 0 && void openIt()}
        onclick={openIt}
        onkeydown={byKey}>{@render face()}</button
      >
    {/if}
    {#if yarn && onchange && !compact}
      <button
        type="button"
        class="btn btn-square h-11"
        aria-label="Change {yarnName(yarn)}"
        onclick={() => onchange(yarn)}><Pencil class="size-4" /></button
      >
    {/if}
  </div>
  {#if !compact}<p class="min-h-5 pt-0.5 text-sm quiet">{help}</p>{/if}
</div>
