import { KINDS } from '$lib/core/kinds';
import { linedHat } from '$lib/core/kinds/lined-hat';
import { Kit } from '$lib/core/kit';
import { Brief } from '$lib/core/plan';
import { plan, type Result } from '$lib/core/tomble';

/** One measured comparison: how many times as long the subject takes as what it is compared with. */
export interface Ratio {
  readonly what: string;
  readonly ratio: number;
  /** The most the ratio may be, where the design gives one. */
  readonly limit: number | null;
}

const kit = Kit.parse({
  machines: [{ id: 'm', name: 'Wheel', pins: 48 }],
  yarns: ['#b03020', '#205080', '#e3d3b0'].map((hex, i) => ({
    id: `y${i}`,
    name: `Yarn ${i}`,
    weightClass: 4,
    label: { metres: 200, grams: 100 },
    colour: { name: `Shade ${i}`, hex }
  }))
});

/** A striped piece of so many rows: more sections than any real one, so the worst of its length. */
const briefOf = (rows: number): Brief =>
  Brief.parse({
    kind: 'lined-hat',
    name: 'Bench',
    machineId: 'm',
    options: {
      ...linedHat.start(kit, 'm'),
      style: 'striped',
      sizeBy: 'rows',
      rows,
      waste: 'ten',
      sections: [0, 1, 2].map((i) => ({ yarn: `y${i}`, rows: 5 + i }))
    }
  });

/** The bare loop the design compares with: an array of 450 x 48 numbers, each worked out. */
function bareLoop(): number {
  const cells = new Float64Array(450 * 48);
  for (let row = 0; row < 450; row++) {
    for (let pin = 0; pin < 48; pin++) cells[row * 48 + pin] = Math.sqrt(row * 48 + pin) + (pin % 7) * 0.5;
  }
  return cells[cells.length - 1]!;
}

/** Keeps results alive, so that no engine may skip the work. */
let kept: Result | number = 0;

/** Shortest time of one call in ms, over many rounds: the least disturbed by whatever else runs. */
function shortest(work: () => Result | number, rounds: number, calls: number): number {
  let best = Infinity;
  for (let i = 0; i < rounds; i++) {
    const start = performance.now();
    for (let c = 0; c < calls; c++) kept = work();
    best = Math.min(best, (performance.now() - start) / calls);
  }
  return best;
}

/** Measures the plan of the design's piece against the bare loop, and its growth from 100 to 10,000 rows. */
export function planRatios(): Ratio[] {
  const brief = briefOf(450);
  shortest(bareLoop, 20, 20);
  shortest(() => plan(kit, brief), 20, 5);
  // In turns, so that a slow moment of the machine meets both alike.
  let loop = Infinity;
  let whole = Infinity;
  for (let turn = 0; turn < 40; turn++) {
    loop = Math.min(loop, shortest(bareLoop, 2, 20));
    whole = Math.min(
      whole,
      shortest(() => plan(kit, brief), 2, 5)
    );
  }
  const times = [100, 1000, 10_000].map((rows) => {
    const long = briefOf(rows);
    return { rows, ms: shortest(() => plan(kit, long), 12, rows > 1000 ? 1 : 5) };
  });
  // What a knitter waits for at the first key of any kind.
  const begun = KINDS.map((kind) => {
    const own = Brief.parse({ kind: kind.code, name: kind.code, machineId: 'm', options: kind.start(kit, 'm') });
    return { code: kind.code, ms: shortest(() => plan(kit, own), 6, 3) };
  });
  const costliest = begun.reduce((a, b) => (b.ms > a.ms ? b : a));
  const [short, middle, long] = times;
  const perRow = (a: { rows: number; ms: number }, b: { rows: number; ms: number }): number =>
    b.ms / b.rows / (a.ms / a.rows);
  return [
    { what: 'plan() of 450 rows on 48 pins, in bare loops over 450 x 48', ratio: whole / loop, limit: 15 },
    {
      what: `plan() of the costliest kind as it is begun (${costliest.code}), in plans of 450 rows`,
      ratio: costliest.ms / whole,
      limit: 4
    },
    { what: 'time per row at 1,000 rows, in times per row at 100', ratio: perRow(short!, middle!), limit: 1.5 },
    { what: 'time per row at 10,000 rows, in times per row at 1,000', ratio: perRow(middle!, long!), limit: 1.5 }
  ];
}

/** What was worked out last; printed nowhere, only kept. */
export const last = (): Result | number => kept;
