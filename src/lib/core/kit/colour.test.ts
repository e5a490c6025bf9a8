import { describe, expect, it } from 'vitest';
import { colourDifference, labDifference } from './colour';

describe('CIEDE2000', () => {
  // Test pairs of Sharma, Wu and Dalal 2005, table 1, from memory of the paper.
  it.each([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 3.1571, -77.2803], [50, 0, -82.7485], 2.8615],
    [[50, 2.8361, -74.02], [50, 0, -82.7485], 3.4412],
    [[50, -1.3802, -84.2814], [50, 0, -82.7485], 1.0],
    [[50, 2.5, 0], [50, 0, -2.5], 4.3065],
    [[50, 2.5, 0], [73, 25, -18], 27.1492],
    [[50, 2.5, 0], [61, -5, 29], 22.8977],
    [[50, 2.5, 0], [56, -27, -3], 31.903],
    [[50, 2.5, 0], [58, 24, 15], 19.4535],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
    [[2.0776, 0.0795, -1.135], [0.9033, -0.0636, -0.5514], 0.9082]
  ] as const)('%j to %j is %d', ([l, a, b], [l2, a2, b2], expected) => {
    expect(labDifference({ l, a, b }, { l: l2, a: a2, b: b2 })).toBeCloseTo(expected, 4);
  });

  it('is symmetric, zero to itself, 100 from black to white', () => {
    expect(colourDifference('#c2552d', '#1f5f73')).toBe(colourDifference('#1f5f73', '#c2552d'));
    expect(colourDifference('#c2552d', '#c2552d')).toBe(0);
    expect(colourDifference('#000000', '#ffffff')).toBeCloseTo(100, 3);
    expect(() => colourDifference('reddish', '#ffffff')).toThrow('colours must look like #c2552d');
  });
});
