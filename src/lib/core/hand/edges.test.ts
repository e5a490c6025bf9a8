import { describe, expect, it } from 'vitest';
import { made } from '../../../../tests/support/sample';
import type { Act, RunRef } from '../plan';
import { work } from './work';

const side = (more: Partial<RunRef> = {}): RunRef => ({ piece: 0, run: 'side', side: 'high', ...more });

/** What hands make of a plain panel with these acts in place of its own. */
function worked(acts: readonly Act[], copies = 1) {
  const result = made('panel');
  const [piece] = result.plan.pieces;
  const plan = { ...result.plan, promises: [], pieces: [{ ...piece!, copies }], acts };
  return work({ ...result, plan });
}

describe('edges that acts name', () => {
  const bound = (...runs: RunRef[]): Act => ({ do: 'bind', name: 'band', runs, by: 'crochet', yarn: 'red' });

  it('an edge of which a part is named once more is bound once', () => {
    const [plain] = worked([bound(side())]).done;
    for (const names of [
      [side(), side({ rows: { from: 2, to: 6 } })],
      [side({ rows: { from: 2, to: 6 } }), side()],
      [side({ rows: { from: 1, to: 8 } }), side({ rows: { from: 5, to: 40 } }), side()]
    ]) {
      const { done, refusals } = worked([bound(...names)]);
      expect(refusals).toEqual([]);
      // Lengths are summed run by run: they differ in the last digits where the edge was cut.
      expect(done[0]!.facts).toMatchObject({ loops: 0, rows: (plain!.facts as { rows: number }).rows });
      expect((done[0]!.facts as { mm: number }).mm).toBeCloseTo((plain!.facts as { mm: number }).mm, 9);
    }
  });

  it('a seam of an edge with itself is refused, however it is named', () => {
    for (const more of [{}, { rows: { from: 2, to: 6 } }]) {
      const { refusals } = worked([
        { do: 'join', name: 'x', by: 'mattress', a: [side()], b: [side(more)], yarn: 'red' }
      ]);
      expect(refusals.map(({ refusal }) => refusal.code)).toEqual(['apart']);
    }
  });

  it.each([
    [1, 2],
    [2, 1]
  ])('a seam of every copy is the seams of each in turn, also where copy %i hangs on copy %i already', (one, two) => {
    const low = (more: Partial<RunRef>): RunRef => ({ piece: 0, run: 'side', side: 'low', ...more });
    const together: Act = { do: 'join', name: 'copies', by: 'mattress', a: [side({ copy: one })], b: [low({ copy: two })], yarn: 'red' }; // prettier-ignore
    const ends = (more: Partial<RunRef> = {}): Act => ({ do: 'join', name: 'ends', by: 'hook', a: [{ piece: 0, run: 'cast-on', ...more }], b: [{ piece: 0, run: 'hung-off', ...more }], yarn: 'red' }); // prettier-ignore
    const each = worked([together, ends({ copy: 1 }), ends({ copy: 2 })], 2);
    const all = worked([together, ends()], 2);
    expect(each.refusals).toEqual([]);
    expect(all.refusals).toEqual([]);
    expect(all.seams).toEqual(each.seams);
    expect(all.things).toEqual(each.things);
    expect(all.things[0]!.openings).toHaveLength(2);
  });
});
