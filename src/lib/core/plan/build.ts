import type { CastOn, HangOff, Knit, Operation, Side } from './operations';

/**
 * Short builders for operations, with the lengths that practice gives (craft 3 and 4). Each constant
 * is what the craft does, so it stands here once.
 */

/** Tail of a weave cast-on: 40 to 45 cm. */
export const CAST_ON_TAIL_MM = 450;

/** Tail on either side of a join: 15 to 25 cm. */
export const JOIN_TAIL_MM = 200;

/** A drawstring takes 1.5 to 2 turns of the ring; the longer one can be drawn without a fight. */
const DRAWSTRING_TURNS = 2;

/** Where the yarn of a panel stands once it is cast on from low to high (craft 1.6). */
export const CAST_ON_ENDS: Side = 'high';

/** The other edge. */
export const otherSide = (side: Side): Side => (side === 'low' ? 'high' : 'low');

/**
 * The edge at which the yarn of a panel stands after some operations: every row takes it across.
 *
 * @example yarnAfter([castOn('w', 'e-wrap'), wasteRows('w', 5)]) // 'low'
 */
export function yarnAfter(operations: readonly Operation[]): Side {
  let at = CAST_ON_ENDS;
  for (const op of operations) {
    if (op.op === 'castOn') at = op.yarnAt ?? CAST_ON_ENDS;
    else if (op.op === 'newEnd') at = op.side;
    else if (op.op === 'knit' && op.rows % 2 === 1) at = otherSide(at);
  }
  return at;
}

/** Cast on all pins of the piece. */
export const castOn = (yarn: string, style: CastOn['style'] = 'weave'): CastOn => ({
  op: 'castOn',
  style,
  yarn,
  tailMm: CAST_ON_TAIL_MM
});

/** Knit work rows. */
export const knitRows = (section: string, yarn: string, rows: number): Knit => ({
  op: 'knit',
  section,
  yarn,
  rows,
  purpose: 'work',
  joinTailMm: JOIN_TAIL_MM
});

/** Knit rows that come out again. */
export const wasteRows = (yarn: string, rows: number, purpose: 'waste' | 'separator' = 'waste'): Knit => ({
  ...knitRows(purpose === 'waste' ? 'Waste yarn' : 'Separator', yarn, rows),
  purpose
});

/** Hang off onto a thread, some turns of the ring long. */
export const drawstring = (thread: string, ringMm: number, doubled = false): HangOff => ({
  op: 'hangOff',
  style: 'drawstring',
  thread,
  threadMm: Math.round(ringMm * DRAWSTRING_TURNS),
  doubled
});

/** Crank on without yarn until the piece falls off. */
export const wasteHangOff = (): HangOff => ({
  op: 'hangOff',
  style: 'waste',
  thread: null,
  threadMm: 0,
  doubled: false
});

/** Chain the live stitches off the pins with a hook: four times the edge in yarn (craft 6), and a tail. */
export const chainOff = (yarn: string, edgeMm: number): HangOff => ({
  op: 'hangOff',
  style: 'chain',
  thread: yarn,
  threadMm: Math.round(4 * edgeMm + 150),
  doubled: false
});

/**
 * Sets the counter to zero before each section, once where the work begins, or never, as the knitter's school has it (craft
 * 1.7). On a machine with no counter there is nothing to set.
 */
export function withCounter(
  operations: readonly Operation[],
  counter: 'none' | 'tube',
  school: 'reset' | 'running' | 'never'
): Operation[] {
  if (counter === 'none' || school === 'never') return [...operations];
  const counted: Operation[] = [];
  let zeroed = false;
  for (const operation of operations) {
    if (operation.op === 'knit' && (school === 'reset' || (!zeroed && operation.purpose === 'work'))) {
      zeroed = true;
      counted.push({ op: 'zeroCounter' });
    }
    counted.push(operation);
  }
  return counted;
}

/**
 * Pins of a cord of so many stitches: half way round the ring, clear of the marker, where the counter's catch would
 * stick (craft 1).
 *
 * @param pins pins of the ring
 * @param width stitches of the cord
 * @example cordPins(48, 3) // { from: 23, to: 25 }
 */
export function cordPins(pins: number, width: number): { from: number; to: number } {
  const from = Math.max(1, Math.floor((pins - width) / 2) + 1);
  return { from, to: Math.min(pins, from + width - 1) };
}

/** A cord: e-wrapped, knitted to and fro by hand, its last stitches gathered onto the tail. No waste yarn. */
export const cordRows = (section: string, yarn: string, rows: number): Operation[] => [
  castOn(yarn, 'e-wrap'),
  knitRows(section, yarn, rows),
  { op: 'hangOff', style: 'drawstring', thread: yarn, threadMm: CAST_ON_TAIL_MM, doubled: false }
];
