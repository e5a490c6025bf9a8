import { describe, expect, it } from 'vitest';
import { garmentSizes } from '../read';
import { codes, hat, made, medium, sampleKit } from '../../../../tests/support/sample';
import { presetFor } from '../kit';
import { remedyOf } from '../remedy';
import type { Result } from '../tomble';
import { worded } from '$lib/words';

const small = (() => {
  const { counter, tensionHoles } = presetFor(22, 'm', 'Ring');
  return sampleKit({ machine: { pins: 22, counter, tensionHoles } });
})();

const fixOf = (result: Result, code: string) =>
  remedyOf(
    result,
    result.findings.find((f) => f.code === code)!
  );

/** Each limit from both sides: what is still right, and the first that is not. */
const limits: readonly [string, () => string[], () => string[]][] = [
  ['rows-few', () => codes(made('headband', { sizeBy: 'rows', rows: 81 })), () => codes(made('headband', { sizeBy: 'rows', rows: 79 }))], // prettier-ignore
  ['rows-many', () => codes(made('headband', { sizeBy: 'rows', rows: 95 })), () => codes(made('headband', { sizeBy: 'rows', rows: 98 }))], // prettier-ignore
  ['ring-tight', () => codes(made('headband', { sizeBy: 'rows', rows: 75 })), () => codes(made('headband', { sizeBy: 'rows', rows: 74 }))], // prettier-ignore
  ['bag-ratio', () => codes(made('folded-bag', { sizeBy: 'rows', rows: 101 })), () => codes(made('folded-bag', { sizeBy: 'rows', rows: 99 }))], // prettier-ignore
  ['cuff-multiple', () => codes(made('wrap', { cuffStitches: 48, cuffRepeat: 6 })), () => codes(made('wrap', { cuffStitches: 47, cuffRepeat: 6 }))], // prettier-ignore
  ['band-off-fold', () => codes(made('band-hat', { sizeBy: 'sections', outsideRows: 40, bandRows: 28, liningRows: 43 })), () => codes(made('band-hat', { sizeBy: 'sections', outsideRows: 40, bandRows: 28, liningRows: 46 }))], // prettier-ignore
  ['wrap-sum', () => codes(made('wrap', { sizeBy: 'rows', rows: 230, sleeveRows: 85, neckRows: 60 })), () => codes(made('wrap', { sizeBy: 'rows', rows: 230, sleeveRows: 85, neckRows: 61 }))], // prettier-ignore
  ['stretch-high', () => codes(made('warmers', { limb: 'wrist', handMm: 260 }, small)), () => codes(made('warmers', { limb: 'wrist', handMm: 262 }, small))], // prettier-ignore
  // 48 pins of 7.41 mm are 355.6 mm at rest, 90 % more are 675.6; the ring is 792 mm round, 1.15 times that 910.8.
  ['stretch-very-high', () => codes(made('tube-top', { chestMm: 675 })), () => codes(made('tube-top', { chestMm: 676 }))], // prettier-ignore
  ['stretch-too-high', () => codes(made('tube-top', { chestMm: 910 })), () => codes(made('tube-top', { chestMm: 911 }))], // prettier-ignore
  // 69 chains of 6.67 mm give 575 mm with a quarter of stretch, 70 give 583: a head of 58 (craft 7.5).
  [
    'halter-short',
    () => codes(made('tube-top', { neck: 'halter', halterBy: 'count', halterChains: 70 })),
    () => codes(made('tube-top', { neck: 'halter', halterBy: 'count', halterChains: 69 }))
  ],
  ['strap-short', () => codes(made('tube-top', { strapMm: 360 })), () => codes(made('tube-top', { strapMm: 359 }))],
  ['slips-off', () => codes(made('warmers', { limb: 'wrist', handMm: 156 }, small)), () => codes(made('warmers', { limb: 'wrist', handMm: 154 }, small))], // prettier-ignore
  ['odd-halves', () => codes(made('headband', {}, sampleKit({ machine: { pins: 46 } }))), () => codes(made('headband', {}, sampleKit({ machine: { pins: 45 } })))], // prettier-ignore
  // Habit is 5 rows at either end: more at one end alone is no matter.
  [
    'waste-more',
    () => codes(made('sack', { waste: 'ten' }, sampleKit({ habits: { wasteStart: 10, wasteEnd: 5 } }))),
    () => codes(made('sack', { waste: 'ten' }, sampleKit({ habits: { wasteStart: 9, wasteEnd: 9 } })))
  ],
  ['waste-few', () => codes(made('sack', {}, sampleKit({ habits: { wasteStart: 2, wasteEnd: 2 } }))), () => codes(made('sack', {}, sampleKit({ habits: { wasteStart: 2, wasteEnd: 1 } })))], // prettier-ignore
  ['wrong-ring', () => codes(made('socks', {}, sampleKit({ machine: { pins: 26 } }))), () => codes(made('socks', {}, sampleKit({ machine: { pins: 28 } })))], // prettier-ignore
  ['garland-crowded', () => codes(made('garland', { lineMm: 2000, count: 11 })), () => codes(made('garland', { lineMm: 2000, count: 12 }))], // prettier-ignore
  ['mug-height', () => codes(made('mug-wrap', { heightMm: 87 }, small)), () => codes(made('mug-wrap', { heightMm: 85 }, small))], // prettier-ignore
  ['seam-uneven', () => codes(made('waistcoat', { sizeBy: 'rows', frontRows: 74 })), () => codes(made('waistcoat', { sizeBy: 'rows', frontRows: 76 }))], // prettier-ignore
  ['toy-eyes', () => codes(made('toy-figure', { wearer: 'child', eyes: 'safety' })), () => codes(made('toy-figure', { wearer: 'baby', eyes: 'safety' }))], // prettier-ignore
  ['panel-narrow', () => codes(made('panel', { widthMm: 326 })), () => codes(made('panel', { widthMm: 333 }))],
  ['child-cord', () => codes(made('sack', { wearer: 'thing' })), () => codes(made('sack', { wearer: 'child' }))],
  ['baby-care', () => codes(made('socks', { wearer: 'child' }, small)), () => codes(made('socks', { wearer: 'baby' }, small))], // prettier-ignore
  ['join-far', () => codes(hat({ style: 'contrast' }, sampleKit({ habits: { joinPins: 4 } }))), () => codes(hat({ style: 'contrast' }, sampleKit({ habits: { joinPins: 5 } })))], // prettier-ignore
  ['hat-loose', () => codes(hat({ headMm: 374 })), () => codes(hat({ headMm: 373 }))],
  ['toy-sold', () => codes(made('toy-round', { sold: false })), () => codes(made('toy-round', { sold: true }))]
];

describe('limits, from both sides', () => {
  it.each(limits)('%s', (code, within, beyond) => {
    expect(within()).not.toContain(code);
    expect(beyond()).toContain(code);
  });
});

describe('findings stand where they belong', () => {
  it('never beside a field that the kind does not have', () => {
    for (const make of [
      () => made('waistcoat', { armholeMm: 60, armholes: 'straight' }),
      () => made('wrap', { cuffRepeat: 7 }),
      () => made('tube-top', { chestMm: 900 })
    ]) {
      // prettier-ignore
      const result = make();
      for (const { place } of result.findings) {
        if (place.option) expect(result.brief.options).toHaveProperty(place.option);
        if (place.piece !== undefined) expect(result.plan.pieces[place.piece]).toBeDefined();
      }
    }
  });

  it('a yarn is looked for only in the fields that are in view', () => {
    const yarns = [medium('red', '#b03020', { stockGrams: 5 }), medium('blue', '#205080')];
    const plain = made('scarf', { style: 'plain', yarn: 'red', secondYarn: 'red' }, sampleKit({ yarns }));
    expect(plain.findings.find((f) => f.code === 'yarn-short')!.place.option).toBe('yarn');
    const two = made('scarf', { style: 'two', yarn: 'blue', secondYarn: 'red' }, sampleKit({ yarns }));
    expect(two.findings.find((f) => f.code === 'yarn-short')!.place.option).toBe('secondYarn');
    const own = made('scarf', { style: 'striped', yarn: 'red', sections: [{ yarn: 'red', rows: 5 }] }, sampleKit({ yarns })); // prettier-ignore
    expect(own.findings.find((f) => f.code === 'yarn-short')!.place.option).toBeUndefined();
  });

  it('a remedy that the limits of the kind refuse is not offered', () => {
    // The garland is so short that not one more fits: hanging fewer is still a remedy, none at all is not.
    const tight = made('garland', { lineMm: 300, count: 20 });
    expect(fixOf(tight, 'garland-crowded')!.change.options).toEqual({ count: 1 });
    // A neck is 6 cm wide at least: the shoulder beside it cannot have any of that.
    const slim = made('waistcoat', { neckMm: 60, crossBackMm: 120 });
    expect(codes(slim)).toContain('shoulder-narrow');
    expect(fixOf(slim, 'shoulder-narrow')).toBeUndefined();
  });

  it('an arm of 28 cm goes through an armhole of 30, and is told it pulls; one of 32 does not', () => {
    const of = (upperArmMm: number) =>
      worded(made('waistcoat', { armholeMm: 150, upperArmMm })).findings.find((f) => f.code === 'armhole-small');
    const round = garmentSizes(made('waistcoat', { armholeMm: 150 }))!.armholeMm;
    expect(of(Math.floor(round) - 20)).toMatchObject({ weight: 'warn' });
    expect(of(Math.floor(round) - 20)!.sentence).toContain('it goes through');
    expect(of(Math.ceil(round) + 10)).toMatchObject({ weight: 'stop' });
    expect(of(Math.floor(round) - 40)).toBeUndefined();
  });
});
