import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { made, planned, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import type { CrankFault } from '../knit';
import { workOf } from '../knit';
import { type Result, tryPlan } from '../tomble';
import { work } from './work';

/** The same project with what went wrong at the crank. */
function withFaults(result: Result, faults: readonly CrankFault[]): Result {
  const again = tryPlan(result.kit, result.brief, faults);
  if (!again.ok) throw new RangeError(again.faults[0]!.path);
  return again.value;
}
const drop = (more: Partial<CrankFault> = {}): CrankFault => ({ kind: 'dropped', piece: 0, copy: 1, row: 20, pin: 9, over: 3, ...more }); // prettier-ignore

describe('a stitch that was dropped at the crank', () => {
  it('is latched up before anything else is done, in every kind, and nothing stays undone', () => {
    for (const kind of KINDS) {
      const plain = made(kind.code);
      // A pompom never hangs on a ring.
      if (plain.plan.pieces.length === 0) continue;
      const knitted = plain.fabric.pieces[0]!;
      const { before, rows } = workOf(knitted);
      const row = before + Math.ceil(rows / 2);
      const pin = knitted.low[row - 1]!;
      const result = withFaults(plain, [drop({ row, pin, over: 1 })]);
      expect(result.plan.acts[0], kind.code).toMatchObject({ do: 'latchUp', pin, row });
      expect(result.worked.refusals, kind.code).toEqual([]);
      expect(result.worked.left, kind.code).toEqual(plain.worked.left);
      expect(result.steps.filter((s) => s.phase === 'finish')).toHaveLength(plain.steps.filter((s) => s.phase === 'finish').length + 1); // prettier-ignore
      // Ids of the other steps are what they were: what is ticked stays ticked.
      const ids = new Set(result.steps.map((s) => s.id));
      for (const step of plain.steps) expect(ids.has(step.id), `${kind.code} ${step.id}`).toBe(true);
    }
  });

  it('of any plan: every one in the work becomes one act, those in waste and beyond the piece none', () => {
    const at = fc.record({ row: fc.integer({ min: 1, max: 400 }), pin: fc.integer({ min: 1, max: 60 }), over: fc.integer({ min: 1, max: 9 }) }); // prettier-ignore
    fc.assert(
      fc.property(anyKitAndBrief, fc.array(at, { maxLength: 6 }), ({ kit, brief }, list) => {
        const plain = planned(kit, brief);
        const knitted = plain?.fabric.pieces[0];
        if (!plain || !knitted || plain.refusals.length > 0) return;
        const { before, rows } = workOf(knitted);
        const faults = list.map((f) => drop(f));
        const result = withFaults(plain, faults);
        const there = faults.filter((f) => f.row > before && f.row <= before + rows && f.pin >= knitted.firstPin && f.pin < knitted.firstPin + knitted.width); // prettier-ignore
        const done = result.worked.done.filter((d) => d.do === 'latchUp' && d.facts);
        expect(done).toHaveLength(new Set(there.map((f) => `${f.row} ${f.pin}`)).size);
        expect(result.worked.left.filter((l) => l.code === 'dropped')).toEqual([]);
      }),
      { numRuns: 40 }
    );
  });

  it('that ran down into the waste is latched up over the rows of the work alone', () => {
    const plain = made('headband');
    const { before } = workOf(plain.fabric.pieces[0]!);
    expect(before).toBeGreaterThan(2);
    const result = withFaults(plain, [drop({ row: before + 3, over: 5 })]);
    expect(result.worked.done[0]).toMatchObject({ do: 'latchUp', facts: { row: 3, rows: 3 } });
  });

  it('is said where it is left, cannot be reached once the lining hides it, and is latched up once only', () => {
    const hat = withFaults(made('lined-hat', {}, sampleKit()), [drop()]);
    const [latching, ...rest] = hat.plan.acts;
    const tried = (acts: typeof hat.plan.acts) => work({ ...hat, plan: { ...hat.plan, acts } });
    expect(tried(rest).left).toContainEqual({ code: 'dropped', piece: 0, pin: 9 });
    const late = tried([...rest, latching!]);
    expect(late.refusals.map(({ refusal }) => refusal.code)).toEqual(['sealed']);
    expect(tried([latching!, latching!, ...rest]).refusals.map(({ refusal }) => refusal.code)).toEqual([
      'none-dropped'
    ]);
  });
});
