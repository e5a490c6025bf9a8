import { CROWN_SHARE } from '../../body';
import type { Reason } from '../../quantity';
import {
  type Gauge,
  type Kit,
  type Machine,
  machineOf,
  ringMm,
  rulesOf,
  usualHole,
  type Yarn,
  yarnOf
} from '../../kit';
import {
  type Brief,
  CAST_ON_ENDS,
  cordPins,
  cordRows,
  countingGauge,
  type Operation,
  type Piece,
  type Side,
  type SlopeRule,
  withCounter
} from '../../plan';

/** A ring with the yarn that goes round it: what every tube is worked out from. */
export interface Ring {
  readonly machine: Machine;
  readonly yarn: Yarn;
  readonly hole: number;
  readonly gauge: Gauge;
  /** Edge of a panel where the yarn stands once it is cast on. */
  readonly starts: Side;
  /** One turn of the ring, mm. */
  readonly turnMm: number;
  /** Flat width and girth of the tube at rest, mm. */
  readonly flatMm: number;
  readonly girthMm: number;
  /** What an end that is drawn shut takes off a height measured lying flat, mm. */
  readonly crownMm: number;
  /** Pins of a panel that is turned by hand: the whole ring, or all but the two at the marker under older editions. */
  readonly handPins: number;
  /** The bands of a garment count. */
  readonly bands: boolean;
  /** How a slope is laid over its rows. */
  readonly slopes: SlopeRule;
  /** Counts that were typed are made even, as the first edition did. */
  readonly evenCounts: boolean;
  /**
   * Share of the rows a body asks for: a stretchy, airy yarn grows as it is worn, and takes 3 to 5 % fewer (craft
   * 5.9).
   */
  readonly fewer: number;
  readonly knitted: { readonly pins: number; readonly courses: number; readonly wales: number; readonly flattest: number }; // prettier-ignore
}

/** The middle of 3 to 5 % fewer rows (craft 5.9, common practice, no source). */
const STRETCHY_ROWS = 0.96;

/**
 * A panel begins where the knitter's habit has it; those of the first edition were told from the low edge (craft 12).
 */
const startsAt = (kit: Kit): Side => (rulesOf(kit).fromLow ? 'low' : kit.habits.panelStart);

/** Whether rows are counted as for a stretchy yarn: of the yarn itself, or of the one whose counts are kept. */
export const stretchyIn = (brief: Pick<Brief, 'countsAs'>, yarn: Yarn): boolean =>
  brief.countsAs?.yarn === yarn.id ? brief.countsAs.stretchy : yarn.behaviour.stretch === 'much';

/** Sets a yarn up on a machine. The brief's tension hole counts for its own machine only. */
export function ringOn(kit: Kit, brief: Brief, yarnId: string, machineId = brief.machineId): Ring {
  const machine = machineOf(kit, machineId);
  const yarn = yarnOf(kit, yarnId, brief.strands);
  const own = machineId === brief.machineId ? brief.hole : null;
  const hole = own ?? usualHole(machine, yarn, rulesOf(kit).holeOfStrands);
  const gauge = countingGauge(kit, brief, machine, yarn, hole);
  const girthMm = (10 * machine.pins) / gauge.wales.value;
  return {
    machine,
    yarn,
    hole,
    gauge,
    starts: startsAt(kit),
    bands: rulesOf(kit).bandsCount,
    slopes: rulesOf(kit).evenSlopes ? 'spread' : 'longest-first',
    handPins: rulesOf(kit).handWhole ? machine.pins : machine.pins - 2,
    evenCounts: rulesOf(kit).evenCounts,
    fewer: rulesOf(kit).stretchyFewer && stretchyIn(brief, yarn) ? STRETCHY_ROWS : 1,
    turnMm: ringMm(machine),
    girthMm,
    flatMm: girthMm / 2,
    crownMm: rulesOf(kit).crownTakes ? CROWN_SHARE * girthMm : 0,
    knitted: {
      pins: machine.pins,
      courses: gauge.courses.value,
      wales: gauge.wales.value,
      flattest: rulesOf(kit).flattest
    }
  };
}

/** Rows of a length at rest, at least two. @example rowsFor(ring, 550) // 110 */
export const rowsFor = (ring: Ring, lengthMm: number): number =>
  Math.max(2, Math.round((lengthMm / 10) * ring.gauge.courses.value));

/** An even count near a number, at least `least`. */
export const even = (n: number, least = 2): number => Math.max(least, 2 * Math.round(n / 2));

/** A tube over the whole ring, the counter set as the knitter's school has it. */
export function tubePiece(
  kit: Kit,
  ring: Ring,
  label: string,
  operations: readonly Operation[],
  more: Partial<Pick<Piece, 'copies' | 'pair'>> = {}
): Piece {
  const { machine, hole } = ring;
  return {
    label,
    machineId: machine.id,
    copies: 1,
    mode: 'tube',
    from: 1,
    to: machine.pins,
    hole,
    operations: withCounter(operations, machine.counter, kit.habits.counter),
    ...more
  };
}

/** Operations with the cast-on laid as this knitter lays it. */
export const begun = (ring: Pick<Ring, 'starts'>, operations: readonly Operation[]): Operation[] =>
  operations.map((op) => (op.op === 'castOn' && ring.starts !== CAST_ON_ENDS ? { ...op, yarnAt: ring.starts } : op));

/** A cord of a few pins, turned to and fro by hand half way round the ring. */
export function cordPiece(ring: Ring, label: string, width: number, rows: number, copies = 1): Piece {
  const { machine, hole, yarn } = ring;
  return {
    label,
    machineId: machine.id,
    copies,
    mode: 'tube-as-panel',
    ...cordPins(machine.pins, width),
    hole,
    operations: begun(ring, cordRows(label, yarn.id, rows))
  };
}

/** Rows the size asks for with the range its gauge gives. */
export function wantedRows(
  rows: (courses: number) => number,
  ring: Ring,
  because: Reason
): { rows: number; exact: number; low: number; high: number; because: readonly Reason[] } {
  const { courses } = ring.gauge;
  const ends = [rows(courses.low), rows(courses.high)];
  const exact = rows(courses.value);
  return {
    rows: Math.round(exact),
    exact,
    low: Math.min(...ends),
    high: Math.max(...ends),
    because: [because, ...courses.because]
  };
}
