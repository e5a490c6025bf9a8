import type { PieceFabric, Tension } from './fabric';
import type { Ring } from './ring';

/** A piece while it is knitted. */
export type Growing = { -readonly [K in keyof PieceFabric]: PieceFabric[K] };

/**
 * A piece with room for so many rows, none of them knitted yet.
 *
 * Its lists are asked for in one: each by itself would cost more than what is written into it. The widest numbers come first, so
 * that each list begins where its numbers may.
 *
 * @param pins of the machine
 * @param ring where on it the piece will hang
 * @param tensions how tight its rows will be; where they are all alike, a row's feed is its yarn
 */
export function unknitted(pins: number, ring: Ring, rows: number, tensions: readonly Tension[]): Growing {
  const { firstPin, width, floats, doubled } = ring;
  const several = tensions.length > 1;
  const [longs, shorts] = [2, several ? 6 : 5];
  const all = new ArrayBuffer(rows * (4 * longs + 2 * shorts + 2 + width));
  let at = 0;
  const next = (bytes: number): number => (at += bytes * rows) - bytes * rows;
  const inSection = new Uint32Array(all, next(4), rows);
  const counter = new Int32Array(all, next(4), rows);
  const yarn = new Uint16Array(all, next(2), rows);
  return {
    rows: 0,
    pins,
    firstPin,
    width,
    inSection,
    counter,
    yarn,
    feed: several ? new Uint16Array(all, next(2), rows) : yarn,
    operation: new Uint16Array(all, next(2), rows),
    stitches: new Uint16Array(all, next(2), rows),
    low: new Uint16Array(all, next(2), rows),
    high: new Uint16Array(all, next(2), rows),
    purpose: new Uint8Array(all, next(1), rows),
    yarnAt: new Uint8Array(all, next(1), rows),
    cells: new Uint8Array(all, next(width), rows * width),
    tensions,
    floats,
    runs: [],
    work: { first: 0, last: -1, count: 0 },
    doubled,
    ladders: [],
    faults: [],
    trace: []
  };
}
