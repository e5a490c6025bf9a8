import { describe, expect, it } from 'vitest';
import { codes, hat, made, medium, sampleKit } from '../../../../tests/support/sample';
import { Kit } from '../kit';
import { type Act, Brief, changed } from '../plan';
import { remedyOf } from '../remedy';
import { judged, plan, read, type Result } from '../tomble';
import { speak } from '$lib/words';
import { JUDGES } from './index';

/** Applies the fix of a finding, as the button does. */
function fixed(result: Result, code: string): Result {
  const fix = remedyOf(
    result,
    result.findings.find((f) => f.code === code)!
  );
  if (!fix) throw new Error(`nothing mends ${code}`);
  return plan(result.kit, Brief.parse(changed(result.brief, fix.change)));
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

const threeRings = Kit.parse({
  ...twoRings,
  machines: [...twoRings.machines, { id: 'middle', name: 'Half', pins: 30 }]
});
const bigOfThree = Kit.parse({ ...threeRings, machines: [...threeRings.machines].sort((a, b) => b.pins - a.pins) });
const bigFirst = Kit.parse({ ...twoRings, machines: [...twoRings.machines].reverse() });
const FUZZY = { stretch: 'some', strength: 'fair', surface: 'fuzzy', wash: 'hand' };
const POMPOM = { count: 1, wraps: 70, cardMm: 75, yarn: 'red' };
// A yarn that was measured to knit much looser than practice.
const kitWithThick = sampleKit({
  yarns: [medium('red', '#b03020'), medium('thick', '#205080')],
  swatches: [
    { ...swatch(10.5, 14.5), id: 'a', yarnId: 'thick' },
    { ...swatch(10.5, 14.5), id: 'b', yarnId: 'thick' },
    { ...swatch(14, 20.5), id: 'c', yarnId: 'red' }
  ]
});

// Each case: the code it raises, a plan that raises it, and whether its fix must make it go away.
/** A hat with one act more at its end. */
function withAct(act: Act): Result {
  const { kit, brief, plan, notes } = hat();
  return judged(read(kit, brief, { plan: { ...plan, acts: [...plan.acts, act] }, notes }));
}

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
          { yarn: 'red', rows: 72 },
          { yarn: 'blue', rows: 72 }
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
  ['band-narrow', () => made('waistcoat', { buttons: 3, bandMm: 10, buttonMm: 25 }), true],
  ['buttons-close', () => made('waistcoat', { buttons: 12, bandMm: 60, buttonMm: 45 }), true],
  [
    'button-slips',
    () =>
      hat({}, sampleKit(), {
        pompom: { count: 1, wraps: 70, cardMm: 75, yarn: 'red', from: 'bought', by: 'button', buttonMm: 8 }
      }),
    true
  ],
  [
    'own-step-gone',
    () => hat({}, sampleKit(), { ownSteps: ['Weigh it'], ownPlaces: { 'Weigh it': 'hand.gone' } }),
    true
  ],
  ['patch-hidden', () => hat({}, sampleKit(), { patches: [{ what: 'patch', piece: 0, row: 2, yarn: 'blue' }] }), true],
  [
    'colours-short',
    () => hat({}, sampleKit(), { colours: [{ piece: 0, sections: [{ yarn: 'blue', rows: 20 }] }] }),
    true
  ],
  [
    'colours-long',
    () => hat({}, sampleKit(), { colours: [{ piece: 0, sections: [{ yarn: 'blue', rows: 400 }] }] }),
    true
  ],
  [
    'join-at-fold',
    () => {
      const all = hat().sizes.pieces[0]!.rows;
      return hat({}, sampleKit(), {
        colours: [
          {
            piece: 0,
            sections: [
              { yarn: 'blue', rows: all / 2 },
              { yarn: 'red', rows: all / 2 }
            ]
          }
        ]
      });
    },
    true
  ],
  [
    'stripe-gathered',
    () =>
      hat({}, sampleKit(), {
        colours: [
          {
            piece: 0,
            sections: [
              { yarn: 'blue', rows: 1 },
              { yarn: 'red', rows: 400 }
            ]
          }
        ]
      }),
    false
  ],
  ['baby-trim', () => hat({ wearer: 'baby', trim: 'pompom' }), true],
  ['baby-care', () => hat({ wearer: 'baby' }), false],
  ['child-cord', () => hat({ wearer: 'child', trim: 'cord' }), true],
  ['motor-care', () => hat({}, sampleKit({ machine: { motor: true } })), false],
  ['wrong-ring', () => made('folded-bag', {}, twoRings), true],
  ['stretch-too-high', () => made('tube-top', { chestMm: 930, wearer: 'adult' }), false],
  ['stretch-very-high', () => made('tube-top', { chestMm: 780, wearer: 'adult' }), false],
  ['stretch-high', () => made('warmers', { limb: 'wrist', handMm: 270 }, threeRings), true],
  ['slips-off', () => made('warmers', { limb: 'wrist', handMm: 200 }, bigFirst), true],
  ['ring-tight', () => made('headband', { sizeBy: 'rows', rows: 60 }), true],
  ['ring-loose', () => made('headband', { sizeBy: 'rows', rows: 130 }), true],
  ['rows-few', () => made('cowl', { sizeBy: 'rows', rows: 60 }), true],
  ['tube-short', () => made('brim-hat', { sizeBy: 'rows', brimRows: 20, bodyRows: 12 }), true],
  ['tube-long', () => made('brim-hat', { sizeBy: 'rows', brimRows: 40, bodyRows: 60 }), true],
  ['hat-loose', () => hat({ headMm: 340 }, bigOfThree), true],
  ['hat-loose', () => made('brim-hat', { headMm: 300, brimMm: 25 }), false],
  ['rows-many', () => made('headband', { sizeBy: 'rows', rows: 130 }), true],
  ['wrap-sum', () => made('wrap', { sizeBy: 'rows', rows: 230, sleeveRows: 85, neckRows: 50 }), true],
  ['wrap-sum', () => made('wrap', { sizeBy: 'rows', rows: 100, sleeveRows: 85, neckRows: 50 }), true],
  ['seam-uneven', () => made('wrap', { yarn: 'red', backYarn: 'thick' }, kitWithThick), true],
  ['pair-unlike', () => made('socks', { yarn: 'red', secondYarn: 'thick' }, kitWithThick), true],
  ['bag-ratio', () => made('folded-bag', { sizeBy: 'rows', rows: 90 }), true],
  ['bag-ratio', () => made('folded-bag', { sizeBy: 'rows', rows: 130 }), true],
  [
    'band-off-fold',
    () => made('band-hat', { sizeBy: 'sections', outsideRows: 36, bandRows: 28, liningRows: 50 }),
    true
  ],
  ['odd-halves', () => made('headband', {}, sampleKit({ machine: { pins: 47 } })), false],
  ['cuff-multiple', () => made('wrap', { cuffStitches: 46, cuffRepeat: 4 }), true],
  ['loops-short', () => made('mug-wrap', { loopBy: 'count', loopChains: 14 }), true],
  ['halter-short', () => made('tube-top', { neck: 'halter', halterBy: 'count', halterChains: 50 }), true],
  ['strap-short', () => made('tube-top', { strapMm: 300 }), true],
  ['mug-height', () => made('mug-wrap', {}, bigFirst), true],
  ['hot-care', () => made('mug-wrap'), false],
  ['hot-care', () => made('bottle-cosy'), false],
  ['toy-eyes', () => made('toy-figure', { wearer: 'baby', eyes: 'safety' }), true],
  ['toy-parts', () => made('toy-round'), false],
  ['toy-sold', () => made('toy-long', { sold: true }), false],
  ['filling-shows', () => made('toy-long', {}, kitWith({ label: { metres: 417, grams: 100 } })), true],
  ['waste-more', () => made('sack', { waste: 'fifteen' }), true],
  [
    'phases-long',
    () =>
      hat(
        { style: 'plain', yarn: 'red' },
        kitWith({
          phases: ['#803020', '#208030', '#203080'].map((hex, i) => ({ name: `Phase ${i}`, hex, metres: 200 }))
        })
      ),
    false
  ],
  ['waste-few', () => made('sack', {}, sampleKit({ habits: { wasteStart: 1 } })), true],
  ['waste-few', () => made('headband', {}, sampleKit({ habits: { wasteEnd: 0 } })), true],
  ['cord-marker', () => made('garland', { cordPins: 6 }, sampleKit({ machine: { pins: 6 } })), false],
  ['hand-used-up', () => withAct({ do: 'draw', piece: 0, edges: ['hung-off'], tail: 'knit' }), false],
  ['ladder-clings', () => made('wrap', {}, kitWith({ behaviour: FUZZY })), true],
  ['garland-crowded', () => made('garland', { lineMm: 1000, count: 20 }), true],
  ['cord-care', () => made('garland'), false],
  ['baby-trim', () => hat({ wearer: 'baby' }, sampleKit(), { pompom: POMPOM }), true],
  ['baby-care', () => made('warmers', { wearer: 'baby' }), false],
  ['child-cord', () => made('sack', { wearer: 'child' }), false],
  ['seam-uneven', () => made('waistcoat', { sizeBy: 'rows', frontRows: 80 }), true],
  ['ends-differ', () => made('waistcoat', { sizeBy: 'rows', frontArmRows: 46 }), true],
  ['armhole-small', () => made('waistcoat', { armholeMm: 80, armholes: 'straight' }), true],
  ['armhole-small', () => made('waistcoat', { sizeBy: 'rows', armRows: 16, frontArmRows: 16, armholes: 'straight' }), true], // prettier-ignore
  ['neck-wide', () => made('waistcoat', { sizeBy: 'rows', shoulderStitches: 8 }), true],
  ['shoulder-narrow', () => made('waistcoat', { neckMm: 350, crossBackMm: 380 }), true],
  ['sleeve-tight', () => made('cardigan', { sleeves: 'tube', upperArmMm: 375 }), true],
  ['sleeve-armhole', () => made('cardigan', { sleeves: 'tube', armholeMm: 260 }), true],
  ['slope-fraction', () => made('waistcoat', { neckMm: 220, neckDepthMm: 40 }), true],
  ['slope-fraction', () => made('panel', { taper: 'both', widthMm: 300, topMm: 40, lengthMm: 60 }), true],
  // (38 - 18) / 3 at one edge: 28.1 cm are 38 stitches at 1.35, 13.3 cm are 18.
  ['slope-fraction', () => made('panel', { taper: 'low', method: 'held', step: 3, widthMm: 281, topMm: 133 }), true],
  ['clamped', () => made('pennant', { sizeBy: 'rows', stitches: 30, rows: 20 }), false],
  ['clamped', () => made('garland', { motif: 'pennant', flagMm: 250, motifMm: 30 }), false],
  [
    'panel-narrow',
    () => made('garland', { motif: 'pennant', flagMm: 300 }, sampleKit({ machine: { pins: 20 } })),
    false
  ],
  ['clamped', () => made('wrap', { spanMm: 500, bodyMm: 1100 }), false],
  [
    'stripes-short',
    () => hat({ style: 'striped', sizeBy: 'rows', rows: 136, repeat: false, sections: [{ yarn: 'red', rows: 30 }] }),
    true
  ],
  ['garment-narrow', () => made('cardigan', { chestMm: 1900, easeMm: 100 }), true],
  ['join-far', () => hat({ style: 'contrast' }, sampleKit({ habits: { joinPins: 12 } })), false],
  ['garment-unmeasured', () => made('waistcoat'), false],
  [
    'stripes-hidden',
    () =>
      hat({
        style: 'striped',
        turnUpMm: 0,
        repeat: false,
        sections: [
          { yarn: 'red', rows: 60 },
          { yarn: 'blue', rows: 10 },
          { yarn: 'red', rows: 20 }
        ]
      }),
    false
  ],
  ['child-cord', () => made('tube-top', { wearer: 'child' }), true],
  ['panel-narrow', () => made('panel', { widthMm: 500 }), false],
  ['panel-narrow', () => made('panel', { widthMm: 300 }, twoRings), true]
];

/** The sentences of one code. */
const said = (result: Result, code: string): string[] =>
  result.findings.flatMap((f) => (f.code === code ? [speak(result).finding(f)] : []));

describe('findings', () => {
  it.each(cases)('%s is found, and its fix mends it', (code, make, mends) => {
    const result = make();
    expect(codes(result)).toContain(code);
    const finding = result.findings.find((f) => f.code === code)!;
    expect(speak(result).finding(finding)).toMatch(/^[A-Z0-9].+\.$/);
    if (mends) expect(codes(fixed(result, code))).not.toContain(code);
    if (finding.place.option) expect(Object.keys(result.brief.options)).toContain(finding.place.option);
  });

  it('every judge is exercised by a case above', () => {
    // Each case is planned once, not once for every judge.
    const results = cases.map(([code, make]) => [code, make()] as const);
    for (const judge of JUDGES) {
      const raised = results.some(([code, result]) => judge.find(result).some((f) => f.code === code));
      expect(raised, judge.code).toBe(true);
    }
  });

  it('both sides of a garment that are wrong alike are said once, those that are not are said apart', () => {
    const uneven = (options: object): string[] =>
      said(made('waistcoat', { sizeBy: 'rows', ...options }), 'seam-uneven');
    const [sides, ...others] = uneven({ frontRows: 80 });
    expect(sides).toMatch(/^Side seam, left and side seam, right: 74 rows of the left back meet 80 of the left front;/);
    expect(others).toEqual([]);
    // A wrap of two yarns has seams of several lengths, each with sums of its own.
    const wrap = said(made('wrap', { yarn: 'red', backYarn: 'thick' }, kitWithThick), 'seam-uneven');
    expect(wrap.length).toBeGreaterThan(1);
    expect(new Set(wrap).size).toBe(wrap.length);
  });

  it('a sound hat has nothing against it', () => expect(codes(hat())).toEqual([]));

  it('the gravest come first', () => {
    const weights = hat({ wearer: 'baby', trim: 'cord', marginRows: 0 }).findings.map((f) => f.weight);
    expect(weights).toEqual(['stop', 'warn', 'note']);
  });

  it('says what probably happened to an implausible swatch', () => {
    const say = (stitches: number, rows: number) =>
      said(hat({}, sampleKit({ swatches: [swatch(stitches, rows)] })), 'swatch-implausible')[0];
    expect(say(21, 14)).toContain('look swapped');
    expect(say(10, 30)).toContain('Measure it again');
    expect(say(14, 20)).toBeUndefined();
  });

  it('a margin of 5 rows is enough, 4 is not (craft 7: 5 to 10)', () => {
    expect(codes(hat({ sizeBy: 'rows', rows: 136, marginRows: 4 }))).toContain('outer-peeks');
    expect(codes(hat({ sizeBy: 'rows', rows: 136, marginRows: 5 }))).not.toContain('outer-peeks');
  });
});
