<script lang="ts">
  import { moveBorder, paint } from '$lib/core/colour';
  import { yarnName, yarnsById } from '$lib/core/kit';
  import { rowsIn } from '$lib/core/plan';
  import type { Readings } from '$lib/core/tomble';
  import { type BorderDrag, borderDrag } from './border-drag';
  import type { ColourDesk } from './desk.svelte';
  import TubeStripes from './TubeStripes.svelte';

  let {
    desk,
    result,
    painted = result,
    marked = false,
    sight = (hex) => hex
  }: {
    desk: ColourDesk;
    result: Readings;
    /** The same thing in the colours that long-phase yarn gives it. */
    painted?: Readings | null;
    /** Whether yarns are told apart by marks as well as by colour. */
    marked?: boolean;
    sight?: (hex: string) => string;
  } = $props();
  let room = $state.raw<DOMRectReadOnly>();
  /** Room for the ring above. */
  const RING = 26;
  const height = $derived(Math.max(200, (room?.height ?? 600) - RING - 2));
  const total = $derived(Math.max(1, rowsIn(desk.sections)));
  const yarns = $derived(yarnsById((painted ?? result).kit.yarns));
  const TUBE = 150;
  /** Pins of the ring in the picture, as shares of its half width. */
  const PINS = [-0.95, -0.8, -0.6, -0.4, -0.2, 0, 0.2, 0.4, 0.6, 0.8, 0.95];
  const rowPx = $derived(height / total);
  /** Rows before each section, and before the end. */
  const starts = $derived(desk.sections.reduce<number[]>((sums, s) => [...sums, sums.at(-1)! + s.rows], [0]));
  const yOf = (row: number): number => height - row * rowPx;
  const name = (id: string): string => (yarns.get(id) ? yarnName(yarns.get(id)!) : id);
  let begun: typeof desk.sections = [];
  const told: BorderDrag = $derived({
    rowAt: (y) => Math.round((height - y) / rowPx),
    nearest: (row) => {
      let best = -1;
      for (let i = 0; i + 1 < desk.sections.length; i++)
        if (best < 0 || Math.abs(starts[i + 1]! - row) < Math.abs(starts[best + 1]! - row)) best = i;
      return best;
    },
    onstart: (border) => {
      begun = desk.sections;
      desk.chosen = border;
    },
    ondrag: (border, row) => {
      const at = rowsIn(begun.slice(0, border + 1));
      desk.drag(moveBorder(begun, border, row - at));
    },
    onend: () => desk.drop()
  });

  const STEPS: Readonly<Record<string, number>> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 5, PageDown: -5 }; // prettier-ignore
  function keys(event: KeyboardEvent, border: number): void {
    const by = STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    desk.put(moveBorder(desk.sections, border, by));
  }
  function press(i: number): void {
    desk.chosen = i;
    if (desk.brush !== null) desk.put(paint(desk.sections, i, desk.brush));
  }
</script>

<div class="flex h-full gap-1" data-testid="colour-tube">
  <div class="relative min-h-0 w-full" bind:contentRect={room}>
    <svg width={TUBE + 36} height={RING + 12} class="absolute top-0 left-2.5" aria-hidden="true">
      <ellipse
        cx={TUBE / 2 + 8}
        cy="17"
        rx={TUBE / 2 + 6}
        ry="9"
        fill="none"
        stroke="var(--color-base-content)"
        stroke-width="3"
        opacity="0.6"
      />
      {#each PINS as x (x)}
        <line
          x1={TUBE / 2 + 8 + (TUBE / 2 + 6) * x}
          x2={TUBE / 2 + 8 + (TUBE / 2 + 6) * x}
          y1={17 - 9 * Math.sqrt(1 - x * x) - 7}
          y2={17 - 9 * Math.sqrt(1 - x * x) + 3}
          stroke="var(--color-base-content)"
          stroke-width="1.5"
        />
      {/each}
    </svg>
    <div class="absolute bottom-0 left-0" style:top="{RING}px" style:width="{TUBE + 20}px">
      <TubeStripes {desk} {result} {painted} {marked} {sight} {height} {rowPx} {starts} wide={TUBE} />
      <!-- Of a size of its own, and moved by margins: what moves in it lays out nothing else. -->
      <div class="absolute inset-0">
        <div class="relative size-full [contain:size_layout]">
          {#each desk.sections as s, i (i)}
            <button
              type="button"
              class="absolute top-0 left-[18px] flex cursor-pointer items-center justify-center"
              style:margin-top="{yOf(starts[i + 1]!)}px"
              style:width="{TUBE}px"
              style:height="{Math.max(3, s.rows * rowPx)}px"
              tabindex="-1"
              aria-label="Section {i + 1}: {name(s.yarn)}, {s.rows} rows{desk.brush
                ? `; paint it in ${name(desk.brush)}`
                : ''}"
              onclick={() => press(i)}
            >
              {#if s.rows * rowPx >= 15}
                <span class="max-w-32 truncate rounded-full bg-base-100 px-1.5 text-xs leading-tight"
                  ><b class="numerals">{i + 1}</b> {yarns.get(s.yarn)?.colour.name ?? ''}</span
                >
              {/if}
            </button>
          {/each}
        </div>
      </div>
    </div>
    <div
      class="absolute right-0 bottom-0 touch-none"
      style:top="{RING}px"
      style:left="{TUBE + 20}px"
      data-testid="borders"
      use:borderDrag={told}
    >
      <div class="relative size-full [contain:size_layout]">
        {#each desk.sections.slice(0, -1) as s, i (i)}
          <div
            role="slider"
            tabindex="0"
            class="group absolute top-0 right-0 left-0 flex h-0 cursor-row-resize items-center gap-1"
            style:margin-top="{yOf(starts[i + 1]!)}px"
            aria-label="Border after section {i + 1}"
            aria-orientation="vertical"
            aria-valuemin="1"
            aria-valuemax={total - 1}
            aria-valuenow={starts[i + 1]}
            aria-valuetext="after row {starts[i + 1]}: {name(s.yarn)}, then {name(desk.sections[i + 1]!.yarn)}"
            onfocus={() => (desk.chosen = i)}
            onkeydown={(e) => keys(e, i)}
          >
            <span class="h-0.5 w-3 bg-base-content"></span>
            <span
              class="h-3.5 w-5 shrink-0 rounded-full border-2 border-base-content bg-base-100 group-focus-visible:bg-base-content"
            ></span>
            {#if i === desk.chosen || i + 1 === desk.chosen || (starts[i + 1]! - (starts[i] ?? 0)) * rowPx > 13}
              <span class="numerals text-xs">{starts[i + 1]}</span>
            {/if}
          </div>
        {/each}
      </div>
    </div>
  </div>
</div>
