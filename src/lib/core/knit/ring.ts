import type { Machine } from '../kit';
import type { Mode } from '../plan';

/** The state of the machine while a piece hangs on it. Only `knit` writes it. */
export interface Ring {
  readonly from: number;
  readonly to: number;
  readonly mode: Mode;
  /** First pin whose stitch is completed, and how many are. */
  readonly firstPin: number;
  readonly width: number;
  occupied: boolean;
  carriage: number;
  direction: 1 | -1;
  rows: number;
  counter: number;
  readonly counts: boolean;
}

/**
 * Pins that carry a finished stitch. In PANEL mode the pins at both ends of the ring cannot be completed, so a
 * panel that touches an end of the ring loses that end's stitches (handbook section 1).
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

/** An empty ring, yarn at the marker. */
export function emptyRing(machine: Machine, mode: Mode, from: number, to: number): Ring {
  return {
    from,
    to,
    mode,
    ...reachOf(machine, mode, from, to),
    occupied: false,
    carriage: mode === 'tube' ? 0 : from,
    direction: 1,
    rows: 0,
    counter: 0,
    counts: machine.counter === 'tube' && mode === 'tube'
  };
}
