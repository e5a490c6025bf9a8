import { describe, expect, it } from 'vitest';
import { codes, hat, medium, sampleKit } from '../../../../tests/support/sample';
import { Kit } from '../kit';
import { Brief } from '../plan';
import { plan, type Result } from '../tomble';
import { JUDGES } from './index';

/** Applies the fix of a finding, as the button does. */
function fixed(result: Result, code: string): Result {
  const { fix } = result.findings.find((f) => f.code === code)!;
  const { options, ...rest } = fix!.change;
  return plan(result.kit, Brief.parse({ ...result.brief, ...rest, options: { ...result.brief.options, ...options } }));
}

const swatch = (stitches: number, rows: number) => ({
  id: 's',
  machineId: 'm',
  yarnId: 'red',
  hole: 2,
  on: '2026-05-03',
  state: 'rested',
  statement: { as: 'counts', stitches, rows }
});
const kitWith = (yarn: object) =>
  sampleKit({
    yarns: [
      medium('red', '#b03020', yarn),
      medium('blue', '#205080'),
      medium('rope', '#101010', {
        behaviour: { stretch: 'little', strength: 'strong', surface: 'smooth', wash: 'machine' },
        stockGrams: 500
      })
    ]
  });
const twoRings = Kit.parse({
  ...sampleKit(),
  machines: [
    { id: 'm', name: 'Crown', pins: 22 },
    { id: 'big', name: 'Wheel', pins: 48 }
  ]
});

// Each case: the code it raises, a plan that raises it, and whether its fix must make it go away.
const cases: readonly [string, () => Result, boolean][] = [
  ['tube-short', () => hat({ sizeBy: 'rows', rows: 90, turnUpMm: 50 }), true],
  ['tube-long', () => hat({ sizeBy: 'rows', rows: 150, turnUpMm: 0 }), true],
  ['stretch-high', () => hat({ headMm: 600 }), false],
  ['stretch-too-high', () => hat({ headMm: 560, wearer: 'adult' }, twoRings), true],
  ['outer-peeks', () => hat({ style: 'contrast', marginRows: 0 }), true],
  ['lining-shorter', () => hat({ style: 'contrast', marginRows: -8 }), true],
  ['brim-too-deep', () => hat({ sizeBy: 'rows', rows: 60, turnUpMm: 150 }), true],
  [
    'stripes-cut',
    () =>
      hat({
        style: 'striped',
        sections: [
          { yarn: 'red', rows: 100 },
          { yarn: 'blue', rows: 100 }
        ]
      }),
    true
  ],
  ['yarn-short', () => hat({ yarn: 'red', liningYarn: 'blue' }, kitWith({ stockGrams: 20 })), true],
  [
    'yarn-scarce',
    () => hat({ style: 'plain', yarn: 'red', sizeBy: 'rows', rows: 110, turnUpMm: 0 }, kitWith({ stockGrams: 73 })),
    true
  ],
  ['yarn-thin', () => hat({}, kitWith({ label: { metres: 417, grams: 100 } })), true],
  ['yarn-thick', () => hat({}, kitWith({ label: { metres: 120, grams: 100 } })), false],
  ['swatch-implausible', () => hat({}, sampleKit({ swatches: [swatch(21, 14)] })), false],
  [
    'waste-colour-close',
    () =>
      hat(
        { waste: 'few', wasteYarn: 'near' },
        sampleKit({ yarns: [medium('red', '#b03020'), medium('near', '#b83828'), medium('lemon', '#f4e04d')] })
      ),
    true
  ],
  [
    'weak-drawstring',
    () =>
      hat(
        { yarn: 'red', liningYarn: 'blue' },
        kitWith({ behaviour: { stretch: 'much', strength: 'weak', surface: 'fuzzy', wash: 'hand' } })
      ),
    true
  ],
  ['baby-trim', () => hat({ wearer: 'baby', trim: 'pompom' }), true],
  ['baby-care', () => hat({ wearer: 'baby' }), false],
  ['child-cord', () => hat({ wearer: 'child', trim: 'cord' }), true],
  ['motor-care', () => hat({}, sampleKit({ machine: { motor: true } })), false]
];

describe('findings', () => {
  it.each(cases)('%s is found, and its fix mends it', (code, make, mends) => {
    const result = make();
    expect(codes(result)).toContain(code);
    const finding = result.findings.find((f) => f.code === code)!;
    expect(finding.sentence).toMatch(/^[A-Z].+\.$/);
    if (mends) expect(codes(fixed(result, code))).not.toContain(code);
    if (finding.place.option) expect(Object.keys(result.brief.options)).toContain(finding.place.option);
  });

  it('every judge is exercised by a case above', () => {
    for (const judge of JUDGES) {
      const raised = cases.some(([code, make]) => judge.find(make()).some((f) => f.code === code));
      expect(raised, judge.code).toBe(true);
    }
  });

  it('a sound hat has nothing against it', () => expect(codes(hat())).toEqual([]));

  it('the gravest come first', () => {
    const weights = hat({ wearer: 'baby', trim: 'cord', marginRows: 0 }).findings.map((f) => f.weight);
    expect(weights).toEqual(['stop', 'warn', 'note']);
  });

  it('says what probably happened to an implausible swatch', () => {
    const say = (stitches: number, rows: number) =>
      hat({}, sampleKit({ swatches: [swatch(stitches, rows)] })).findings.find((f) => f.code === 'swatch-implausible')
        ?.sentence;
    expect(say(21, 14)).toContain('look swapped');
    expect(say(10, 30)).toContain('Measure it again');
    expect(say(14, 20)).toBeUndefined();
  });

  it('a margin of 5 rows is enough, 4 is not (handbook section 7: 5 to 10)', () => {
    expect(codes(hat({ sizeBy: 'rows', rows: 136, marginRows: 4 }))).toContain('outer-peeks');
    expect(codes(hat({ sizeBy: 'rows', rows: 136, marginRows: 5 }))).not.toContain('outer-peeks');
  });
});
