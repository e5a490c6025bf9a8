<script lang="ts">
  import { Popover } from 'bits-ui';
  import { type Figure, showFigure, showRange, type Units } from '$lib/core/quantity';

  let { label, figure, units }: { label: string; figure: Figure; units: Units } = $props();
  const BASIS = { measured: 'measured', learned: 'learned', default: 'not measured yet' } as const;
  const range = $derived(showRange(figure, units));
</script>

<Popover.Root>
  <Popover.Trigger
    class="hover:bg-base-200 focus-visible:bg-base-200 flex min-h-16 w-full cursor-pointer flex-col justify-between rounded-lg px-3 py-2 text-left transition-colors"
  >
    <span class="quiet text-sm">{label}</span>
    <span class="numerals text-xl leading-tight font-semibold">{showFigure(figure, units)}</span>
    <span class="quiet flex items-center gap-1.5 text-sm">
      <span
        class="inline-block size-2 rounded-full {figure.basis === 'default' ? 'border-base-content border' : 'bg-success'}"
        aria-hidden="true"
      ></span>
      {range || BASIS[figure.basis]}
    </span>
  </Popover.Trigger>
  <Popover.Portal>
    <Popover.Content
      class="bg-base-100 border-base-300 z-50 max-w-sm rounded-lg border p-4 shadow-xl"
      sideOffset={6}
      collisionPadding={12}
    >
      <p class="font-semibold">{label}: {showFigure(figure, units)}{range ? `, ${range}` : ''}</p>
      <p class="mt-1 text-sm">{figure.because}.</p>
      <p class="quiet mt-2 text-sm">
        {figure.basis === 'default'
          ? 'From common practice. Measure a swatch and the range shrinks.'
          : figure.basis === 'learned'
            ? 'Learned from your finished pieces.'
            : 'From what you measured.'}
      </p>
    </Popover.Content>
  </Popover.Portal>
</Popover.Root>
