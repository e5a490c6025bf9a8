import { describe, expect, it } from 'vitest';
import { medium, sampleKit } from '../../../../tests/support/sample';
import { weighIn } from './weigh-in';

describe('weighing in', () => {
  const kit = sampleKit();
  const [machine] = kit.machines;
  const yarn = medium('y', '#000000');

  it('62 g with a core of 2 g, 200 m to 100 g: 120 m, and rows by pins x loop', () => {
    const { grams, metres, rows } = weighIn(kit, machine!, yarn, 62, 2);
    expect([grams, metres.value]).toEqual([60, 120]);
    // 48 x 26.527 mm are 1.2733 m a row; the cast-on takes 0.45 m and one turn of 48 x 16.5 mm, the hang-off two.
    expect(rows.value).toBeCloseTo((120 - 0.45 - 3 * 0.792) / 1.2733, 1);
    expect(rows.low).toBeLessThan(rows.value);
  });
  it('strands share the ball', () => {
    const two = weighIn(kit, machine!, { ...yarn, strands: 2 }, 60, 0);
    expect(two.metres.value).toBe(120);
    expect(two.rows.value).toBeLessThan(weighIn(kit, machine!, yarn, 60, 0).rows.value / 1.9);
  });
  it('a rest too short for the tails is no row', () => expect(weighIn(kit, machine!, yarn, 0.5, 0).rows.value).toBe(0));
  it('refuses a tare above the whole', () =>
    expect(() => weighIn(kit, machine!, yarn, 10, 12)).toThrow('tare must be at most the whole of 10 g; received 12'));
});
