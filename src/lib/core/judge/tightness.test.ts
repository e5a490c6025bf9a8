import { expect, it } from 'vitest';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import { tightness } from './tightness';

/** Strands that the remedies offer, in their order. */
const offered = (tex: number, strands: number): number[] => {
  const yarn = medium('red', '#b03020', { label: { metres: Math.round(100_000 / tex), grams: 100 }, strands });
  const found = tightness.find(made('headband', {}, sampleKit({ yarns: [yarn, medium('blue', '#205080')] })));
  return found.flatMap(({ remedies = [] }) => remedies.map(({ change }) => change.strands!['red']!));
};

it('offers strands at which the yarn sits well first, then the nearest to now', () => {
  // Loops of 26.5 mm: 240 tex is a net alone and one medium yarn doubled (craft 5.7); 720 is still no struggle.
  expect(offered(240, 1)).toEqual([2, 3]);
  // 160 tex: two are a net still, and three sit well; they come first although two are nearer.
  expect(offered(160, 1)).toEqual([3, 2]);
});
