import { describe, expect, it } from 'vitest';
import { hat, made, medium, sampleKit } from '../../../../../tests/support/sample';
import { strandTex } from '../../kit';
import { rowsIn } from '../../plan';
import { alongRows } from '../along';
import { fatesOf } from '../moves';
import { sectionsOf } from '../sections-of';
import { type LeftoverWish, problemOf } from './ask';
import { metresOf } from './check';
import { rowsOf } from './problem';

const kit = sampleKit({ yarns: [medium('red', '#b03020'), medium('near', '#b43424'), medium('blue', '#205080')] });
const wish: LeftoverWish = {
  yarns: [
    { id: 'red', grams: 40, ugly: false },
    { id: 'near', grams: 30, ugly: true },
    { id: 'blue', grams: 50, ugly: false }
  ],
  leastRows: 4,
  inOrder: false,
  mirrored: false,
  contrast: 12
};

describe('what a search for leftovers is asked', () => {
  it('has every row of the piece, seen or not as the fold has it, and metres from grams by the label', () => {
    const result = hat({ style: 'plain' }, kit);
    const problem = problemOf(kit, [{ id: 'p', result, pieces: [0] }], wish);
    const [piece] = problem.pieces;
    expect(rowsOf(piece!)).toBe(rowsIn(sectionsOf(result.plan.pieces[0]!)));
    const seen = piece!.zones.flatMap((z) => Array.from({ length: z.rows }, () => z.seen));
    expect(seen).toEqual(fatesOf(result, 0).map((fate) => fate === 'seen' || fate === 'turned-up'));
    // 40 g at 2 m to the gram, less what making up takes of it.
    const sewn = result.worked.cuts.filter((c) => c.yarn === 'red').reduce((sum, c) => sum + (c.mm * c.count) / 1000, 0); // prettier-ignore
    expect(problem.yarns[0]!.metres).toBeCloseTo(40_000 / strandTex(kit.yarns[0]!) - sewn, 6);
    // The two reds are too alike to lie beside each other.
    expect(problem.apart).toEqual([[0, 1]]);
    expect(problemOf(kit, [{ id: 'p', result, pieces: [0] }], { ...wish, contrast: 0 }).apart).toEqual([]);
  });

  it('counts the rows of a tube as the yarn by row does; copies and shaped pieces never less', () => {
    const result = hat({ style: 'plain' }, kit);
    const { pieces } = problemOf(kit, [{ id: 'p', result, pieces: [0] }], wish);
    const metres = alongRows(result)
      .filter((row) => row.work !== null)
      .reduce((sum, row) => sum + row.metres, 0);
    expect(rowsOf(pieces[0]!) * pieces[0]!.rowMetres[0]!).toBeCloseTo(metres, 6);
    for (const kind of ['waistcoat', 'socks']) {
      const other = made(kind, {}, kit);
      const all = other.plan.pieces.map((_, p) => p);
      const problem = problemOf(kit, [{ id: 'o', result: other, pieces: all }], wish);
      const whole = problem.pieces.map((piece) => [{ yarn: 0, rows: rowsOf(piece) }]);
      const knitted = alongRows(other)
        .filter((row) => row.work !== null)
        .reduce((sum, row) => sum + row.metres, 0);
      expect(metresOf(problem, whole)[0]).toBeGreaterThanOrEqual(knitted - 1e-6);
    }
  });
});
