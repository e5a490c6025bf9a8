import { SNUG_STRETCH } from '../body';
import { machineOf, ringMm } from '../kit';
import { type Executed, mainGauge, pieceAt } from '../knit';
import { garmentSizes } from './garment';
import type { Sizes } from './size';

/**
 * How a thing fits what it was measured for, read from its figures and their ranges. The bounds are our own, no
 * source: heads and
 * limbs by how far the fabric is stretched, garments by the room they leave once the bands are on.
 */
export const VERDICTS = ['too-small', 'tight', 'snug', 'fits', 'loose', 'too-large'] as const;
export type VerdictCode = (typeof VERDICTS)[number];

/** What a verdict is about. */
export interface Verdict {
  readonly code: VerdictCode;
  /** What it goes over: head, hand, foot, calf, chest, bottle. */
  readonly over: string;
  readonly measureMm: number;
  /** Girth of the thing less that of the body: below 0 it is stretched. */
  readonly roomMm: number;
  readonly low: number;
  readonly high: number;
  /** What it may turn out to be at either end of its range. */
  readonly atLow: VerdictCode;
  readonly atHigh: VerdictCode;
  readonly by: 'stretch' | 'room';
}

/** Up to this stretch a thing fits as it lies; beyond it, it is snug. */
const FITS_STRETCH = 0.3;

/** A tube was as wide as its ring already; beyond this share of that girth it does not go (craft 5.5). */
const BEYOND_RING = 1.15;

/** Lengthwise, where no ring was ever as wide, a band is not drawn further than to twice its length. */
const FURTHEST_LENGTHWISE = 1;

/** Room of a garment after its bands, mm: below the first too small, and so on. */
const ROOM_MM: readonly (readonly [number, VerdictCode])[] = [
  [-20, 'too-small'],
  [0, 'tight'],
  [20, 'snug'],
  [150, 'fits']
];

/**
 * Verdict by room left.
 *
 * @example byRoom(60) // 'fits'
 */
export const byRoom = (mm: number): VerdictCode => ROOM_MM.find(([below]) => mm < below)?.[1] ?? 'loose';

/**
 * Verdict by stretch.
 *
 * @param stretch a share: 0.3 is 30 % wider than at rest
 * @param most the stretch beyond which it does not go
 * @example byStretch(0.5, 1.2) // 'snug'
 */
export function byStretch(stretch: number, most: number): VerdictCode {
  if (stretch < 0) return 'too-large';
  if (stretch > most) return 'too-small';
  return stretch <= FITS_STRETCH ? 'fits' : stretch <= SNUG_STRETCH ? 'snug' : 'tight';
}

/** What a thing is drawn over, and how far it goes at most: a share of its own girth at rest. */
function stretchedOver(run: Executed, sizes: Sizes): { over: string; mm: number; most: number } | null {
  const { worn } = run.plan;
  if (!worn || !sizes.pieces[0] || !run.fabric.pieces[0]) return null;
  const ring = (mm: number): number => {
    const { planned, fabric } = pieceAt(run, 0);
    const machine = machineOf(run.kit, planned.machineId);
    const wide = (ringMm(machine) * (planned.mode === 'tube' ? machine.pins : fabric.width)) / machine.pins;
    return (BEYOND_RING * wide) / (sizes.pieces[0]!.girthMm.value || mm) - 1;
  };
  switch (worn.form) {
    case 'lined-hat':
    case 'ear-hat':
    case 'brim-hat':
    case 'gathered-hat':
      return { over: 'head', mm: worn.headMm, most: ring(worn.headMm) };
    case 'sleeve':
      return { over: worn.over, mm: worn.girthMm, most: ring(worn.girthMm) };
    case 'ring':
      return worn.over === 'head' ? { over: 'head', mm: worn.girthMm, most: FURTHEST_LENGTHWISE } : null;
    case 'flat':
    case 'folded-bag':
    case 'garland':
    case 'panels':
    case 'pompom':
    case 'sack':
    case 'toy':
    case 'wrap':
      return null;
  }
}

/** How a garment goes round the chest, its range that of its stitches. */
function garmentVerdict(run: Executed): Verdict | null {
  const g = garmentSizes(run);
  const round = run.notes.garment?.round;
  if (!g || !round) return null;
  const { low, high, value } = mainGauge(run, 0).wales;
  const room = (mm: number): number => mm - round.chestMm;
  const [roomMm, least, most] = [room(g.roundMm), room((g.roundMm * value) / high), room((g.roundMm * value) / low)];
  return {
    code: byRoom(roomMm),
    over: 'chest',
    measureMm: round.chestMm,
    roomMm,
    low: least,
    high: most,
    atLow: byRoom(least),
    atHigh: byRoom(most),
    by: 'room'
  };
}

/**
 * How the finished thing fits what it was measured for.
 *
 * @returns null where nothing is measured: a bag, a scarf
 * @example verdictOf(hat).code // 'snug'
 */
export function verdictOf(run: Executed & { readonly sizes: Sizes }): Verdict | null {
  if (run.notes.garment) return garmentVerdict(run);
  const at = stretchedOver(run, run.sizes);
  const figure = run.sizes.finished.find(({ code }) => code === 'stretch' || code === 'lengthwise')?.figure;
  if (!at || !figure) return null;
  const room = (percent: number): number => at.mm / (1 + percent / 100) - at.mm;
  const code = (percent: number): VerdictCode => byStretch(percent / 100, at.most);
  return {
    code: code(figure.value),
    over: at.over,
    measureMm: at.mm,
    roomMm: room(figure.value),
    low: room(figure.high),
    high: room(figure.low),
    atLow: code(figure.high),
    atHigh: code(figure.low),
    by: 'stretch'
  };
}
