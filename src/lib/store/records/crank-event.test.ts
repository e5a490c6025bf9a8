import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type CrankAction, progressOf } from './crank-event';

const row: CrankAction = { do: 'row', yarn: 'y' };
const undo: CrankAction = { do: 'undo' };
const confirm: CrankAction = { do: 'confirm', step: 's' };
const jump = (to: number): CrankAction => ({ do: 'jump', to });

const anyAction: fc.Arbitrary<CrankAction> = fc.oneof(
  { weight: 6, arbitrary: fc.constant(row) },
  { weight: 2, arbitrary: fc.constant(undo) },
  fc.constant(confirm),
  fc.constantFrom('later', 'not-needed').map((why): CrankAction => ({ do: 'confirm', step: 's', passed: { why } })),
  fc.nat(20).map((at): CrankAction => ({ do: 'late', step: 's', at })),
  fc.nat(500).map((at): CrankAction => ({ do: 'fault', fault: { kind: 'dropped', piece: 0, copy: 1, row: at + 1, pin: 4, over: 1 }, at, mended: false })), // prettier-ignore
  fc.integer({ min: 0, max: 500 }).map(jump)
);

/**
 * An oracle of another build: it first strikes out what was undone, walking backwards, and then walks what is left
 * once.
 */
function slowly(actions: readonly CrankAction[]): { rows: number; ticks: number; faults: number[]; passed: string[] } {
  let struck = 0;
  const left: CrankAction[] = [];
  // Undo with nothing before it takes nothing back, so a forward count of what stands is needed first.
  const real: CrankAction[] = [];
  let stands = 0;
  for (const action of actions) {
    if (action.do === 'undo' && stands === 0) continue;
    stands += action.do === 'undo' ? -1 : 1;
    real.push(action);
  }
  for (const action of real.reverse()) {
    if (action.do === 'undo') struck++;
    else if (struck > 0) struck--;
    else left.unshift(action);
  }
  let rows = 0;
  let ticks = 0;
  let faults: number[] = [];
  let passed: { at: number; why: string }[] = [];
  for (const action of left) {
    if (action.do === 'fault') {
      faults.push(action.at);
      continue;
    }
    if (action.do === 'late') {
      passed = passed.filter(({ at, why }) => why !== 'later' || at !== action.at);
      continue;
    }
    if (action.do === 'confirm' && action.passed) passed.push({ at: rows, why: action.passed.why });
    if (action.do === 'jump') passed = passed.filter(({ at }) => at <= action.to);
    ticks = action.do === 'confirm' ? ticks + 1 : 0;
    // Rows that are torn back take with them what went wrong in them.
    if (action.do === 'jump') faults = faults.filter((at) => at <= action.to);
    if (action.do === 'row') rows++;
    if (action.do === 'jump') rows = action.to;
  }
  return { rows, ticks, faults, passed: passed.map(({ at, why }) => `${at} ${why}`) };
}

describe('progressOf', () => {
  it.each<[string, CrankAction[], number, number, boolean]>([
    ['nothing', [], 0, 0, false],
    ['two rows', [row, row], 2, 0, true],
    ['a row taken back', [row, row, undo], 1, 0, true],
    ['more undone than done', [row, undo, undo, undo], 0, 0, false],
    ['a jump', [row, jump(40), row], 41, 0, true],
    ['a jump taken back', [row, row, jump(40), undo], 2, 0, true],
    ['two steps confirmed before the first row', [confirm, confirm], 0, 2, true],
    ['a row ends the confirmations', [confirm, confirm, row], 1, 0, true],
    ['undo brings the confirmations back', [confirm, confirm, row, undo], 0, 2, true]
  ])('%s', (_what, actions, rows, ticks, undoable) => {
    expect(progressOf(actions)).toEqual({ rows, ticks, faults: [], passed: [], undoable });
  });

  it('agrees with striking out what was undone, for any events', () => {
    fc.assert(
      fc.property(fc.array(anyAction, { maxLength: 80 }), (actions) => {
        const { rows, ticks, faults, passed } = progressOf(actions);
        const told = passed.map(({ at, why }) => `${at} ${why}`);
        expect({ rows, ticks, faults: faults.map(({ at }) => at), passed: told }).toEqual(slowly(actions));
      })
    );
  });

  it('keeps what was passed over with its reason; what was put off is done late, what was never done stays', () => {
    const later: CrankAction = { do: 'confirm', step: 'a', passed: { why: 'later' } };
    const never: CrankAction = { do: 'confirm', step: 'b', passed: { why: 'too-late', said: 'forgotten' } };
    const all = [row, later, row, never, row];
    const b = { step: 'b', at: 2, why: 'too-late', said: 'forgotten' };
    expect(progressOf(all)).toMatchObject({ rows: 3, passed: [{ step: 'a', at: 1, why: 'later' }, b] });
    expect(progressOf([...all, { do: 'late', step: 'a', at: 1 }]).passed).toEqual([b]);
    expect(progressOf([...all, { do: 'late', step: 'b', at: 2 }]).passed).toHaveLength(2);
  });

  it('every undo leads exactly where the count stood before', () => {
    fc.assert(
      fc.property(fc.array(anyAction, { maxLength: 60 }), anyAction, (actions, next) => {
        fc.pre(next.do !== 'undo');
        expect(progressOf([...actions, next, undo])).toEqual(progressOf(actions));
      })
    );
  });
});
