<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Habits } from '$lib/core/kit';
  import { type Figure, showFigure, showRange } from '$lib/core/quantity';
  import { becauseOf } from '$lib/words';

  /** Why a figure is what it is, beside the figure. It is loaded with the first one that is opened. */
  interface Props {
    id: string;
    label: string;
    figure: Figure;
    habits: Habits;
    /** What opened it, and closes it too. */
    at: HTMLElement;
    onclose: () => void;
  }
  let { id, label, figure, habits, at, onclose }: Props = $props();
  const WHENCE = {
    default: 'From common practice. Measure a swatch and the range shrinks.',
    learned: 'Learned from your finished pieces.',
    chosen: 'As you chose it.',
    measured: 'From what you measured.'
  } as const;
  const range = $derived(showRange(figure, habits.units));
</script>

<Popover.Root bind:open={() => true, (open) => !open && onclose()}>
  <Popover.Portal>
    <Popover.Content
      {id}
      role="dialog"
      aria-label={label}
      customAnchor={at}
      class="z-50 max-w-[min(24rem,calc(100vw-1.5rem))] rounded-lg border border-base-300 bg-base-100 p-4 shadow-xl"
      sideOffset={6}
      collisionPadding={12}
      onInteractOutside={(e) => e.target instanceof Node && at.contains(e.target) && e.preventDefault()}
      onCloseAutoFocus={(e) => {
        e.preventDefault();
        at.focus();
      }}
    >
      <p class="font-semibold">{label}: {showFigure(figure, habits.units)}{range ? `, ${range}` : ''}</p>
      <p class="mt-1 text-sm">{becauseOf(figure, habits)}.</p>
      <p class="mt-2 text-sm quiet">{WHENCE[figure.basis]}</p>
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
