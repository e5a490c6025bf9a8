import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { medium, sampleKit } from '../../../../tests/support/sample';
import { proposeBehaviour, readFibre } from './fibre';
import { gaugeFor } from './gauge';
import { heldTex } from './yarn';
import { presetFor } from './presets';
import { USUAL_PINS } from './usual-pins';
import { classOfLabel, usualMetres, WEIGHT_CLASSES, wrapsPerInch } from './weight-class';
import { NET_BELOW, STRUGGLE_ABOVE, tightness } from './loop';

const usual = medium('y', '#000000').behaviour;

describe('weight classes', () => {
  // From memory of the Craft Yarn Council's table, written out here a second time on purpose.
  const council: readonly [number, string, string][] = [
    [0, '33-40', '30-40'],
    [1, '27-32', '14-30'],
    [2, '23-26', '12-18'],
    [3, '21-24', '11-15'],
    [4, '16-20', '9-12'],
    [5, '12-15', '6-9'],
    [6, '7-11', '5-6'],
    [7, '1-6', '1-4']
  ];
  it.each(council)('class %i: %s stitches to 10 cm, %s wraps', (number, stitches, wraps) => {
    const found = WEIGHT_CLASSES[number]!;
    expect([found.number, found.stitches.join('-'), found.wrapsPerInch.join('-')]).toEqual([number, stitches, wraps]);
  });

  it('the runs of the classes meet without gap or overlap', () => {
    for (let i = 1; i < WEIGHT_CLASSES.length; i++)
      expect(WEIGHT_CLASSES[i]!.metres[1]).toBe(WEIGHT_CLASSES[i - 1]!.metres[0]);
  });

  it('any label has the class whose run it lies in', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 2000 }), fc.integer({ min: 10, max: 500 }), (metres, grams) => {
        const {
          metres: [from, to]
        } = WEIGHT_CLASSES[classOfLabel(metres, grams)]!;
        const run = (100 * metres) / grams;
        expect(run >= from || from === 1).toBe(true);
        expect(run < to || to === 5000).toBe(true);
      })
    );
  });

  it.each([
    ['medium, 200 m to 100 g', 500, 4],
    ['sock, 417 m', 240, 1],
    ['bulky, 120 m', 833, 5]
  ])('%s: its expected wraps lie in the council’s range', (_what, tex, number) => {
    const [low, high] = WEIGHT_CLASSES[number]!.wrapsPerInch;
    expect(wrapsPerInch(tex)).toBeGreaterThanOrEqual(low);
    expect(wrapsPerInch(tex)).toBeLessThanOrEqual(high);
  });

  it('refuses a label of nothing', () => expect(() => classOfLabel(0, 100)).toThrow('received 0 m and 100 g'));
});

describe('tightness on a large machine (craft 5)', () => {
  const kit = sampleKit();
  const k = (metres: number, strands: number): number => {
    const yarn = medium('y', '#000000', { label: { metres, grams: 100 }, strands });
    return tightness(heldTex(yarn), gaugeFor(kit, kit.machines[0]!, yarn, 2).loopMm);
  };
  it('two strands of 240 tex are one medium yarn, one is a net, 830 tex struggles', () => {
    const one = k(100_000 / 240, 1);
    const two = k(100_000 / 240, 2);
    const thick = k(100_000 / 830, 1);
    expect(one).toBeLessThan(NET_BELOW);
    expect(two).toBeGreaterThan(8);
    expect(two).toBeLessThan(8.8);
    expect(thick).toBeGreaterThan(STRUGGLE_ABOVE);
  });
});

describe('fibre', () => {
  it.each<[string, { fibre: string; percent: number | null }[]]>([
    [
      '75 % wool, 25 % polyamide',
      [
        { fibre: 'wool', percent: 75 },
        { fibre: 'polyamide', percent: 25 }
      ]
    ],
    [
      '75% Wool / 25% Polyamide',
      [
        { fibre: 'wool', percent: 75 },
        { fibre: 'polyamide', percent: 25 }
      ]
    ],
    [
      '62,5 % cotton and 37,5 % linen',
      [
        { fibre: 'cotton', percent: 62.5 },
        { fibre: 'linen', percent: 37.5 }
      ]
    ],
    [
      '90% acrylic,10% wool',
      [
        { fibre: 'acrylic', percent: 90 },
        { fibre: 'wool', percent: 10 }
      ]
    ],
    ['alpaca', [{ fibre: 'alpaca', percent: null }]],
    ['', []]
  ])('reads %j', (text, parts) => {
    expect(readFibre(text)).toEqual(parts);
  });

  it.each<[string, Partial<typeof usual>]>([
    ['100 % cotton', { stretch: 'little', strength: 'strong', wash: 'machine' }],
    ['75 % wool, 25 % polyamide', { strength: 'strong', wash: 'hand' }],
    ['75 % superwash wool, 25 % polyamide', { strength: 'strong', wash: 'machine' }],
    ['80 % alpaca, 20 % wool, single ply', { stretch: 'much', surface: 'clingy', strength: 'weak' }],
    ['100 % acrylic', { wash: 'machine', surface: 'smooth' }]
  ])('%s is proposed with a reason', (text, behaviour) => {
    const proposal = proposeBehaviour(text, usual);
    expect(proposal.behaviour).toMatchObject(behaviour);
    expect(proposal.reasons.length).toBeGreaterThan(0);
  });

  it('proposes nothing from a mix it does not know', () => {
    expect(proposeBehaviour('moon dust', usual)).toEqual({ behaviour: usual, reasons: [] });
  });
});

describe('presets', () => {
  it.each(USUAL_PINS.map((pins) => [pins]))('%i pins make a machine that plans', (pins) => {
    const machine = presetFor(pins, 'm', 'Ring');
    expect(machine.pins).toBe(pins);
    expect(machine.counter).toBe(pins === 40 ? 'none' : 'tube');
  });

  it('metres of a class until a label was read are those of that class', () => {
    for (const { number } of WEIGHT_CLASSES) expect(classOfLabel(usualMetres(number), 100)).toBe(number);
  });
});
