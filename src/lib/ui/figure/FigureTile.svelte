<script lang="ts">
  import { Popover } from 'bits-ui';
  import type { Habits } from '$lib/core/kit';
  import { type Figure, showFigure, showRange } from '$lib/core/quantity';
  import { becauseOf } from '$lib/words';

  let { label, figure, habits }: { label: string; figure: Figure; habits: Habits } = $props();
  const units = $derived(habits.units);
  const BASIS = { chosen: 'as chosen', measured: 'measured', learned: 'learned', default: 'not measured yet' } as const;
  const range = $derived(showRange(figure, units));
</script>

<Popover.Root>
  <Popover.Trigger
    class="flex min-h-14 w-full cursor-pointer flex-col justify-end rounded-lg px-2 py-1 text-left transition-colors hover:bg-base-200 focus-visible:bg-base-200"
  >
    <span class="text-xs leading-tight quiet">{label}</span>
    <span class="numerals text-lg leading-tight font-semibold">{showFigure(figure, units)}</span>
    <span class="flex items-center gap-1.5 text-xs quiet">
      <span
        class="inline-block size-2 rounded-full {figure.basis === 'default'
          ? 'border border-base-content'
          : 'bg-success'}"
        aria-hidden="true"
      ></span>
      {range || BASIS[figure.basis]}
    </span>
  </Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class="z-50 max-w-[min(24rem,calc(100vw-1.5rem))] rounded-lg border border-base-300 bg-base-100 p-4 shadow-xl"
      sideOffset={6}
      collisionPadding={12}
    >
      <p class="font-semibold">{label}: {showFigure(figure, units)}{range ? `, ${range}` : ''}</p>
      <p class="mt-1 text-sm">{becauseOf(figure, habits)}.</p>
      <p class="mt-2 text-sm quiet">
        {figure.basis === 'default'
          ? 'From common practice. Measure a swatch and the range shrinks.'
          : figure.basis === 'learned'
            ? 'Learned from your finished pieces.'
            : figure.basis === 'chosen'
              ? 'As you chose it.'
              : 'From what you measured.'}
      </p>
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
