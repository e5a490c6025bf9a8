<script lang="ts">
  import { type Fate, fatesOf, moveBorder, paint, sectionsOf } from '$lib/core/colour';
  import { yarnName, yarnsById } from '$lib/core/kit';
  import { rowsIn } from '$lib/core/plan';
  import type { Result } from '$lib/core/tomble';
  import { tileOf } from '$lib/draw/texture';
  import { type BorderDrag, borderDrag } from './border-drag';
  import type { ColourDesk } from './desk.svelte';
  import { markOf, SQUARE } from './marks';
  import { FATE_WORDS } from './words';

  let {
    desk,
    result,
    painted = result,
    marked = false,
    sight = (hex) => hex
  }: {
    desk: ColourDesk;
    result: Result;
    /** The same thing in the colours that long-phase yarn gives it. */
    painted?: Result | null;
    /** Whether yarns are told apart by marks as well as by colour. */
    marked?: boolean;
    sight?: (hex: string) => string;
  } = $props();
  const uid = $props.id();
  let room = $state.raw<DOMRectReadOnly>();
  /** Room for the ring above. */
  const RING = 26;
  const height = $derived(Math.max(200, (room?.height ?? 600) - RING - 2));
  const total = $derived(Math.max(1, rowsIn(desk.sections)));
  const yarns = $derived(yarnsById((painted ?? result).kit.yarns));
  /** Stretches of one colour: the sections themselves, or the phases of their yarns. */
  const colours = $derived.by(() => {
    const piece = painted === result ? undefined : painted?.plan.pieces[desk.piece];
    return piece ? sectionsOf(piece) : desk.sections;
  });
  const colourStarts = $derived(colours.reduce<number[]>((sums, s) => [...sums, sums.at(-1)! + s.rows], [0]));
  const used = $derived([...new Set(colours.map((s) => s.yarn))]);
  /** Yarns of the sections, in the order their marks are given. */
  const own = $derived([...new Set(desk.sections.map((s) => s.yarn))]);
  const TUBE = 150;
  /** Pins of the ring in the picture, as shares of its half width. */
  const PINS = [-0.95, -0.8, -0.6, -0.4, -0.2, 0, 0.2, 0.4, 0.6, 0.8, 0.95];
  const rowPx = $derived(height / total);
  /** Rows before each section, and before the end. */
  const starts = $derived(desk.sections.reduce<number[]>((sums, s) => [...sums, sums.at(-1)! + s.rows], [0]));
  const yOf = (row: number): number => height - row * rowPx;
  const name = (id: string): string => (yarns.get(id) ? yarnName(yarns.get(id)!) : id);
  const tile = (id: string) =>
    tileOf({ yarn: 0, hex: sight(yarns.get(id)?.colour.hex ?? '#888888'), stitchPx: 7, rowPx, originY: 0 });

  // Stretches of rows with one fate, along the left edge.
  const fates = $derived.by(() => {
    if (!result.fabric.pieces[desk.piece]?.rows) return [];
    const out: { fate: Fate; from: number; to: number }[] = [];
    fatesOf(result, desk.piece).forEach((fate, row) => {
      const last = out.at(-1);
      if (!fate) return;
      if (last?.fate === fate) out[out.length - 1] = { ...last, to: row + 1 };
      else out.push({ fate, from: row, to: row + 1 });
    });
    return out;
  });
  const FILLS: Readonly<Record<Fate, string>> = {
    seen: 'var(--color-base-100)',
    'turned-up': `url(#${uid}-up)`,
    hidden: 'color-mix(in oklab, var(--color-base-content) 55%, transparent)',
    gathered: `url(#${uid}-dots)`
  };

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
      <svg width={TUBE + 20} {height} aria-hidden="true" class="block">
        <defs>
          {#each used as id, k (id)}
            {@const t = tile(id)}
            <pattern id="{uid}-y{k}" width={t.width} height={t.height} patternUnits="userSpaceOnUse">
              <rect width={t.width} height={t.height} fill={t.ground} />
              {#each t.strokes as stroke, s (s)}
                <path d={stroke.d} stroke={stroke.colour} stroke-width={stroke.width} fill="none" />
              {/each}
            </pattern>
          {/each}
          {#each marked ? own : [] as id, k (id)}
            <pattern id="{uid}-m{k}" width={SQUARE} height={SQUARE} patternUnits="userSpaceOnUse">
              <path d={markOf(k).d} fill="none" stroke="#fff" stroke-width="3.5" />
              <path d={markOf(k).d} fill="none" stroke="#000" stroke-width="1.6" />
            </pattern>
          {/each}
          <pattern id="{uid}-up" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <rect width="6" height="6" fill="var(--color-base-100)" />
            <rect width="2.5" height="6" fill="var(--color-base-content)" />
          </pattern>
          <pattern id="{uid}-dots" width="5" height="5" patternUnits="userSpaceOnUse">
            <rect width="5" height="5" fill="var(--color-base-100)" />
            <circle cx="2.5" cy="2.5" r="1.4" fill="var(--color-base-content)" />
          </pattern>
        </defs>
        {#each fates as f (f.from)}
          <rect
            x="0.5"
            y={yOf(f.to)}
            width="11"
            height={(f.to - f.from) * rowPx}
            fill={FILLS[f.fate]}
            stroke="var(--color-base-content)"
            stroke-opacity="0.5"
          >
            <title>{FATE_WORDS[f.fate]}: rows {f.from + 1} to {f.to}</title>
          </rect>
        {/each}
        {#each colours as s, i (i)}
          <rect
            x="18"
            y={yOf(colourStarts[i + 1]!)}
            width={TUBE}
            height={s.rows * rowPx}
            fill="url(#{uid}-y{used.indexOf(s.yarn)})"
          />
        {/each}
        {#if marked}
          {#each desk.sections as s, i (i)}
            <rect
              x="18"
              y={yOf(starts[i + 1]!)}
              width={TUBE}
              height={s.rows * rowPx}
              fill="url(#{uid}-m{own.indexOf(s.yarn)})"
            />
          {/each}
        {/if}
        {#each desk.sections as s, i (i)}
          <rect
            x="18"
            y={yOf(starts[i + 1]!)}
            width={TUBE}
            height={s.rows * rowPx}
            fill="none"
            stroke={i === desk.chosen ? 'var(--color-base-content)' : 'rgba(0,0,0,.3)'}
            stroke-width={i === desk.chosen ? 2.5 : 0.5}
          />
        {/each}
      </svg>
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
