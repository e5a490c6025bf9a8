import { describe, expect, it } from 'vitest';
import { slipWords } from '$lib/words';
import { slipOf } from './slip';

const practice = { courses: 2, wales: 1.35 };
const kind = (courses: number, wales: number): string | undefined => slipOf({ courses, wales }, practice, 13)?.kind;

describe('slipOf', () => {
  it.each<[string, number, number, string | undefined]>([
    ['practice itself', 2, 1.35, undefined],
    ['a slack hand', 1.8, 1.25, undefined],
    ['a fine yarn', 2.6, 1.7, undefined],
    ['stitches and rows swapped', 1.35, 2, 'swapped'],
    ['inches written as centimetres', 2 * 2.54, 1.35 * 2.54, 'inches'],
    ['all stitches over the flat width', 2, 2.7, 'width-for-girth'],
    ['half the stitches over the whole way round', 2, 0.675, 'girth-for-width'],
    ['measured while it hung: 13 mm a stitch, rows short', 2.9, 10 / 13, 'on-the-machine'],
    // A stitch as wide as the pins stand apart, and rows as long as ever or barely shorter: it did not hang (a tenth is asked for).
    ['13 mm a stitch, rows as long as expected', 2, 10 / 13, 'girth-for-width'],
    ['13 mm a stitch, rows an eleventh shorter', 2.19, 10 / 13, 'girth-for-width'],
    ['13 mm a stitch, rows an eighth shorter', 2.25, 10 / 13, 'on-the-machine'],
    ['nothing that explains itself', 0.4, 1.35, 'unknown']
  ])('%s', (_what, courses, wales, slip) => expect(kind(courses, wales)).toBe(slip));

  it('offers the gauge that was meant where it can be known', () => {
    expect(slipOf({ courses: 1.35, wales: 2 }, practice, 13)?.mended).toEqual(practice);
    expect(slipOf({ courses: 2.9, wales: 10 / 13 }, practice, 13)?.mended).toBeNull();
  });

  it('says the rule and what was measured', () => {
    expect(slipWords(slipOf({ courses: 1.4, wales: 2.1 }, practice, 13)!)).toBe(
      'There are 0.67 rows to a stitch; knitting has 1 to 1.7. Stitches and rows look swapped.'
    );
  });
});
