import { expect, it } from 'vitest';
import { made } from '../../../tests/support/sample';
import { workOf } from './knit';
import { mended } from './mending';

const plain = made('headband');
const { before, rows } = workOf(plain.fabric.pieces[0]!);
const ballAt = (row: number) => mended(plain.plan, plain.brief, [{ kind: 'new-ball', piece: 0, copy: 1, row, pin: 1, over: 1 }]).acts; // prettier-ignore

it('a new ball is tied where its row and the next are both of the work: else its tails go with the waste or are those of the end', () => {
  expect(before).toBeGreaterThan(0);
  for (const row of [before, before + rows, before + rows + 1])
    expect(ballAt(row), `row ${row}`).toEqual(plain.plan.acts);
  for (const row of [before + 1, before + rows - 1]) expect(ballAt(row).length, `row ${row}`).toBeGreaterThan(plain.plan.acts.length); // prettier-ignore
});
