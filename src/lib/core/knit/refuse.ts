import type { Operation, Side } from '../plan';
import { PURPOSES } from './fabric';
import type { Ring } from './ring';

/** Something the machine cannot do now: a code, the reason, and the pin it concerns. */
export interface No {
  readonly code: string;
  readonly why: string;
  readonly pin?: number;
}

const stitches = (n: number): string => `${n} ${n === 1 ? 'stitch' : 'stitches'}`;
const edgePin = (ring: Ring, side: Side): number => (side === 'low' ? ring.low : ring.high);
const EMPTY: No = { code: 'pins-empty', why: 'there is nothing on the pins' };

/** A full-fashioned decrease lifts three stitches and needs one to lift them onto (handbook section 8). */
const FASHIONED_NEEDS = 4;

/** Why a row cannot be lifted back onto the pins, or nothing when it can. */
function cannotRehang(ring: Ring, row: number, purpose: Uint8Array): No | undefined {
  if (!ring.occupied) return { ...EMPTY, why: 'there is nothing on the pins to hang a row back to' };
  const no = (why: string): No => ({ code: 'rehang-row', why: `row ${row} cannot be hung back: ${why}` });
  if (row < 1 || row > ring.rows) return no(`only ${ring.rows} ${ring.rows === 1 ? 'row is' : 'rows are'} knitted`);
  if (purpose[row - 1] !== PURPOSES.indexOf('work')) return no('it is waste and comes out again');
  if (row === ring.rows) return no('it is on the pins already');
  if (ring.doubled.some((d) => d.from <= row && row <= d.to)) return no('it hangs doubled already');
  return undefined;
}

/** Why stitches cannot be dropped on purpose, or nothing when they can. */
function cannotLadder(ring: Ring, pins: readonly number[]): No | undefined {
  if (!ring.occupied) return { ...EMPTY, why: 'there is nothing on the pins to drop' };
  const off = pins.find((pin) => pin < ring.low || pin > ring.high);
  if (off !== undefined) return { code: 'ladder-pin', why: `pin ${off} carries no stitch of this piece`, pin: off };
  const twice = pins.find((pin) => ring.ladders.has(pin));
  return twice === undefined ? undefined : { code: 'ladder-pin', why: `pin ${twice} was dropped already`, pin: twice };
}

/** Why an edge cannot be shaped, or nothing when it can. */
function cannotShape(ring: Ring, op: Operation & { op: 'decrease' | 'increase' | 'hold' }): No | undefined {
  if (!ring.occupied) return { ...EMPTY, why: 'there is nothing on the pins to shape' };
  const pin = edgePin(ring, op.side);
  if (ring.mode === 'tube') return { code: 'tube-shaped', why: 'a tube has no edge to shape; nothing slides on pins' };
  if (op.stitches < 1) return { code: 'no-stitches', why: `shaping needs at least one stitch, and has ${op.stitches}` };
  const live = ring.high - ring.low + 1;
  if (op.op === 'increase') {
    if (op.stitches > 1) return { code: 'several-at-once', why: 'pins are filled one at a time', pin };
    const next = op.side === 'low' ? ring.low - 1 : ring.high + 1;
    if (next < ring.firstPin || next > ring.firstPin + ring.width - 1) {
      return { code: 'increase-reach', why: `pin ${next} is beyond the reach of this piece`, pin: next };
    }
    return undefined;
  }
  if (live - op.stitches < 1) {
    return { code: 'too-few', why: `${stitches(op.stitches)} cannot go, ${live} hang there`, pin };
  }
  if (op.op === 'hold') {
    return ring.yarnAt === op.side
      ? undefined
      : {
          code: 'hold-no-yarn',
          why: `stitches can be held only where the yarn is, and it stands at pin ${edgePin(ring, ring.yarnAt)}; knit one row more, or cut it and begin at this edge`,
          pin
        };
  }
  if (op.stitches > 1) {
    return { code: 'several-at-once', why: 'decreases go one at a time; several at once are held', pin };
  }
  if (op.method === 'full-fashioned' && live < FASHIONED_NEEDS) {
    return { code: 'too-few', why: `a full-fashioned decrease needs ${FASHIONED_NEEDS} stitches, ${live} hang there`, pin }; // prettier-ignore
  }
  return undefined;
}

/** Why floats cannot be laid, or nothing when they can: never at an edge (handbook section 8). */
function cannotFloat(ring: Ring, after: readonly number[], columns: number): No | undefined {
  if (!ring.occupied) return { ...EMPTY, why: 'there is nothing on the pins to lay a float between' };
  if (columns < 1) return { code: 'no-stitches', why: `a float group needs a column, and has ${columns}` };
  const edge = after.find((pin) => pin < ring.low || pin >= ring.high);
  return edge === undefined
    ? undefined
    : { code: 'float-edge', why: `a float behind pin ${edge} would lie at an edge`, pin: edge };
}

/** Why pins cannot be cast on, or nothing when they can. */
function cannotCastOn(ring: Ring, pins: { from: number; to: number } | undefined): No | undefined {
  if (ring.occupied) return { code: 'pins-full', why: 'the pins already carry stitches; hang off first' };
  if (!pins || (pins.from >= ring.from && pins.to <= ring.to && pins.from <= pins.to)) return undefined;
  const why = `pins ${pins.from} to ${pins.to} are not those of this piece, ${ring.from} to ${ring.to}`;
  return { code: 'pin-out-of-reach', why, pin: pins.from };
}

/** Why the machine cannot do an operation now, or nothing when it can. */
export function cannot(ring: Ring, op: Operation, purpose: Uint8Array): No | undefined {
  switch (op.op) {
    case 'rehang':
      return cannotRehang(ring, op.row, purpose);
    case 'ladder':
      return cannotLadder(ring, op.pins);
    case 'decrease':
    case 'increase':
    case 'hold':
      return cannotShape(ring, op);
    case 'float':
      return cannotFloat(ring, op.after, op.columns);
    case 'newEnd':
      if (!ring.occupied) return { ...EMPTY, why: 'there is nothing on the pins to begin at' };
      return ring.mode === 'tube' ? { code: 'tube-shaped', why: 'a tube has no edge to begin at' } : undefined;
    case 'castOn':
      return cannotCastOn(ring, op.pins);
    case 'knit':
      if (!ring.occupied) return { ...EMPTY, why: 'there is nothing on the pins to knit onto; cast on first' };
      return op.rows < 1 ? { code: 'no-rows', why: `a section needs at least one row, and has ${op.rows}` } : undefined;
    case 'hangOff':
      return ring.occupied ? undefined : { ...EMPTY, why: 'there is nothing on the pins to hang off' };
    case 'zeroCounter':
      return ring.counts
        ? undefined
        : { code: 'no-counter', why: 'there is no counter to set in this mode on this machine' };
  }
}
