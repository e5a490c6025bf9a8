import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import { speak } from '$lib/words';
import { KINDS } from '../kinds';
import { byRoom, byStretch, VERDICTS, verdictOf } from './verdict';

const said = (kind: string, options: object = {}, pins = 48): string | null => {
  const result = made(kind, options, sampleKit({ machine: { pins } }));
  const verdict = verdictOf(result);
  return verdict && speak(result).verdict(verdict);
};

describe('the verdict of a plan', () => {
  // The bounds are our own, stated as such.
  it.each([
    [-0.01, 'too-large'],
    [0, 'fits'],
    [0.3, 'fits'],
    [0.31, 'snug'],
    [0.6, 'snug'],
    [0.61, 'tight'],
    [1.2, 'tight'],
    [1.21, 'too-small']
  ] as const)('a stretch of %f is %s where 1.2 is the most', (stretch, code) => expect(byStretch(stretch, 1.2)).toBe(code)); // prettier-ignore

  it.each([
    [-21, 'too-small'],
    [-20, 'tight'],
    [-1, 'tight'],
    [0, 'snug'],
    [19, 'snug'],
    [20, 'fits'],
    [149, 'fits'],
    [150, 'loose']
  ] as const)('%i mm of room are %s', (mm, code) => expect(byRoom(mm)).toBe(code));

  it('is said in one line, with what it may turn out to be', () => {
    expect(said('lined-hat', { headMm: 500 })).toBe('Fits 50 cm: snug');
    expect(said('lined-hat', { headMm: 700 })).toMatch(/^Fits 70 cm: tight/);
    expect(said('lined-hat', { headMm: 300 })).toMatch(/^Too large for 30 cm/);
    expect(said('lined-hat', { headMm: 560 }, 22)).toMatch(/^Too small for 56 cm/);
    expect(said('warmers', { limb: 'wrist' })).toMatch(/round the hand/);
    expect(said('waistcoat', { chestMm: 940, easeMm: 60 })).toMatch(
      /^Chest 94 cm: \d(\.\d)? cm of room, could be \d(\.\d)? cm too small$/
    );
    expect(said('folded-bag')).toBeNull();
    expect(said('scarf')).toBeNull();
  });

  it('agrees with its own numbers for any plan: order of its range, and the code of its room', () => {
    const kinds = KINDS.map(({ code }) => code);
    fc.assert(
      fc.property(fc.constantFrom(...kinds), fc.integer({ min: 20, max: 60 }), (kind, pins) => {
        const verdict = verdictOf(made(kind, {}, sampleKit({ machine: { pins } })));
        if (!verdict) return;
        expect(verdict.low).toBeLessThanOrEqual(verdict.roomMm);
        expect(verdict.high).toBeGreaterThanOrEqual(verdict.roomMm);
        const at = [verdict.atLow, verdict.code, verdict.atHigh].map((code) => VERDICTS.indexOf(code));
        // Less room is never a looser verdict.
        expect(at).toEqual(at.toSorted((a, b) => a - b));
        if (verdict.by === 'room') expect(verdict.code).toBe(byRoom(verdict.roomMm));
        else expect(verdict.code === 'too-large').toBe(verdict.roomMm > 0);
      }),
      { numRuns: 120 }
    );
  });
});
