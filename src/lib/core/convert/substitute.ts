import { headFit, reachOver } from '../body';
import { kindOf } from '../kinds';
import {
  colourDifference,
  heldTex,
  type Kit,
  loopLengthMm,
  machineOf,
  NET_BELOW,
  ringMm,
  type PerCm,
  strandTex,
  STRUGGLE_ABOVE,
  tightness,
  type Yarn,
  yarnName,
  yarnOf
} from '../kit';
import { make, type Made } from '../hand';
import { execute, pieceAt } from '../knit';
import type { Act, Brief, Operation, Plan } from '../plan';
import { about, type Figure, type Reason } from '../quantity';
import { readSizes, readYarnUse, workRows } from '../read';
import { plainTube } from './tube';
import { type Judged, type Verdict, verdictOf } from './verdict';

/** A yarn with the strands it would be knitted with. */
export interface Candidate {
  readonly yarn: Yarn;
  readonly strands: number;
}

/** What is to be matched: a project with the yarn that would be replaced, a plain tube, or a tube at a stated gauge. */
export type Original =
  | { readonly from: 'project'; readonly brief: Brief; readonly yarnId: string }
  | { readonly from: 'tube'; readonly machineId: string; readonly yarnId: string; readonly rows: number }
  | {
      readonly from: 'gauge';
      readonly machineId: string;
      readonly yarnId: string;
      readonly rows: number;
      readonly gauge: PerCm;
    };

/** How one yarn would do in place of another. */
export interface Substitute extends Judged, Verdict {
  readonly strands: number;
  /** The yarn that is there now, in the same table. */
  readonly isOriginal: boolean;
  readonly stitches: number;
  /** Rows of the plan that is matched. */
  readonly rows: number;
  readonly flatWidthMm: Figure;
  readonly lengthMm: Figure;
  /** Rows that give the original's length. */
  readonly rowsNeeded: Figure;
  /** Whole rows more for that length; fewer below 0. */
  readonly rowsMore: number;
  readonly metres: Figure;
  readonly grams: Figure;
  readonly balls: Figure;
  readonly wash: Yarn['behaviour']['wash'];
  /** Machine on which nobody has measured it yet; null where somebody has. */
  readonly unmeasuredOn: string | null;
}

/** The counts of the original run in one other yarn: the same program, other yarn in the guide. */
function swapped(kit: Kit, brief: Brief, plan: Plan, from: string, to: Candidate): Made {
  const swap = (id: string): string => (id === from ? to.yarn.id : id);
  const operations = (list: readonly Operation[]): Operation[] =>
    list.map((op) => {
      if ('yarn' in op) return { ...op, yarn: swap(op.yarn) };
      return op.op === 'hangOff' && op.thread ? { ...op, thread: swap(op.thread) } : op;
    });
  const acts = plan.acts.map((act): Act =>
    'yarn' in act && act.yarn !== null ? { ...act, yarn: swap(act.yarn) } : act
  );
  const other: Plan = {
    ...plan,
    pieces: plan.pieces.map((piece) => ({ ...piece, operations: operations(piece.operations) })),
    acts
  };
  return make(execute(kit, { ...brief, strands: { ...brief.strands, [to.yarn.id]: to.strands } }, other));
}

/** The program that is matched. */
function programOf(kit: Kit, original: Original): { brief: Brief; plan: Plan } {
  if (original.from === 'project') {
    const kind = kindOf(original.brief.kind);
    if (!kind) throw new RangeError(`kind must be registered; received ${JSON.stringify(original.brief.kind)}`);
    const options = kind.options.parse(original.brief.options);
    const brief = { ...original.brief, options };
    return { brief, plan: kind.draft(kit, brief, options).plan };
  }
  return plainTube(machineOf(kit, original.machineId), yarnOf(kit, original.yarnId), original.rows);
}

/** The piece a yarn is compared on: the first it knits work rows in. */
function pieceOf(plan: Plan, yarnId: string): number {
  const knits = plan.pieces.findIndex((piece) =>
    piece.operations.some((op) => op.op === 'knit' && op.yarn === yarnId && op.purpose === 'work')
  );
  return Math.max(0, knits);
}

/** The other yarns a program knits work rows in. */
function neighboursOf(plan: Plan, yarnId: string): string[] {
  const ids = plan.pieces.flatMap((piece) =>
    piece.operations.flatMap((op) => (op.op === 'knit' && op.purpose === 'work' ? [op.yarn] : []))
  );
  return [...new Set(ids)].filter((id) => id !== yarnId);
}

/** A run whose gauge was stated by a pattern and not learned. */
function stated(run: Made, gauge: PerCm): Made {
  const because: readonly Reason[] = [{ say: 'typed' }];
  const figure = (value: number): Figure => about(value, 0, 'per-cm', 'measured', because);
  const gauges = run.gauges.map((piece) =>
    piece.map((g) => ({
      ...g,
      courses: figure(gauge.courses),
      wales: figure(gauge.wales),
      loopMm: loopLengthMm(gauge.courses, gauge.wales, g.state)
    }))
  );
  return { ...run, gauges };
}

/** Strands that suit the hooks when one strand is too thin: two, else three. */
function betterStrands(yarn: Yarn, loopMm: number): number | null {
  if (tightness(strandTex(yarn), loopMm) >= NET_BELOW) return null;
  return (
    [2, 3].find((n) => {
      const k = tightness(strandTex(yarn) * n, loopMm);
      return k >= NET_BELOW && k <= STRUGGLE_ABOVE;
    }) ?? null
  );
}

/**
 * Compares yarns in the place of one: same pins, same rows, other yarn. Two or three strands are proposed by
 * themselves where one is too thin.
 *
 * @param kit with every candidate among its yarns
 * @returns the original first, then the candidates, the best first
 * @throws RangeError when the original's kind, machine or yarn is not known
 * @example substitute(kit, { from: 'tube', machineId: 'm', yarnId: 'a', rows: 110 }, [{ yarn: b, strands: 1 }])
 */
export function substitute(kit: Kit, original: Original, candidates: readonly Candidate[]): Substitute[] {
  const { brief, plan } = programOf(kit, original);
  const own = yarnOf(kit, original.yarnId, brief.strands);
  const machine = machineOf(kit, plan.pieces[0]!.machineId);
  const headMm = plan.worn && 'headMm' in plan.worn ? plan.worn.headMm : null;
  const p = pieceOf(plan, original.yarnId);
  const others = neighboursOf(plan, original.yarnId).map((id) => yarnOf(kit, id));
  /** The other yarn of the work that a colour is nearest to, where it is nearer than the one that is there now. */
  const nearest = (hex: string): Judged['neighbour'] =>
    others
      .map((y) => ({
        id: y.id,
        name: yarnName(y),
        apart: colourDifference(hex, y.colour.hex),
        was: colourDifference(own.colour.hex, y.colour.hex)
      }))
      .filter(({ apart, was }) => apart < was)
      .sort((a, b) => a.apart - b.apart)[0] ?? null;
  let first: Substitute | null = null;

  const compare = (candidate: Candidate, isOriginal: boolean): Substitute => {
    const knitted = swapped(kit, brief, plan, original.yarnId, candidate);
    const run = isOriginal && original.from === 'gauge' ? stated(knitted, original.gauge) : knitted;
    const index = run.fabric.yarns.indexOf(candidate.yarn.id);
    const size = readSizes(run).pieces[p]!;
    const use = readYarnUse(run)[index]!;
    const gauge = pieceAt(run, p).gauges[index]!;
    const length = first?.lengthMm.value ?? size.lengthMm.value;
    const width = first?.flatWidthMm.value ?? size.flatWidthMm.value;
    const needed = (mm: number): number => (size.rows * length) / mm;
    const fit =
      headMm === null
        ? null
        : headFit(headMm, { pins: machine.pins, courses: gauge.courses.value, wales: gauge.wales.value });
    const unjudged = {
      yarn: candidate.yarn,
      strands: candidate.strands,
      isOriginal,
      stitches: pieceAt(run, p).fabric.width,
      rows: size.rows,
      rowsMore: Math.round(needed(size.lengthMm.value)) - size.rows,
      flatWidthMm: size.flatWidthMm,
      lengthMm: size.lengthMm,
      rowsNeeded: {
        value: needed(size.lengthMm.value),
        low: needed(size.lengthMm.high),
        high: needed(size.lengthMm.low),
        unit: 'rows' as const,
        basis: size.lengthMm.basis,
        because: [{ say: 'sameLength' as const, rows: size.rows, mm: length, ofMm: size.lengthMm.value }]
      },
      tightness: tightness(heldTex({ ...candidate.yarn, strands: candidate.strands }), gauge.loopMm),
      stretch: fit ? 100 * fit.stretch : null,
      reach: headMm === null ? null : reachOver(headMm, 2 * size.flatWidthMm.value, ringMm(machine)),
      metres: use.metres,
      grams: use.grams,
      balls: use.balls,
      wash: candidate.yarn.behaviour.wash,
      colourOff: colourDifference(own.colour.hex, candidate.yarn.colour.hex),
      neighbour: isOriginal ? null : nearest(candidate.yarn.colour.hex),
      lengthOff: (size.lengthMm.value / length - 1) * 100,
      widthOff: (size.flatWidthMm.value / width - 1) * 100
    };
    const unmeasuredOn = gauge.courses.basis === 'default' ? machine.name : null;
    return { ...unjudged, unmeasuredOn, ...verdictOf(unjudged, first) };
  };

  first = compare({ yarn: own, strands: own.strands }, true);
  const all = candidates.filter((c) => c.yarn.id !== own.id || c.strands !== own.strands);
  const loop = first.tightness > 0 ? (10 * Math.sqrt(heldTex(own))) / first.tightness : 0;
  const more = all.flatMap((c): Candidate[] => {
    const strands = c.strands === 1 ? betterStrands(c.yarn, loop) : null;
    const there = all.some((o) => o.yarn.id === c.yarn.id && o.strands === strands);
    return strands === null || there ? [] : [{ yarn: c.yarn, strands }];
  });
  const rest = [...all, ...more].map((c) => compare(c, false));
  return [first, ...rest.sort((a, b) => a.score - b.score)];
}

/** Yarns of a run that could be replaced: those of the work, most stitches first. */
export function workYarns(run: Made): string[] {
  const stitches = new Map<number, number>();
  for (const piece of run.fabric.pieces) {
    for (const [yarn, rows] of workRows(piece)) stitches.set(yarn, (stitches.get(yarn) ?? 0) + rows * piece.width);
  }
  return [...stitches].sort((a, b) => b[1] - a[1]).map(([index]) => run.fabric.yarns[index]!);
}

/** The yarns nearest in thickness to one, as they are usually held, nearest first. */
export function nearestYarns(kit: Kit, own: Yarn, most: number): Candidate[] {
  const apart = (y: Yarn): number => Math.abs(Math.log(heldTex(y) / heldTex(own)));
  return kit.yarns
    .filter((y) => y.id !== own.id)
    .map((yarn) => ({ yarn, strands: yarn.strands }))
    .sort((a, b) => apart(a.yarn) - apart(b.yarn))
    .slice(0, most);
}
