import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { made, planned, sampleKit } from '../../../../tests/support/sample';
import type { Result } from '../tomble';
import { HOLD_MM } from './lengths';
import { work } from './work';

/** Ends of yarn that are woven in or buried. */
const hidden = (result: Result): number =>
  result.worked.tails.filter((t) => t.fate === 'woven' || t.fate === 'inside').reduce((sum, t) => sum + t.times, 0);

/** Ends to hide once both tails of a join are knotted for good: those at joins count too. */
const ends = (result: Result): number =>
  hidden(result) + result.worked.tails.filter((t) => t.fate === 'tied').reduce((sum, t) => sum + t.times, 0);

/** Lengths of the tails that do a job, in cm, as the plan leaves them. */
const lengthsOf = (result: Result): number[] => [
  ...new Set(result.worked.tails.filter((t) => t.usedMm > 0).map((t) => t.mm / 10))
];

const OWN = { firstWith: 'own', lastWith: 'own' };
const CUT = { firstWith: 'cut', lastWith: 'cut', sewWith: 'cut', topWith: 'cut' };

/** Girth at rest of 48 pins of medium yarn, mm: 13.5 stitches to 10 cm (craft 5, common practice). */
const girth = (result: Result): number => result.worked.state.runs.find((r) => r.run === 'hung-off')!.mm;

/** A whole number of 5 cm, up. */
const up = (mm: number): number => Math.ceil(mm / 50) * 5;

describe("the work's own tails", () => {
  // Practice, no source: ends to hide with own tails, and with cut yarn.
  it.each([
    ['lined-hat', { style: 'plain', waste: 'habit' }, 2, 6],
    ['lined-hat', { style: 'contrast', waste: 'habit' }, 4, 8],
    ['scarf', { style: 'plain', ends: 'straight', closeBy: 'hook' }, 2, 6],
    ['folded-bag', { style: 'plain', handle: false }, 2, 6],
    ['folded-bag', { style: 'plain' }, 6, 12],
    // Hooked, the handle's tails end at its other fold, and sew that one.
    ['folded-bag', { style: 'plain', closeBy: 'hook' }, 6, 20],
    ['toy-long', {}, 20, 34]
  ] as const)('%s %o: %d ends to hide, with cut yarn %d', (kind, options, own, cut) => {
    expect([ends(made(kind, { ...options, ...OWN })), ends(made(kind, { ...options, ...CUT }))]).toEqual([own, cut]);
  });

  it('a tail is as long as its jobs and 15 cm, up to the next 5 cm', () => {
    // Run through loops off waste: 1.5 girths; zipped with it: 3.5 in all (craft 7.21).
    const drawn = made('lined-hat', { style: 'plain', waste: 'habit' });
    expect(lengthsOf(drawn)).toEqual([up(1.5 * girth(drawn) + 150)]);
    const zipped = made('lined-hat', { style: 'plain', waste: 'habit', closing: 'zip' });
    expect(lengthsOf(zipped)).toEqual([up(1.5 * girth(zipped) + 150), up(3.5 * girth(zipped) + 150)]);
    expect(up(3.5 * girth(zipped) + 150)).toBe(140);
    // Crochet: 3 cm a stitch, so four times the edge with one in every loop.
    const top = made('tube-top', { style: 'plain' });
    expect(lengthsOf(top)).toEqual([up(4 * girth(top) + 150)]);
    expect(4 * girth(top)).toBeCloseTo(48 * 30, -2);
  });

  it('the crank tells them: the first as the work begins on its waste, the last as waste follows', () => {
    const top = made('tube-top', { style: 'plain' });
    const joined = top.steps.flatMap((step) => (step.joined ? [step.joined] : []));
    expect(joined.map(({ tailMm, newTailMm }) => [tailMm, newTailMm])).toEqual([
      [200, 1600],
      [1600, 200]
    ]);
  });

  it("a bag's tails: three times the seam, and for the one at a tip the way along the rim", () => {
    const bag = made('folded-bag', { style: 'plain', handle: false });
    const wide = girth(bag) / 2;
    const used = bag.worked.tails.map((t) => Math.round(t.usedMm + HOLD_MM));
    // 86 and 68 cm on 48 pins.
    expect(used.map((mm, i) => Math.abs(mm - (4 - i) * wide - 150) < 2)).toEqual([true, true]);
    expect(used.map((mm) => Math.round(mm / 10))).toEqual([86, 68]);
    const [lead] = bag.worked.done.filter((did) => did.do === 'lead');
    expect((lead!.facts as { mm: number }).mm).toBeCloseTo(wide);
  });

  it("an ear hat's top is closed with the lining's tail, led a quarter of the pins to the corner", () => {
    const hat = made('ear-hat');
    const tail = hat.worked.tails.find((t) => t.usedMm > 0)!;
    expect([tail.where.at, tail.usedMm]).toEqual(['hung-off', girth(hat) / 4 + 4 * (girth(hat) / 2)]);
    const other = made('ear-hat', { outer: 'last' });
    expect(other.worked.tails.find((t) => t.usedMm > 0)!.where.at).toBe('cast-on');
  });

  it("a sock's cuff is worked in and between the loops: twice the yarn of one in every loop", () => {
    const sock = made('socks', {}, sampleKit({ machine: { pins: 22 } }));
    const cuff = sock.worked.done.find((did) => did.do === 'bind')!;
    // 44 take 1.3 m (common practice, no source).
    expect(cuff.facts).toMatchObject({ stitches: 44, cutMm: 0 });
    expect(sock.worked.tails.find((t) => t.where.at === 'hung-off')!.usedMm).toBeCloseTo(1300, -2);
  });

  it('a stronger thread, and a doubled one, may be asked for at one end', () => {
    const kit = sampleKit();
    const at = (more: object) => {
      const hat = made('lined-hat', { style: 'plain', yarn: 'red', waste: 'habit', ...more }, kit);
      return hat.plan.acts.flatMap((act) =>
        act.do === 'thread' ? [[act.edge, act.yarn, act.doubled, act.own ?? null]] : []
      );
    };
    expect(at({ thread: 'blue', threadAt: 'first' })).toEqual([
      ['hung-off', 'red', false, 'hung-off'],
      ['cast-on', 'blue', false, null]
    ]);
    expect(at({ doubled: true, doubledAt: 'last' })).toEqual([
      ['hung-off', 'red', true, 'hung-off'],
      ['cast-on', 'red', false, 'cast-on']
    ]);
    // What was typed before there was a choice counts for both ends.
    expect(at({ thread: 'blue', doubled: true }).map(([, yarn, doubled]) => [yarn, doubled])).toEqual([
      ['blue', true],
      ['blue', true]
    ]);
  });

  it('for any kind and any options every tail is long enough, and no act is refused when its length counts', () => {
    fc.assert(
      fc.property(anyKitAndBrief, ({ kit, brief }) => {
        const result = planned(kit, brief);
        if (!result) return;
        const again = work(result);
        expect(again.refusals).toEqual(result.worked.refusals);
        expect(again.tails.map((t) => [t.mm, t.usedMm])).toEqual(result.worked.tails.map((t) => [t.mm, t.usedMm]));
        for (const t of again.tails) if (t.usedMm > 0) expect(t.mm - t.usedMm).toBeGreaterThanOrEqual(HOLD_MM - 1e-6);
      }),
      { numRuns: 150 }
    );
  });

  it('the yarn that tails take is in the metres: cut or own, about as much goes into a hat', () => {
    const metres = (options: object): number =>
      made('lined-hat', { style: 'plain', yarn: 'red', waste: 'habit', ...options }).yarnUse.find(
        (use) => use.yarnId === 'red'
      )!.metres.value;
    const [own, cut] = [metres(OWN), metres(CUT)];
    // Two threads of two turns of the ring become two tails of 70 cm.
    expect(own).toBeLessThan(cut);
    expect(cut - own).toBeLessThan(4);
  });
});
