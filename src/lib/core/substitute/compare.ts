import { headFit, reachOver } from '../body';
import { colourDifference, heldTex, type Kit, machineOf, ringMm, tightness, type Yarn, yarnName, yarnOf } from '../kit';
import { changed, type Finding } from '../plan';
import type { Figure } from '../quantity';
import { pieceAt, workRows } from '../read';
import type { PathFault } from '../faults';
import { type Result, tryPlan } from '../tomble';
import type { Question } from './question';
import { betterStrands, type Candidate } from './rank';
import { type Swap, swapsOf } from './swap';
import { type Judged, type Verdict, verdictOf } from './verdict';

/** How one yarn would do in place of another: read from the plan that the swap would make. */
export interface Substitute extends Judged, Verdict {
  readonly strands: number;
  readonly keep: Swap['keep'];
  /** The yarn that is there now, in the same table. */
  readonly isOriginal: boolean;
  readonly stitches: number;
  /** Rows of the work of the piece that is compared. */
  readonly rows: number;
  /** Whole rows more than now; fewer below 0. */
  readonly rowsMore: number;
  readonly flatWidthMm: Figure;
  readonly lengthMm: Figure;
  readonly metres: Figure;
  readonly grams: Figure;
  readonly balls: Figure;
  readonly wash: Yarn['behaviour']['wash'];
  /** Machine on which nobody has measured it yet; null where somebody has. */
  readonly unmeasuredOn: string | null;
}

/** What came of planning one yarn: how it would do with the plan itself, or why there is none. */
export type Answer = Candidate &
  (
    | { readonly ok: true; readonly is: Substitute; readonly then: Result }
    | { readonly ok: false; readonly faults: readonly PathFault[] }
  );

/** A question that was planned as it stands: every other yarn is compared with it. */
export interface Asked {
  readonly now: Result;
  readonly original: Substitute;
  /** Plans one yarn in its place. */
  readonly compare: (candidate: Candidate) => Answer;
  /** The candidates, each that is too thin by itself also with the strands that suit the hooks. */
  readonly withStrands: (candidates: readonly Candidate[]) => Candidate[];
}

/** The piece that is compared: the first with rows of a yarn in its work. */
function pieceOf({ fabric }: Result, yarnId: string): number {
  const index = fabric.yarns.indexOf(yarnId);
  return Math.max(
    0,
    fabric.pieces.findIndex((piece) => workRows(piece).has(index))
  );
}

/** What keeps a plan from being made that the plan of before did not have. Yarn that is short is told by its grams. */
export function newStops(before: Pick<Result, 'findings'>, after: Pick<Result, 'findings'>): Finding[] {
  const had = new Set(before.findings.flatMap((f) => (f.weight === 'stop' ? [f.code] : [])));
  return after.findings.filter((f) => f.weight === 'stop' && f.code !== 'yarn-short' && !had.has(f.code));
}

/** Figures of one yarn in a plan. */
function figuresOf(run: Result, yarnId: string) {
  const p = pieceOf(run, yarnId);
  const index = run.fabric.yarns.indexOf(yarnId);
  return { run, p, size: run.sizes.pieces[p]!, use: run.yarnUse[index]!, gauge: pieceAt(run, p).gauges[index]! };
}

/**
 * Plans a question, and answers how other yarns would do: each answer is read from the very plan that the swap makes.
 *
 * @param kit with every candidate among its yarns
 * @returns the plan as it is with what answers for others, or why it cannot be planned
 * @throws RangeError when the kit does not have the yarn, or no row of the work is knitted in it
 * @example ask(kit, { brief, yarnId: 'red', keep: 'size' }).value.compare({ yarn: tide, strands: 1 }).is.rowsMore // -8
 */
export function ask(
  kit: Kit,
  { brief, yarnId, keep }: Question
): { readonly ok: true; readonly value: Asked } | { readonly ok: false; readonly faults: readonly PathFault[] } {
  const planned = tryPlan(kit, brief);
  if (!planned.ok) return planned;
  const now = planned.value;
  if (!workYarns(now).includes(yarnId)) throw new RangeError(`yarnId must be knitted in the work; received ${yarnId}`);
  const own = yarnOf(kit, yarnId, brief.strands);
  const machine = machineOf(kit, brief.machineId);
  const swap = swapsOf(kit, now);
  const others = workYarns(now).filter((id) => id !== yarnId);
  /** The other yarn of the work that a colour is nearest to, where it is nearer than the one that is there now. */
  const nearest = (hex: string): Judged['neighbour'] =>
    others
      .map((id) => yarnOf(kit, id, brief.strands))
      .map((y) => ({
        id: y.id,
        name: yarnName(y),
        apart: colourDifference(hex, y.colour.hex),
        was: colourDifference(own.colour.hex, y.colour.hex)
      }))
      .filter(({ apart, was }) => apart < was)
      .sort((a, b) => a.apart - b.apart)[0] ?? null;
  const before = figuresOf(now, yarnId);

  const told = (candidate: Candidate, run: Result, first: Substitute | null): Substitute => {
    const { yarn, strands } = candidate;
    const { p, size, use, gauge } = figuresOf(run, yarn.id);
    const { worn } = run.plan;
    const headMm = worn && 'headMm' in worn ? worn.headMm : null;
    const per = { pins: machine.pins, courses: gauge.courses.value, wales: gauge.wales.value };
    const unjudged = {
      yarn,
      strands,
      keep,
      isOriginal: first === null,
      tube: pieceAt(run, p).planned.mode === 'tube',
      stitches: pieceAt(run, p).fabric.width,
      rows: size.rows,
      rowsMore: size.rows - before.size.rows,
      flatWidthMm: size.flatWidthMm,
      lengthMm: size.lengthMm,
      tightness: tightness(heldTex({ ...yarn, strands }), gauge.loopMm),
      stretch: headMm === null ? null : 100 * headFit(headMm, per).stretch,
      reach: headMm === null ? null : reachOver(headMm, 2 * size.flatWidthMm.value, ringMm(machine)),
      metres: use.metres,
      grams: use.grams,
      balls: use.balls,
      wash: yarn.behaviour.wash,
      colourOff: colourDifference(own.colour.hex, yarn.colour.hex),
      neighbour: first ? nearest(yarn.colour.hex) : null,
      lengthOff: (size.lengthMm.value / before.size.lengthMm.value - 1) * 100,
      widthOff: (size.flatWidthMm.value / before.size.flatWidthMm.value - 1) * 100,
      // What is short is told by the grams.
      stops: first ? newStops(now, run).length : 0,
      unmeasuredOn: gauge.courses.basis === 'default' ? machine.name : null
    };
    return { ...unjudged, ...verdictOf(unjudged, first) };
  };

  const original = told({ yarn: own, strands: own.strands }, now, null);
  const loopMm = original.tightness > 0 ? (10 * Math.sqrt(heldTex(own))) / original.tightness : 0;
  return {
    ok: true,
    value: {
      now,
      original,
      compare: (candidate) => {
        const { yarn, strands } = candidate;
        const then = tryPlan(kit, changed(brief, swap({ from: yarnId, to: yarn.id, strands, keep })));
        if (!then.ok) return { ...candidate, ok: false, faults: then.faults };
        return { ...candidate, ok: true, is: told(candidate, then.value, original), then: then.value };
      },
      withStrands: (candidates) =>
        candidates.flatMap((c) => {
          const strands = c.strands === 1 ? betterStrands(c.yarn, loopMm) : null;
          const there = candidates.some((o) => o.yarn.id === c.yarn.id && o.strands === strands);
          return strands === null || there ? [c] : [c, { yarn: c.yarn, strands }];
        })
    }
  };
}

/** Yarns of a plan that could be replaced: those of the work, most stitches first. */
export function workYarns({ fabric }: Pick<Result, 'fabric'>): string[] {
  const stitches = new Map<number, number>();
  for (const piece of fabric.pieces) {
    for (const [yarn, rows] of workRows(piece)) stitches.set(yarn, (stitches.get(yarn) ?? 0) + rows * piece.width);
  }
  return [...stitches].sort((a, b) => b[1] - a[1]).map(([index]) => fabric.yarns[index]!);
}

/** Answers in the order they are shown: the best first, then those that cannot be planned. */
export const inOrder = <A extends { ok: true; is: Substitute } | { ok: false }>(answers: readonly A[]): A[] =>
  [...answers].sort((a, b) => (a.ok ? a.is.score : Infinity) - (b.ok ? b.is.score : Infinity) || 0);
