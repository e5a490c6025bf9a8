import type { Machine } from '../kit';
import type { Mode, Piece, SectionOf, Side } from '../plan';

/** The state of the machine while a piece hangs on it. Only `knit` writes it. */
export interface Ring {
  readonly from: number;
  readonly to: number;
  readonly mode: Mode;
  /** First pin whose stitch can be completed, and how many can. */
  readonly firstPin: number;
  readonly width: number;
  occupied: boolean;
  /** Lowest and highest pin with a stitch. */
  low: number;
  high: number;
  /** Edge of a panel at which the yarn stands. */
  yarnAt: Side;
  rows: number;
  /** Rows of waste before the work began. */
  before: number;
  counter: number;
  readonly counts: boolean;
  /** Holes of the guide, and the one of the piece. */
  readonly holes: number;
  readonly hole: number;
  /** The yarn in the guide, and the hole it runs through once rows were knitted with it. */
  threaded: { readonly yarn: string; readonly hole: number } | null;
  /** Name, yarn and purpose of the section that is being knitted, and its rows so far. */
  section: SectionOf | null;
  inSection: number;
  readonly doubled: { readonly from: number; readonly to: number }[];
  readonly ladders: Set<number>;
  floats: { readonly after: readonly number[]; readonly columns: number };
}

/**
 * Pins that carry a finished stitch. In PANEL mode the pins at both ends of the ring cannot be completed, so a
 * panel that touches an end of the ring loses that end's stitches (craft 1).
 *
 * @param machine pins and reach
 * @param from first pin cast on, from 1
 * @param to last pin cast on
 * @returns the first pin of the fabric and its width in stitches
 * @example reachOf({ pins: 48, reach: { start: 2, end: 2 } }, 'panel', 1, 20) // { firstPin: 3, width: 18 }
 */
export function reachOf(
  machine: Pick<Machine, 'pins' | 'reach'>,
  mode: Mode,
  from: number,
  to: number
): { firstPin: number; width: number } {
  const first = mode === 'panel' ? Math.max(from, 1 + machine.reach.start) : from;
  const last = mode === 'panel' ? Math.min(to, machine.pins - machine.reach.end) : to;
  return { firstPin: first, width: Math.max(0, last - first + 1) };
}

/** Pin at which the yarn stands: 0 is at the marker. */
export const carriageOf = (ring: Ring): number =>
  ring.mode === 'tube' ? 0 : ring.yarnAt === 'low' ? ring.low : ring.high;

/** An empty ring, yarn at the marker or at the low edge. */
export function emptyRing(
  machine: Machine,
  { mode, from, to, hole }: Pick<Piece, 'mode' | 'from' | 'to' | 'hole'>
): Ring {
  const { firstPin, width } = reachOf(machine, mode, from, to);
  return {
    from,
    to,
    mode,
    firstPin,
    width,
    occupied: false,
    low: firstPin,
    high: firstPin + width - 1,
    yarnAt: 'low',
    rows: 0,
    before: 0,
    counter: 0,
    counts: machine.counter === 'tube' && mode === 'tube',
    holes: machine.tensionHoles,
    hole,
    threaded: null,
    section: null,
    inSection: 0,
    doubled: [],
    ladders: new Set(),
    floats: { after: [], columns: 0 }
  };
}
