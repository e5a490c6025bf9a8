import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { medium, sampleKit } from '../../../../tests/support/sample';
import { inState } from './doubted';
import { evidenceFor, gaugeOfSwatch } from './evidence';
import { gaugeFor } from './gauge';
import { Kit, machineOf, yarnOf } from './kit';
import { evidenceName } from '$lib/words';
import { Observation } from './observation';
import { Swatch } from './swatch';

const swatch = (more: object = {}) => ({
  id: 's',
  machineId: 'm',
  yarnId: 'red',
  hole: 2,
  state: 'rested',
  statement: { as: 'counts', stitches: 14, rows: 21 },
  on: '2026-05-01',
  ...more
});
const piece = (more: object = {}) => ({
  id: 'p:red',
  projectId: 'p',
  name: 'Hat',
  machineId: 'm',
  yarnId: 'red',
  hole: 2,
  pins: 48,
  rows: 110,
  lengthMm: 550,
  flatWidthMm: 178,
  on: '2026-06-01',
  ...more
});
const evidence = (kit: Kit, hole = 2, yarn = 'red') =>
  evidenceFor(kit, machineOf(kit, 'm'), yarnOf(kit, yarn), hole, 'rested');
const withPieces = (...pieces: object[]): Kit => Kit.parse({ ...sampleKit(), finished: pieces });

describe('swatches as evidence', () => {
  it('several measurements are averaged, with their scatter', () => {
    const read = gaugeOfSwatch(
      Swatch.parse(
        swatch({
          more: [
            { as: 'counts', stitches: 13, rows: 19 },
            { as: 'lengths', cmTo40Stitches: 40 / 1.5, cmTo20Rows: 10 }
          ]
        })
      )
    );
    expect(read.count).toEqual({ courses: 3, wales: 3 });
    expect(read.courses).toBeCloseTo((2.1 + 1.9 + 2) / 3, 12);
    expect(read.wales).toBeCloseTo((1.4 + 1.3 + 1.5) / 3, 12);
    // Standard deviation of 2.1, 1.9 and 2.0 is 0.1, of their mean 2.0 that is a twentieth.
    expect(read.scatter.courses).toBeCloseTo(0.05, 12);
  });

  it('measuring again makes it surer, unless the measurements differ', () => {
    const sd = (more: object[]) => evidence(sampleKit({ swatches: [swatch({ more })] }))[0]!.coursesSd;
    const same = { as: 'counts', stitches: 14, rows: 21 };
    expect(sd([same, same, same])).toBeLessThan(sd([]));
    expect(sd([{ as: 'counts', stitches: 14, rows: 30 }])).toBeGreaterThan(sd([]));
  });

  it('states are converted there and back without loss', () => {
    const some = fc.double({ min: 0.5, max: 5, noNaN: true });
    fc.assert(
      fc.property(some, some, (courses, wales) => {
        const there = inState({ courses, wales }, 'rested', 'washed');
        expect(there.courses).toBeGreaterThan(courses);
        const back = inState(there, 'washed', 'rested');
        expect(back.courses).toBeCloseTo(courses, 10);
        expect(back.wales).toBeCloseTo(wales, 10);
      })
    );
  });

  it('is labelled by its day, and by its yarn when that is another', () => {
    const kit = sampleKit({ swatches: [swatch(), swatch({ id: 'w', state: 'washed', on: '2026-05-09' })] });
    expect(evidence(kit).map((e) => evidenceName(e.told, kit.habits))).toEqual([
      'swatch of 1 May 2026',
      'swatch of 9 May 2026, taken from washed to rested'
    ]);
    expect(evidenceName(evidence(kit, 2, 'blue')[0]!.told, kit.habits)).toBe('swatch of 1 May 2026, Yarn red, red');
  });
});

describe('what counts as near', () => {
  const near = (more: object, hole = 2): string | undefined =>
    evidence(sampleKit({ swatches: [swatch(more)] }), hole)[0]?.nearness;
  it.each<[string, object, number, string | undefined]>([
    ['the same', {}, 2, 'same'],
    ['another hole', {}, 3, 'other-hole'],
    ['another machine', { machineId: 'x' }, 2, undefined],
    ['other strands', { strands: 2 }, 2, undefined],
    ['another yarn of the class', { yarnId: 'blue' }, 2, 'other-yarn'],
    ['a yarn the kit does not have', { yarnId: 'gone' }, 2, undefined]
  ])('%s', (_what, more, hole, nearness) => expect(near(more, hole)).toBe(nearness));

  it('a yarn of another class says nothing', () => {
    const kit = sampleKit({
      yarns: [medium('red', '#b03020'), medium('fat', '#205080', { weightClass: 6 })],
      swatches: [swatch({ yarnId: 'fat' })]
    });
    expect(evidence(kit)).toEqual([]);
  });
});

describe('finished pieces as evidence', () => {
  it('110 rows of 55 cm are 2 rows per cm; 48 pins of 17.8 cm flat are 24 stitches over it', () => {
    const [e] = evidence(withPieces(piece()));
    expect(e!.courses).toBeCloseTo(2, 12);
    expect(e!.wales).toBeCloseTo(240 / 178, 12);
    expect(evidenceName(e!.told, sampleKit().habits)).toBe('Hat of 1 Jun 2026');
  });
  it('says nothing of what was not measured', () => {
    const [e] = evidence(withPieces(piece({ lengthMm: null })));
    expect(e!.courses).toBeNull();
    expect(e!.wales).not.toBeNull();
  });
  it('a quarter of the rows says half as surely', () => {
    const [whole] = evidence(withPieces(piece()));
    const [part] = evidence(withPieces(piece({ share: 0.25 })));
    expect(part!.coursesSd).toBeCloseTo(2 * whole!.coursesSd, 12);
  });
  it('stands in the order of its days', () => {
    const kit = withPieces(piece({ id: 'b', on: '2026-07-01' }), piece({ id: 'a', on: '2026-06-30' }));
    expect(evidence(kit).map((e) => e.id)).toEqual(['a', 'b']);
  });
  it.each([
    ['no rows', { rows: 0 }],
    ['a share of nothing', { share: 0 }],
    ['a negative length', { lengthMm: -5 }],
    ['a day that is none', { on: 'May' }]
  ])('refuses %s', (_what, more) => expect(Observation.safeParse(piece(more)).success).toBe(false));
});

describe('a swatch whose rows and stitches changed places', () => {
  // 40 stitches measure about 26 cm and 20 rows about 9.5 (common practice, no source).
  const right = { as: 'lengths', cmTo40Stitches: 26, cmTo20Rows: 9.5 } as const;
  const swapped = { as: 'lengths', cmTo40Stitches: 9.5, cmTo20Rows: 26 } as const;
  const rows = (more: object, edition?: number): number => {
    const kit = Kit.parse({
      ...sampleKit({ swatches: [Swatch.parse(swatch(more))] }),
      ...(edition ? { edition } : {})
    });
    return gaugeFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2).courses.value;
  };
  const practice = gaugeFor(sampleKit(), machineOf(sampleKit(), 'm'), yarnOf(sampleKit(), 'red'), 2).courses.value;

  it('is not planned from until the knitter says that it is right; a piece begun before keeps what it had', () => {
    expect(rows({ statement: swapped })).toBe(practice);
    expect(rows({ statement: { as: 'counts', stitches: 20, rows: 13 } })).toBe(practice);
    expect(rows({ statement: swapped, trusted: true })).toBeLessThan(practice);
    expect(rows({ statement: swapped }, 3)).toBeLessThan(practice);
    expect(rows({ statement: right })).toBeGreaterThan(practice);
  });

  it('is evidence still, so that it can be counted', () => {
    const kit = sampleKit({ swatches: [Swatch.parse(swatch({ statement: swapped }))] });
    const [one] = evidenceFor(kit, machineOf(kit, 'm'), yarnOf(kit, 'red'), 2, 'rested');
    expect([one!.setAside, one!.doubted]).toEqual([true, true]);
  });
});
