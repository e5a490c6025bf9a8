import { describe, expect, it } from 'vitest';
import { gaussian } from '../../../../tests/support/numbers';
import { sampleKit } from '../../../../tests/support/sample';
import { gaugeFor } from './gauge';
import { Kit, machineOf, yarnOf } from './kit';
import { Observation } from './observation';
import { pieceSpreads, studentNineTenths } from './piece-spread';
import { practiceFor } from './practice';

describe("quantiles of Student's t", () => {
  // Published tables of t at 0.95, from memory of them.
  it.each([
    [4, 2.132],
    [5, 2.015],
    [6, 1.943],
    [8, 1.86],
    [10, 1.812],
    [20, 1.725],
    [30, 1.697],
    [120, 1.658]
  ])('with %i degrees of freedom %f', (freedom, t) => expect(studentNineTenths(freedom)).toBeCloseTo(t, 2));
});

/** Pieces of a yarn that came out at these rows per cm and stitches per cm. */
const logOf = (pieces: readonly { readonly courses: number; readonly wales: number }[], more: object = {}): Kit =>
  Kit.parse({
    ...sampleKit(),
    finished: pieces.map(({ courses, wales }, i) =>
      Observation.parse({
        id: `p${i}`,
        projectId: `p${i}`,
        machineId: 'm',
        yarnId: 'red',
        hole: 2,
        pins: 48,
        rows: 110,
        lengthMm: 1100 / courses,
        flatWidthMm: 240 / wales,
        on: `2026-03-${String(i + 1).padStart(2, '0')}`,
        ...more
      })
    )
  });

describe('how far pieces differ', () => {
  it('is 3 % at first, and a fixed 2 % for pieces begun under an older edition', () => {
    expect(pieceSpreads(sampleKit()).courses.sd).toBeCloseTo(0.03, 12);
    expect(pieceSpreads({ ...sampleKit(), edition: 4 }).courses.sd).toBe(0.02);
  });

  it('is learned by the formula of craft 5: three pieces at -4, 0 and +4 %', () => {
    const kit = logOf([-0.04, 0, 0.04].map((off) => ({ courses: 2 * Math.exp(off), wales: 1.35 })));
    // (4 x 0.0009 + 2 x 0.0016) / (4 + 3 - 1), by hand.
    expect(pieceSpreads(kit).courses.sd ** 2).toBeCloseTo(0.0068 / 6, 10);
    expect(pieceSpreads(kit).wales.sd ** 2).toBeCloseTo(0.0036 / 6, 10);
    expect(pieceSpreads(kit).courses.quantile).toBeCloseTo(1.943, 2);
  });

  it('what is set aside, what has little of the yarn, and one piece of each kind teach nothing', () => {
    const off = [-0.2, 0.2].map((by) => ({ courses: 2 * Math.exp(by), wales: 1.35 }));
    for (const more of [{ setAside: true }, { share: 0.4 }])
      expect(pieceSpreads(logOf(off, more)).courses.sd).toBeCloseTo(0.03, 12);
    const [one, other] = logOf(off).finished;
    const apart = { ...sampleKit(), finished: [one!, { ...other!, hole: 1 }] };
    expect(pieceSpreads(apart).courses.sd).toBeCloseTo(0.03, 12);
  });

  it('of a medium yarn that was never measured half the range is about a tenth', () => {
    const kit = sampleKit();
    const { courses, wales } = gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2);
    for (const { value, low, high } of [courses, wales]) {
      expect(high / value).toBeGreaterThan(1.09);
      expect(high / value).toBeLessThan(1.12);
      expect(Math.log(high / value)).toBeCloseTo(Math.log(value / low), 6);
    }
  });
});

/** Knitters who differ from what is assumed of them: from piece to piece, in their gauge, and in the rows they count. */
interface Knitters {
  readonly name: string;
  readonly pieceSd: number;
  readonly gaugeSd: number;
  /** Rows that are counted, as a share of those that were knitted. */
  readonly counted: number;
}
const practice = practiceFor(yarnOf(sampleKit(), 'red'));
const KNITTERS: readonly Knitters[] = [
  { name: 'as assumed', pieceSd: 0.03, gaugeSd: practice.sd, counted: 1 },
  { name: '4 % from piece to piece', pieceSd: 0.04, gaugeSd: practice.sd, counted: 1 },
  { name: 'gauges that spread 8 %', pieceSd: 0.03, gaugeSd: 0.08, counted: 1 },
  { name: 'rows off by a tenth', pieceSd: 0.03, gaugeSd: practice.sd, counted: 1.1 },
  { name: 'rows off by a tenth the other way', pieceSd: 0.03, gaugeSd: practice.sd, counted: 0.9 }
];
const MANY = 2000;

/** Wilson's interval of a share, at three standard errors (Wilson 1927, from memory). */
function wilson(share: number, n: number): { low: number; high: number } {
  const z = 3;
  const middle = (share + z ** 2 / (2 * n)) / (1 + z ** 2 / n);
  const half = (z / (1 + z ** 2 / n)) * Math.sqrt((share * (1 - share)) / n + z ** 2 / (4 * n ** 2));
  return { low: middle - half, high: middle + half };
}

/** How often the range printed after three finished pieces holds the length and the width of the fourth. */
function coverage({ pieceSd, gaugeSd, counted }: Knitters, seed: number): { courses: number; wales: number } {
  const normal = gaussian(seed);
  const held = { courses: 0, wales: 0 };
  for (let i = 0; i < MANY; i++) {
    const truth = { courses: counted * 2 * Math.exp(gaugeSd * normal()), wales: 1.35 * Math.exp(gaugeSd * normal()) };
    const piece = () => ({
      courses: truth.courses * Math.exp(pieceSd * normal()),
      wales: truth.wales * Math.exp(pieceSd * normal())
    });
    const kit = logOf([piece(), piece(), piece()]);
    const gauge = gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2);
    const next = piece();
    for (const of of ['courses', 'wales'] as const)
      if (gauge[of].low <= next[of] && next[of] <= gauge[of].high) held[of]++;
  }
  return { courses: held.courses / MANY, wales: held.wales / MANY };
}

describe('the printed nine in ten after three finished pieces, 2,000 knitters each', () => {
  it.each(KNITTERS.map((knitters, i) => [knitters.name, knitters, 20261201 + i] as const))(
    '%s',
    (name, knitters, seed) => {
      const { courses, wales } = coverage(knitters, seed);
      // All but a share that a sample of this size gives by chance: the interval of what was measured lies within the promise.
      for (const share of [courses, wales]) {
        const { low, high } = wilson(share, MANY);
        expect(low, `${share}`).toBeGreaterThan(0.85);
        if (name === 'as assumed') expect(share, `${high}`).toBeLessThan(0.96);
      }
    }
  );
});
