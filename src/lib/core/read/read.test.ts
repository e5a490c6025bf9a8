import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyBrief, anyKit } from '../../../../tests/support/arbitrary';
import { hat, made, planned, sampleKit, withLadder } from '../../../../tests/support/sample';
import { KINDS } from '../kinds';
import { SMALL_GARMENT } from '../kinds/waistcoat';
import { type Kit, machineOf, ringMm } from '../kit';
import { FORMS, OPERATIONS } from '../plan';
import { type Result, tryPlan } from '../tomble';
import { actSketch } from '$lib/draw/acts';
import { speak } from '$lib/words';
import { told } from '../../../../tests/support/said';
import { ACTS } from '../hand';
import { off } from '../hand/off';
import { allRows } from '../knit';
import { cutsOf } from './cuts';
import { PLACES } from './places';
import { trackOf } from './track';
import { finishedSketch } from './worn';
import { CUT_PARTS } from './yarn-use';

/** Metres of yarn for the rows alone, from the plan's own list of operations and not from the fabric. */
function rowMetresByHand(result: Result, yarnId: string): number {
  const i = result.fabric.yarns.indexOf(yarnId);
  const { strands } = result.yarns[i]!;
  return result.plan.pieces.reduce((sum, piece, p) => {
    // Stitches counted as a knitter would: what was cast on, less what went, more what came.
    const { pins, reach } = machineOf(result.kit, piece.machineId);
    // In PANEL mode what stands at an end of the ring is not knitted.
    const [first, last] = piece.mode === 'panel' ? [1 + reach.start, pins - reach.end] : [1, pins];
    const knitted = (from: number, to: number): number => Math.min(to, last) - Math.max(from, first) + 1;
    let live = knitted(piece.from, piece.to);
    let stitches = 0;
    for (const op of piece.operations) {
      if (op.op === 'castOn' && op.pins) live = knitted(op.pins.from, op.pins.to);
      else if (op.op === 'decrease' || op.op === 'hold') live -= op.stitches;
      else if (op.op === 'increase') live += op.stitches;
      else if (op.op === 'knit' && op.yarn === yarnId) stitches += op.rows * live;
    }
    return sum + (piece.copies * stitches * result.gauges[p]![i]!.loopMm * strands) / 1000;
  }, 0);
}

const done = { operations: new Set<string>(), acts: new Set<string>(), forms: new Set<string>() };

/** Books that must balance: tails, stitches of every end, yarn that is cut. */
function checkAccounts(result: Result): void {
  const { worked, plan: planned } = result;
  // Every tail that was made is tied, woven in, buried or meant to hang; the acts say how many they dealt with.
  const tails = (fates: readonly string[]): number => worked.tails.filter((t) => fates.includes(t.fate)).reduce((sum, t) => sum + t.times, 0); // prettier-ignore
  expect(tails(['tied', 'woven', 'inside', 'hanging'])).toBe(worked.tails.reduce((sum, t) => sum + t.times, 0));
  const wove = worked.done.reduce((sum, did) => sum + (did.do === 'weave' ? (did.facts?.tails ?? 0) : 0), 0);
  expect(wove).toBe(tails(['woven', 'inside']));

  // Every stitch of both ends is there once, however often its edge was cut into runs, and something holds it.
  const start = off(result);
  for (const edge of ['cast-on', 'hung-off'] as const) {
    start.parts.forEach((part) => {
      const stitches = (s: typeof start): number => s.runs.filter((r) => r.part === part.id && r.run === edge && !r.cut).reduce((sum, r) => sum + r.hi - r.lo + 1, 0); // prettier-ignore
      // Columns latched out of floats add their stitches to both ends.
      const latched = worked.done.reduce((sum, did) => sum + (did.do === 'latch' && did.act.piece === part.piece ? (did.facts?.columns ?? 0) * (did.facts?.groups ?? 0) : 0), 0); // prettier-ignore
      expect(stitches(worked.state)).toBe(stitches(start) + latched);
    });
  }
  const live = start.runs.filter((r) => ['open', 'thread', 'left', 'rungs'].includes(r.hold));
  for (const { part, run, lo, hi } of live) {
    const now = worked.state.runs.filter((r) => r.part === part && r.run === run && !r.cut && r.lo >= lo && r.hi <= hi);
    for (const r of now) expect(['joined', 'bound', 'drawn', 'sewn', 'run'], `${run} ${r.hold}`).toContain(r.hold);
  }

  // The cutting list is what the yarn use counts, purpose by purpose.
  for (const use of result.yarnUse) {
    const { strands } = result.yarns[result.fabric.yarns.indexOf(use.yarnId)]!;
    for (const [what, name] of Object.entries(CUT_PARTS)) {
      const cut = cutsOf(result).filter((line) => line.yarnId === use.yarnId && line.what === what);
      const metres = cut.reduce((sum, line) => sum + (line.lengthMm * line.count) / 1000, 0);
      const counted = use.parts.filter((part) => part.what === name).reduce((sum, part) => sum + part.metres, 0);
      expect(counted, name).toBeCloseTo(metres * strands, 6);
    }
  }

  // Exactly the openings the kind promised.
  for (const promise of planned.promises) {
    const mine = worked.things.filter((thing) => thing.name === promise.name);
    for (const thing of mine) {
      expect(thing.openings.map((o) => o.name).sort()).toEqual(promise.openings.map((o) => o.name).sort());
    }
  }
}

/** What must hold of any plan of any kind. */
function check(result: Result): void {
  expect(result.refusals).toEqual([]);
  const { pieces } = result.plan;
  pieces.forEach((planned, p) => {
    const piece = result.fabric.pieces[p]!;
    const { operations } = planned;

    // Every row: one yarn, one place; the places are in the order the fabric is folded.
    const knitRows = operations.reduce((sum, op) => sum + (op.op === 'knit' ? op.rows : 0), 0);
    expect(piece.rows).toBe(knitRows);
    const { place } = result.reveal.pieces[p]!;
    expect(place).toHaveLength(knitRows);
    for (let row = 0; row < piece.rows; row++) {
      expect(result.fabric.yarns[piece.yarn[row]!]).toBeDefined();
      expect(PLACES[place[row]!]).toBeDefined();
      expect(PLACES[place[row]!] === 'removed').toBe(piece.purpose[row] !== 0);
    }
    const shares = result.reveal.shares.filter((share) => share.piece === p);
    expect(shares.reduce((sum, share) => sum + share.rows, 0)).toBe(knitRows);

    // Steps: every operation exactly once, rows without gap or overlap.
    const own = result.steps.filter((s) => s.piece === p && s.phase !== 'finish');
    expect(own.flatMap((s) => (s.operation === null ? [] : [s.operation]))).toEqual(operations.map((_, i) => i));
    let next = 1;
    for (const step of own) {
      expect(step.copies).toBe(step.eachCopy ? planned.copies : 1);
      if (!step.rows) continue;
      expect(step.rows.from).toBe(next);
      next = step.rows.to + 1;
      for (const cue of step.cues) expect(cue.row >= step.rows.from - 1 && cue.row <= step.rows.to).toBe(true);
    }
    expect(next).toBe(knitRows + 1);

    // The trace ends with an empty ring.
    expect(piece.trace).toHaveLength(operations.length);
    expect(piece.trace.at(-1)).toMatchObject({ occupied: 0, rowsAfter: knitRows });
    operations.forEach((op) => done.operations.add(op.op));
  });

  // Yarn: the sum over rows, and every part counted once.
  for (const use of result.yarnUse) {
    const rows = use.parts.filter((part) => part.what.endsWith('rows')).reduce((sum, part) => sum + part.metres, 0);
    expect(rows).toBeCloseTo(rowMetresByHand(result, use.yarnId), 6);
    expect(use.parts.reduce((sum, part) => sum + part.metres, 0)).toBeCloseTo(use.metres.value, 9);
    expect(use.metres.low).toBeLessThanOrEqual(use.metres.value);
    expect(use.metres.high).toBeGreaterThanOrEqual(use.metres.value);
  }

  // Hands: nothing refused, nothing left over, every act one step and a drawing made of numbers.
  expect(result.worked.refusals).toEqual([]);
  expect(result.worked.left).toEqual([]);
  expect(result.steps.flatMap((s) => (s.act === null ? [] : [s.act]))).toEqual(result.plan.acts.map((_, i) => i));
  expect(new Set(result.steps.map((s) => s.id)).size).toBe(result.steps.length);
  checkAccounts(result);
  const say = speak(result);
  // Of acts that are alike the first three are drawn: a blanket of hundreds of blocks has as many seams.
  const drawn = new Map<string, number>();
  result.plan.acts.forEach((act, i) => {
    done.acts.add(act.do);
    const like = [act.do, 'how' in act ? act.how : '', 'by' in act ? act.by : ''].join(' ');
    drawn.set(like, (drawn.get(like) ?? 0) + 1);
    if (drawn.get(like)! > 3) return;
    const sketch = actSketch(result, i, say);
    expect(sketch === null, act.do).toBe(act.do === 'own');
    expect(JSON.stringify(sketch)).not.toMatch(/null,null|NaN|Infinity|undefined/);
  });

  // The finished thing: figures in order, a picture made of numbers.
  for (const { figure } of result.sizes.finished) {
    expect(figure.low).toBeLessThanOrEqual(figure.value + 1e-9);
    expect(figure.high).toBeGreaterThanOrEqual(figure.value - 1e-9);
  }
  for (const shape of finishedSketch(result)?.shapes ?? []) {
    for (const [x, y] of shape.points) expect(Number.isFinite(x) && Number.isFinite(y)).toBe(true);
  }
  if (result.plan.worn) done.forms.add(result.plan.worn.form);

  // All minutes, all rows of the track, all copies.
  const minutes = result.steps.reduce((sum, s) => sum + s.minutes * s.copies, 0);
  expect(result.pace.all.value).toBeCloseTo(minutes, 6);
  expect(trackOf(result).rows).toBe(allRows(result));
  for (const step of told(result)) expect(`${step.title} ${step.detail}`).not.toMatch(/NaN|undefined|Infinity/);
}

describe('for any valid kit and brief', () => {
  it.each(KINDS.map((kind) => [kind.code, kind] as const))(
    '%s: rows, yarn, places, steps and trace agree',
    (_code, kind) => {
      fc.assert(
        fc.property(
          anyKit.chain((kit) => anyBrief(kit, kind).map((brief) => ({ kit, brief }))),
          ({ kit, brief }) => {
            const result = planned(kit, brief);
            if (result) check(result);
          }
        ),
        { numRuns: 40 }
      );
      // What a new project shows, on every ring.
      for (const pins of [20, 22, 40, 44, 46, 48]) check(made(kind.code, {}, sampleKit({ machine: { pins } })));
    }
  );

  it("a child's back in one piece: both underarms, with the yarn cut or one row later", () => {
    for (const farSide of ['cut', 'next-row']) {
      for (const shoulders of ['straight', 'sloped']) {
        const result = made('waistcoat', { ...SMALL_GARMENT, farSide, shoulders });
        expect(result.plan.pieces[0]!.label).toBe('Back');
        check(result);
      }
    }
  });

  it('the random plans exercised the whole language', () => {
    // Ladders run down off the machine now; at the machine one is dropped only by hand-made plans.
    check(withLadder());
    // Stitches are latched up where some were dropped at the crank.
    const hat = made('lined-hat');
    const dropped = tryPlan(hat.kit, hat.brief, [{ kind: 'dropped', piece: 0, copy: 1, row: 20, pin: 9, over: 2 }]);
    if (!dropped.ok) throw new RangeError(dropped.faults[0]!.path);
    check(dropped.value);
    expect([...done.operations].sort()).toEqual([...OPERATIONS].sort());
    expect([...done.acts].sort()).toEqual([...ACTS].sort());
    expect([...done.forms].sort()).toEqual([...FORMS].sort());
  });
});

/** Oracle for the reveal: the tube as a strip of paper folded in half, its edge turned up, looked at from outside. */
function foldStrip(rows: number, turn: number, crown: number): string[] {
  const layer = Math.floor(rows / 2);
  return Array.from({ length: rows }, (_, row) => {
    if (row < crown || row >= rows - crown) return 'crown';
    const outside = row < layer;
    // Distance from the fold, in rows, on either layer.
    const fromFold = outside ? layer - row : row - layer + 1;
    if (outside) return fromFold <= 2 * turn ? 'under-brim' : 'outside';
    return fromFold <= turn ? 'turned-up' : 'lining';
  });
}

describe('reveal', () => {
  it('agrees with a strip of paper folded in half', () => {
    fc.assert(
      fc.property(fc.integer({ min: 60, max: 300 }), fc.integer({ min: 0, max: 60 }), (rows, turnUpMm) => {
        const result = hat({ sizeBy: 'rows', rows, turnUpMm });
        const { reveal } = result;
        const names = [...reveal.pieces[0]!.place].map((code) => PLACES[code]!);
        const crown = names.findIndex((name) => name !== 'crown');
        expect(names).toEqual(foldStrip(rows, reveal.turnRows, crown));
      }),
      { numRuns: 60 }
    );
  });

  it('5 cm turned up at full stretch take about 17 rows (5 cm / 0.287 cm)', () => {
    expect(hat({ turnUpMm: 50 }).reveal.turnRows).toBe(17);
  });
});

describe('outline', () => {
  it('bands stack without gap and the fold halves the work', () => {
    const { outline, sizes } = hat({ sizeBy: 'rows', rows: 120 });
    const [tube] = outline.tubes;
    expect(tube!.heightMm).toBeCloseTo(sizes.pieces[0]!.lengthMm.value, 9);
    expect(tube!.fold).toEqual({ row: 60, heightMm: 300 });
    let at = 0;
    for (const band of tube!.bands) {
      expect(band.bottomMm).toBeCloseTo(at, 9);
      at = band.topMm;
    }
  });

  it('the worn layers are as long as the rows that make them', () => {
    const { outline, reveal } = hat({ turnUpMm: 40 });
    const worn = outline.worn!;
    const length = (bands: readonly { fromMm: number; toMm: number }[]) => bands.at(-1)!.toMm - bands[0]!.fromMm;
    expect(length(worn.outer)).toBeCloseTo(worn.arcMm, 6);
    expect(length(worn.brim)).toBeCloseTo(length(worn.under), 6);
    expect(length(worn.lining)).toBeCloseTo(worn.arcMm, 3);
    expect(length(worn.brim) / reveal.turnRows).toBeCloseTo(3, 1);
  });
});

describe('yarn use', () => {
  it('a plain hat by hand: rows, cast-on round the ring, tail, drawstring', () => {
    const kit: Kit = sampleKit();
    const result = hat({ style: 'plain', sizeBy: 'rows', rows: 110, turnUpMm: 0 }, kit);
    const ring = ringMm(kit.machines[0]!);
    const byHand = (110 * 48 * result.gauges[0]![0]!.loopMm + ring + 450 + 2 * ring) / 1000;
    expect(result.yarnUse[0]!.metres.value).toBeCloseTo(byHand, 6);
    // 500 tex is 2 metres to the gram.
    expect(result.yarnUse[0]!.grams.value).toBeCloseTo(byHand / 2, 6);
    expect(result.yarnUse[0]!.balls.value).toBeCloseTo(byHand / 200, 6);
  });

  it('two strands take twice the metres of the same rows', () => {
    const one = hat({ style: 'plain', sizeBy: 'rows', rows: 110 }).yarnUse[0]!.metres.value;
    const two = hat({ style: 'plain', sizeBy: 'rows', rows: 110 }, sampleKit(), { strands: { red: 2 } }).yarnUse[0]!
      .metres.value;
    expect(two).toBeCloseTo(2 * one, 6);
  });
});
