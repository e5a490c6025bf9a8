import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKitAndBrief } from '../../../../tests/support/arbitrary';
import { made, planned, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import type { CrankFault } from '../knit';
import { workOf } from '../knit';
import { cuesAhead, trackOf } from '../read';
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

describe('a new ball that came in at the crank', () => {
  const ball = (more: Partial<CrankFault> = {}): CrankFault => drop({ kind: 'new-ball', over: 1, ...more });
  const tailsIn = (result: Result) => result.worked.tails.reduce((sum, tail) => sum + tail.times, 0);

  it('of any kind makes two tails more, and none of them stays loose', () => {
    for (const kind of KINDS) {
      const plain = made(kind.code);
      if (plain.plan.pieces.length === 0) continue;
      const { before, rows } = workOf(plain.fabric.pieces[0]!);
      const result = withFaults(plain, [ball({ row: before + Math.ceil(rows / 2) - 1 || 1, pin: plain.fabric.pieces[0]!.firstPin })]); // prettier-ignore
      expect(result.worked.refusals, kind.code).toEqual([]);
      expect(result.worked.left, kind.code).toEqual(plain.worked.left);
      expect(tailsIn(result), kind.code).toBe(tailsIn(plain) + 2);
      const ids = new Set(result.steps.map((s) => s.id));
      for (const step of plain.steps) expect(ids.has(step.id), `${kind.code} ${step.id}`).toBe(true);
    }
  });

  it('of any plan: two tails and their yarn for each that came into the work, waste and ends of the piece left out', () => {
    const at = fc.record({ row: fc.integer({ min: 1, max: 300 }), copy: fc.integer({ min: 1, max: 3 }) });
    fc.assert(
      fc.property(
        anyKitAndBrief,
        fc.uniqueArray(at, { maxLength: 4, selector: (f) => f.row }),
        ({ kit, brief }, list) => {
          const plain = planned(kit, brief);
          const knitted = plain?.fabric.pieces[0];
          if (!plain || !knitted || plain.refusals.length > 0) return;
          const faults = list.filter((f) => f.copy <= plain.plan.pieces[0]!.copies).map((f) => ball({ ...f, pin: knitted.firstPin })); // prettier-ignore
          const result = withFaults(plain, faults);
          const { before, rows } = workOf(knitted);
          const inside = faults.filter((f) => f.row > before && f.row < before + rows);
          expect(tailsIn(result)).toBe(tailsIn(plain) + 2 * inside.length);
          expect(result.worked.left).toEqual(plain.worked.left);
          const joined = (of: Result) => of.yarnUse.flatMap((use) => use.parts).filter((part) => part.what === 'tails at joins').reduce((sum, part) => sum + part.metres, 0); // prettier-ignore
          const there = faults.filter((f) => f.row <= knitted.rows).length;
          const strands = result.yarns[knitted.yarn[0]!]!.strands;
          if (result.yarns.every((yarn) => yarn.strands === strands))
            expect(joined(result) - joined(plain)).toBeCloseTo(0.4 * there * strands, 6);
        }
      ),
      { numRuns: 40 }
    );
  });

  it('is tied some rows later, in its own copy', () => {
    const plain = made('toy-figure');
    const piece = plain.plan.pieces.findIndex((p) => p.copies > 1);
    expect(piece).toBeGreaterThanOrEqual(0);
    const { firstPin } = plain.fabric.pieces[piece]!;
    const result = withFaults(plain, [ball({ piece, copy: 2, row: 6, pin: firstPin })]);
    const ties = (of: Result) => trackOf(of).legs.filter((leg) => leg.piece === piece).map((leg) => leg.balls); // prettier-ignore
    expect(ties(plain).flat()).toEqual([]);
    expect(ties(result).slice(0, 2)).toEqual([[], [6]]);
    // After the last row, and in waste, there is no join to be tied.
    const { before, rows } = workOf(plain.fabric.pieces[piece]!);
    const outside = [before, before + rows].filter((row) => row > 0);
    const none = withFaults(plain, outside.map((row) => ball({ piece, copy: 1, row, pin: firstPin }))); // prettier-ignore
    expect(ties(none).flat()).toEqual([]);
    const leg = trackOf(result).legs.find((l) => l.piece === piece && l.copy === 2)!;
    const due = leg.offset + 6 + result.kit.habits.tieAfterRows;
    expect(cuesAhead(trackOf(result), due).filter((c) => c.kind === 'tie' && c.inRows === 0)).toHaveLength(1);
  });
});
