import type { Operation, Side } from '../plan';
import { PURPOSES } from './fabric';
import type { MachineNo } from './refusal';
import type { Ring } from './ring';

/** A refusal, and the pin it concerns. */
export interface No {
  readonly no: MachineNo;
  readonly pin?: number;
}

const edgePin = (ring: Ring, side: Side): number => (side === 'low' ? ring.low : ring.high);
const empty = (needs: Extract<MachineNo, { code: 'pins-empty' }>['needs']): No => ({
  no: { code: 'pins-empty', needs }
});

/** A full-fashioned decrease lifts three stitches and needs one to lift them onto (craft 8.3). */
const FASHIONED_NEEDS = 4;

/** Why a row cannot be lifted back onto the pins, or nothing when it can. */
function cannotRehang(ring: Ring, row: number, purpose: Uint8Array): No | undefined {
  if (!ring.occupied) return empty('rehang');
  const no = (why: Extract<MachineNo, { code: 'rehang-row' }>['why']): No => ({ no: { code: 'rehang-row', row, why, rows: ring.rows } }); // prettier-ignore
  if (row < 1 || row > ring.rows) return no('not-knitted');
  if (purpose[row - 1] !== PURPOSES.indexOf('work')) return no('waste');
  if (row === ring.rows) return no('on-pins');
  if (ring.doubled.some((d) => d.from <= row && row <= d.to)) return no('doubled');
  return undefined;
}

/** Why stitches cannot be dropped on purpose, or nothing when they can. */
function cannotLadder(ring: Ring, pins: readonly number[]): No | undefined {
  if (!ring.occupied) return empty('drop');
  const off = pins.find((pin) => pin < ring.low || pin > ring.high);
  if (off !== undefined) return { no: { code: 'ladder-pin', pin: off, twice: false }, pin: off };
  const twice = pins.find((pin) => ring.ladders.has(pin));
  return twice === undefined ? undefined : { no: { code: 'ladder-pin', pin: twice, twice: true }, pin: twice };
}

/** Why an edge cannot be shaped, or nothing when it can. */
function cannotShape(ring: Ring, op: Operation & { op: 'decrease' | 'increase' | 'hold' }): No | undefined {
  if (!ring.occupied) return empty('shape');
  const pin = edgePin(ring, op.side);
  if (ring.mode === 'tube') return { no: { code: 'tube-shaped', begin: false } };
  if (op.stitches < 1) return { no: { code: 'no-stitches', float: false, stitches: op.stitches } };
  const live = ring.high - ring.low + 1;
  if (op.op === 'increase') {
    if (op.stitches > 1) return { no: { code: 'several-at-once' }, pin };
    const next = op.side === 'low' ? ring.low - 1 : ring.high + 1;
    const beyond = next < ring.firstPin || next > ring.firstPin + ring.width - 1;
    return beyond ? { no: { code: 'increase-reach', pin: next }, pin: next } : undefined;
  }
  if (live - op.stitches < 1) return { no: { code: 'too-few', asked: op.stitches, live, fashioned: false }, pin };
  if (op.op === 'hold') {
    if (ring.yarnAt === op.side) return undefined;
    return { no: { code: 'hold-no-yarn', yarnPin: edgePin(ring, ring.yarnAt) }, pin };
  }
  if (op.stitches > 1) return { no: { code: 'several-at-once' }, pin };
  if (op.method === 'full-fashioned' && live < FASHIONED_NEEDS) {
    return { no: { code: 'too-few', asked: FASHIONED_NEEDS, live, fashioned: true }, pin };
  }
  return undefined;
}

/** Why floats cannot be laid, or nothing when they can: never at an edge (craft 8.9). */
function cannotFloat(ring: Ring, after: readonly number[], columns: number): No | undefined {
  if (!ring.occupied) return empty('float');
  if (columns < 1) return { no: { code: 'no-stitches', float: true, stitches: columns } };
  const edge = after.find((pin) => pin < ring.low || pin >= ring.high);
  return edge === undefined ? undefined : { no: { code: 'float-edge', pin: edge }, pin: edge };
}

/** Why pins cannot be cast on, or nothing when they can. */
function cannotCastOn(ring: Ring, pins: { from: number; to: number } | undefined): No | undefined {
  if (ring.occupied) return { no: { code: 'pins-full' } };
  if (!pins || (pins.from >= ring.from && pins.to <= ring.to && pins.from <= pins.to)) return undefined;
  return { no: { code: 'pin-out-of-reach', ...pins, of: 'piece', first: ring.from, pins: ring.to }, pin: pins.from };
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
      if (!ring.occupied) return empty('begin');
      return ring.mode === 'tube' ? { no: { code: 'tube-shaped', begin: true } } : undefined;
    case 'castOn':
      return cannotCastOn(ring, op.pins);
    case 'knit':
      if (!ring.occupied) return empty('knit');
      return op.rows < 1 ? { no: { code: 'no-rows', rows: op.rows } } : undefined;
    case 'hangOff':
      return ring.occupied ? undefined : empty('off');
    case 'zeroCounter':
      return ring.counts ? undefined : { no: { code: 'no-counter' } };
  }
}
