import { expect, it } from 'vitest';
import { bridged } from './rims';

const held = (lo: number, hi: number) => ({ run: 'held', lo, hi }) as const;
const side = (rows: number) => ({ run: 'side', lo: 1, hi: rows }) as const;

it('steps of up to three rows between held groups belong to their slope, longer ones are an edge', () => {
  for (const [rows, taken] of [[1, true], [2, true], [3, true], [4, false]] as const) // prettier-ignore
    expect(bridged([held(1, 5), side(rows), held(6, 10), side(40)], [true, false, true, false]), `${rows} rows`).toEqual([true, taken, true, false]); // prettier-ignore
});

it('a short side at the end of the groups, or between other edges, is none of theirs', () => {
  expect(bridged([side(2), held(1, 5), side(2), held(6, 10), side(2), side(30)], [false, true, false, true, false, false])).toEqual([false, true, true, true, false, false]); // prettier-ignore
  const last = { run: 'upper', lo: 1, hi: 3 } as const;
  expect(bridged([held(1, 5), last, held(6, 10)], [true, false, true])).toEqual([true, false, true]);
});
