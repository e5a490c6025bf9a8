import fc from 'fast-check';
import { gaussian, matrix, multiply, inv, transpose } from '../../../../tests/support/numbers';
import { describe, expect, it } from 'vitest';
import { evidenceFor } from './evidence';
import { gaugeFor, learnedGauge } from './gauge';
import { practiceFor } from './practice';
import { Kit, machineOf, yarnOf } from './kit';
import { learn } from './learn';
import { NINE_TENTHS, updated } from './normal';
import { medium, sampleKit } from '../../../../tests/support/sample';

/** Pieces differ by so much as the first belief has it. */
const PIECE_SD = 0.03;

/** A kit with pieces of one yarn, knitted at a true gauge by a knitter whose pieces differ as pieces do. */
function kitOf(trueCourses: number, trueWales: number, lengths: readonly number[], normal: () => number): Kit {
  const base = sampleKit();
  const finished = lengths.map((lengthMm, i) => {
    const courses = trueCourses * Math.exp(PIECE_SD * normal());
    const wales = trueWales * Math.exp(PIECE_SD * normal());
    const rows = Math.max(10, Math.round((courses * lengthMm) / 10));
    return {
      id: `p${i}`,
      projectId: `p${i}`,
      machineId: 'm',
      yarnId: 'red',
      hole: 2,
      pins: 48,
      rows,
      lengthMm: (10 * rows) / courses + 2 * normal(),
      flatWidthMm: 240 / wales + 2 * normal(),
      on: `2026-03-${String(1 + (i % 28)).padStart(2, '0')}`
    };
  });
  return Kit.parse({ ...base, finished });
}
const learned = (kit: Kit) => learnedGauge(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2);

describe('updated', () => {
  it('agrees with the generalized least squares of a linear model (textbook, worked out by matrices)', () => {
    const one = fc.record({
      mean: fc.double({ min: -3, max: 3, noNaN: true }),
      sd: fc.double({ min: 0.05, max: 3, noNaN: true })
    });
    fc.assert(
      fc.property(one, fc.array(one, { maxLength: 6 }), (prior, seen) => {
        const all = [prior, ...seen];
        // x = (1' V^-1 1)^-1 1' V^-1 y with V the diagonal of the variances.
        const ones = matrix(all.map(() => [1]));
        const weights = matrix(all.map((a, i) => all.map((_, j) => (i === j ? 1 / a.sd ** 2 : 0))));
        const y = matrix(all.map((a) => [a.mean]));
        const cov = inv(multiply(multiply(transpose(ones), weights), ones));
        const x = multiply(multiply(cov, multiply(transpose(ones), weights)), y);
        const got = updated(prior, seen);
        expect(got.mean).toBeCloseTo(x.get([0, 0]) as number, 8);
        expect(got.sd ** 2).toBeCloseTo(cov.get([0, 0]) as number, 8);
      }),
      { numRuns: 40 }
    );
  });

  it('refuses an error of nothing', () =>
    expect(() => updated({ mean: 0, sd: 0 }, [])).toThrow('sd must be above 0; received 0'));
});

describe('learning a gauge', () => {
  it('converges to the true gauge, whatever it is', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.5, max: 2.7, noNaN: true }),
        fc.double({ min: 1.05, max: 1.75, noNaN: true }),
        fc.integer(),
        (courses, wales, seed) => {
          const normal = gaussian(seed);
          const kit = kitOf(
            courses,
            wales,
            Array.from({ length: 400 }, () => 500),
            normal
          );
          const prior = practiceFor(yarnOf(kit, 'red'));
          const evidence = evidenceFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2, 'rested');
          const [c, w] = (['courses', 'wales'] as const).map((of) =>
            learn({ value: prior[of], sd: prior.sd }, evidence, of)
          );
          expect(Math.abs(c!.value / courses - 1)).toBeLessThan(0.008);
          expect(Math.abs(w!.value / wales - 1)).toBeLessThan(0.008);
          expect(c!.high / c!.low).toBeLessThan(1.006);
        }
      ),
      { numRuns: 8 }
    );
  });

  it('its interval holds the truth about nine times in ten, after none, one, three and ten pieces', () => {
    const normal = gaussian(20260301);
    const prior = practiceFor(yarnOf(sampleKit(), 'red'));
    for (const pieces of [0, 1, 3, 10]) {
      let held = 0;
      const rounds = 600;
      for (let i = 0; i < rounds; i++) {
        const courses = prior.courses * Math.exp(prior.sd * normal());
        const wales = prior.wales * Math.exp(prior.sd * normal());
        const lengths = Array.from({ length: pieces }, () => 300 + 60 * Math.abs(normal()));
        const { estimate } = learned(kitOf(courses, wales, lengths, normal)).courses;
        if (estimate.low <= courses && courses <= estimate.high) held++;
      }
      // Three standard errors of a share of 0.9 in 600 rounds are 0.037.
      expect(Math.abs(held / rounds - 0.9), `${pieces} pieces: ${held} of ${rounds}`).toBeLessThan(0.04);
    }
  });

  it('the range of a figure holds the next piece about nine times in ten', () => {
    const normal = gaussian(7);
    const prior = practiceFor(yarnOf(sampleKit(), 'red'));
    let held = 0;
    for (let i = 0; i < 600; i++) {
      const truth = prior.courses * Math.exp(prior.sd * normal());
      const kit = kitOf(truth, 1.35, [400, 500], normal);
      const { courses } = gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2);
      const next = truth * Math.exp(PIECE_SD * normal());
      if (courses.low <= next && next <= courses.high) held++;
    }
    expect(Math.abs(held / 600 - 0.9)).toBeLessThan(0.04);
  });

  /** A kit with swatches of one yarn, in rows per cm. */
  const swatched = (rows: readonly number[], more: object = {}): Kit =>
    Kit.parse({
      ...sampleKit(),
      swatches: rows.map((r, i) => ({ id: `s${i}`, machineId: 'm', yarnId: 'red', hole: 2, state: 'rested', statement: { as: 'counts', stitches: 13.5, rows: 10 * r }, on: '2026-03-01', ...more })) // prettier-ignore
    });

  it('over 2,000 knitters, with and without swatches, the printed range holds the next piece as often as it claims', () => {
    const normal = gaussian(20261125);
    const prior = practiceFor(yarnOf(sampleKit(), 'red'));
    for (const swatches of [0, 1, 3]) {
      let held = 0;
      for (let i = 0; i < 2000; i++) {
        const truth = prior.courses * Math.exp(prior.sd * normal());
        // A swatch of 10 cm: what pieces differ by, and 2 mm of tape.
        const seen = Array.from({ length: swatches }, () => truth * Math.exp(Math.hypot(PIECE_SD, 0.02) * normal()));
        const kit = swatched(seen);
        const { courses } = gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2);
        const next = truth * Math.exp(PIECE_SD * normal());
        if (courses.low <= next && next <= courses.high) held++;
      }
      // Three standard errors of a share of 0.9 in 2,000 rounds are 0.02. A range that takes in its own swatches, and allows for hands
      // that vary more than is believed at first, holds more: 0.96 at most, where hands vary as believed.
      expect(held / 2000, `${swatches} swatches`).toBeGreaterThan(0.88);
      expect(held / 2000, `${swatches} swatches`).toBeLessThan(0.96);
    }
  });

  it('a range never leaves out a swatch it was learned from', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 1.2, max: 3.2, noNaN: true }), { minLength: 1, maxLength: 6 }), (rows) => {
        const kit = swatched(rows);
        const { courses } = gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2);
        for (const r of rows) {
          expect(courses.low).toBeLessThanOrEqual(r + 1e-9);
          expect(courses.high).toBeGreaterThanOrEqual(r - 1e-9);
        }
      })
    );
  });

  it('swatches that disagree make the range wider, those that agree make it narrower', () => {
    const wide = (rows: readonly number[]): number => {
      const { estimate } = learned(swatched(rows)).courses;
      return estimate.high / estimate.low;
    };
    expect(wide([1.8, 2.2])).toBeGreaterThan(wide([2.0]));
    expect(wide([2.0, 2.0])).toBeLessThan(wide([2.0]));
  });

  it('another colour of the same article speaks for it; another article does not as much', () => {
    const kit = Kit.parse({ ...swatched([2.4]), yarns: [medium('red', '#b03020', { name: 'Reed' }), medium('blue', '#205080', { name: 'Reed' }), medium('mill', '#205080', { name: 'Mill' })] }); // prettier-ignore
    const at = (id: string) => gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, id), 2).courses;
    expect(at('blue')).toEqual(at('red'));
    expect(at('blue').basis).toBe('measured');
    expect(at('mill').value).toBeLessThan(at('red').value);
    expect(at('mill').basis).toBe('default');
    // A piece that was begun before that was known keeps its gauge.
    const old = { ...kit, edition: 1 as const };
    expect(gaugeFor(old, machineOf(old, 'm'), yarnOf(old, 'blue'), 2).courses.basis).toBe('default');
  });

  it('a long piece says more than a short one', () => {
    const off = (lengthMm: number): number => {
      const kit = kitOf(2.2, 1.35, [lengthMm], () => 0);
      return learned(kit).courses.estimate.value;
    };
    expect(off(600)).toBeGreaterThan(off(60));
    expect(off(60)).toBeGreaterThan(2);
  });

  it('shows how the estimate moved, and names the piece that does not belong', () => {
    const kit = kitOf(2, 1.35, [500, 500, 500, 500], () => 0);
    const odd = { ...kit.finished[0]!, id: 'odd', lengthMm: 300, on: '2026-03-20' };
    const { moves, estimate } = learned({ ...kit, finished: [...kit.finished, odd] }).courses;
    expect(moves.map((m) => m.evidence.id)).toEqual(['p0', 'p1', 'p2', 'p3', 'odd']);
    expect(moves.map((m) => m.outlier)).toEqual([false, false, false, false, true]);
    expect(moves.at(-1)!.value).toBe(estimate.value);
    for (let i = 1; i < 4; i++) expect(moves[i]!.sd).toBeLessThan(moves[i - 1]!.sd);
    const without = learned({ ...kit, finished: [...kit.finished, { ...odd, setAside: true }] }).courses;
    expect(without.estimate.value).toBeCloseTo(2, 2);
    expect(without.moves).toHaveLength(5);
  });

  it('a hundred pieces of another yarn never say more than that yarns differ', () => {
    const kit = kitOf(
      2.4,
      1.35,
      Array.from({ length: 100 }, () => 500),
      () => 0
    );
    const blue = learnedGauge(kit, machineOf(kit, 'm'), yarnOf(kit, 'blue'), 2).courses.estimate;
    expect(blue.value).toBeGreaterThan(2.05);
    expect(blue.value).toBeLessThan(2.3);
    expect(blue.sd).toBeGreaterThan(0.03);
  });

  it('does not depend on the order things are stored in', () => {
    const kit = kitOf(2.1, 1.4, [300, 420, 510], gaussian(3));
    const turned = { ...kit, finished: [...kit.finished].reverse() };
    expect(learned(turned).courses).toEqual(learned(kit).courses);
  });

  it('without evidence it is the prior', () => {
    const kit = sampleKit();
    expect(evidenceFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2, 'rested')).toEqual([]);
    const estimate = learn({ value: 2, sd: 0.05 }, [], 'courses');
    expect(estimate.value).toBeCloseTo(2, 12);
    expect(Math.log(estimate.high / estimate.low)).toBeCloseTo(2 * NINE_TENTHS * 0.05, 12);
  });
});
