/**
 * A tube as a strip of labelled paper, folded by coordinates: an oracle that knows nothing of layers, halves or faces.
 *
 * The tube is a stack of paper rings, one for each row. It is looked at in a cut through its axis: a ring is a point with a
 * distance from the axis and a height, and every ring carries the direction its knit side faces. Folding and turning move the
 * points and turn the directions with them. A person outside sees the outermost ring at a height; a person who looks in sees
 * the innermost one.
 */
interface PaperRow {
  readonly row: number;
  /** Distance from the axis; 1 is the tube as it came off. */
  readonly r: number;
  readonly z: number;
  /** Direction of the knit side: 1 away from the axis, -1 towards it, as the first of two coordinates. */
  readonly normal: readonly [number, number];
}

/** A ring that a person sees: its row of the work, from 1, and the face that is turned to them. */
export interface Seen {
  readonly row: number;
  readonly face: 'knit' | 'purl';
}

/** Room between two layers, small against the tube. */
const GAP = 0.01;

export class PaperTube {
  #rows: PaperRow[];

  /** @param count rows of the work; the first hangs at the bottom, the last at the top */
  constructor(readonly count: number) {
    this.#rows = Array.from({ length: count }, (_, i) => ({ row: i + 1, r: 1, z: i + 0.5, normal: [1, 0] }));
  }

  /** Half a turn about a point of the cut: coordinates and directions alike. */
  #halfTurn(of: (row: PaperRow) => boolean, r0: number, z0: number): void {
    this.#rows = this.#rows.map((row) =>
      of(row) ? { ...row, r: 2 * r0 - row.r, z: 2 * z0 - row.z, normal: [-row.normal[0], -row.normal[1]] } : row
    );
  }

  /** Pushes an end up inside: its half of the rows turns over at the middle and lies within the other half. */
  pushIn(end: 'first' | 'last'): void {
    const middle = Math.floor(this.count / 2);
    const goesIn = (row: PaperRow): boolean => (end === 'first' ? row.row <= middle : row.row > middle);
    const fold = this.#rows.filter((row) => !goesIn(row));
    const beside =
      end === 'first' ? fold.reduce((a, b) => (a.row < b.row ? a : b)) : fold.reduce((a, b) => (a.row > b.row ? a : b));
    const inward = this.#rows.find(goesIn)!;
    const z0 =
      (beside.z +
        this.#rows
          .filter(goesIn)
          .reduce((a, b) => (Math.abs(a.row - beside.row) < Math.abs(b.row - beside.row) ? a : b)).z) /
      2;
    this.#halfTurn(goesIn, inward.r - GAP / 2, z0);
  }

  /** Turns the whole inside out: half a turn about its own wall, as if the far end were pulled through. */
  turn(): void {
    const rs = this.#rows.map((row) => row.r);
    const r0 = (Math.min(...rs) + Math.max(...rs)) / 2;
    this.#halfTurn(() => true, r0, 0);
  }

  /** Turns the edge at the fold up, so far that it covers so many rows of a layer. */
  turnUp(rows: number): void {
    const middle = Math.floor(this.count / 2);
    const nearFold = (row: PaperRow): boolean => row.row > middle - rows && row.row <= middle + rows;
    const zs = this.#rows.filter(nearFold).map((row) => row.z);
    const [low, high] = [Math.min(...zs), Math.max(...zs)];
    const foldIsLow = this.#rows.some((row) => !nearFold(row) && row.z > high);
    const outermost = Math.max(...this.#rows.map((row) => row.r));
    this.#halfTurn(nearFold, outermost + GAP, foldIsLow ? high + 0.5 : low - 0.5);
  }

  #looked(from: 'outside' | 'inside'): Seen[] {
    const best = new Map<number, PaperRow>();
    for (const row of this.#rows) {
      const z = Math.round(row.z * 2);
      const known = best.get(z);
      if (!known || (from === 'outside' ? row.r > known.r : row.r < known.r)) best.set(z, row);
    }
    const towards = from === 'outside' ? 1 : -1;
    return [...best.values()].map(({ row, normal }) => ({ row, face: normal[0] * towards > 0 ? 'knit' : 'purl' }));
  }

  /**
   * The space a thing on a ring lies in: 0 outside, then between the layers from outside to inside, last the hollow. A
   * thing on the knit side lies a hair beside the paper, where that side faces.
   */
  spaceOf(row: number, face: 'knit' | 'purl'): number {
    const own = this.#rows[row - 1]!;
    const r = own.r + (face === 'knit' ? 1 : -1) * own.normal[0] * (GAP / 4);
    // The layers of its own height, or of the height next to it where one layer is a row longer.
    const layers = this.#rows.filter((other) => Math.abs(other.z - own.z) < 1.25);
    return new Set(layers.filter((other) => other.r > r).map((other) => other.r.toFixed(6))).size;
  }

  /** Every ring that is seen from outside. */
  seenOutside(): Seen[] {
    return this.#looked('outside');
  }

  /** Every ring that is seen by looking in. */
  seenInside(): Seen[] {
    return this.#looked('inside');
  }
}
