<script lang="ts">
  import { type Fate, fatesOf, sectionsOf } from '$lib/core/colour';
  import { yarnsById } from '$lib/core/kit';
  import type { Readings } from '$lib/core/tomble';
  import { tileOf } from '$lib/draw/texture';
  import KnitPattern from '../picture/KnitPattern.svelte';
  import type { ColourDesk } from './desk.svelte';
  import { markOf, SQUARE } from './marks';
  import { FATE_WORDS } from './words';

  /** The rows of a tube in their colours, and along its left edge what becomes of them. */
  interface Props {
    desk: ColourDesk;
    result: Readings;
    /** The same thing in the colours that long-phase yarn gives it. */
    painted: Readings | null;
    /** Whether yarns are told apart by marks as well as by colour. */
    marked: boolean;
    sight: (hex: string) => string;
    /** Height of all rows and of one, and width of the tube, px. */
    height: number;
    rowPx: number;
    wide: number;
    /** Rows before each section, and before the end. */
    starts: readonly number[];
  }
  let { desk, result, painted, marked, sight, height, rowPx, wide, starts }: Props = $props();
  const uid = $props.id();
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
  const yOf = (row: number): number => height - row * rowPx;
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
  const CHOSEN = { stroke: 'var(--color-base-content)', 'stroke-width': 2.5 };
  const EDGE = { stroke: 'rgba(0,0,0,.3)', 'stroke-width': 0.5 };
</script>

{#snippet band(upTo: number, rows: number, fill: string, edge: object = {})}
  <rect x="18" y={yOf(upTo)} width={wide} height={rows * rowPx} {fill} {...edge} />
{/snippet}

<svg width={wide + 20} {height} aria-hidden="true" class="block">
  <defs>
    {#each used as id, k (id)}
      <KnitPattern id="{uid}-y{k}" tile={tile(id)} />
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
  {#each colours as s, i (i)}{@render band(
      colourStarts[i + 1]!,
      s.rows,
      `url(#${uid}-y${used.indexOf(s.yarn)})`
    )}{/each}
  {#each marked ? desk.sections : [] as s, i (i)}{@render band(
      starts[i + 1]!,
      s.rows,
      `url(#${uid}-m${own.indexOf(s.yarn)})`
    )}{/each}
  {#each desk.sections as s, i (i)}{@render band(
      starts[i + 1]!,
      s.rows,
      'none',
      i === desk.chosen ? CHOSEN : EDGE
    )}{/each}
</svg>
