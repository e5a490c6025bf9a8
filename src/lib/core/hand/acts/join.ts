import { pieceAt } from '../../knit';
import { machineOf, ringMm } from '../../kit';
import { type Edge, halfOfRun, otherFace } from '../../plan';
import { instancesOf } from '../instances';
import { HOLD_MM, hookYarnMm, seamYarnMm } from '../lengths';
import { tailRefuse, useTail } from '../own-tail';
import { acrossPath, loopPath, pairPath } from '../path';
import { closeRim, endRuns, glue, rimAt, sideOf } from '../rims';
import type { Refusal } from '../refusal';
import { seamJob } from '../seam-job';
import type { CutWhat, Run, Seam, SeamSide } from '../state';
import { addCut, addCutTails, tailsAt } from '../tails';
import { type ActRule, notOff, type Table } from './rule';
import {
  bothEnds,
  type Chains,
  chainsAgain,
  chainsOf,
  endsRefuse,
  isHalf,
  type JoinAct,
  pairRefuse,
  runsIn
} from './seam-edges';

/** Two bars at a time take so much of the minutes of one (own estimate, no source). */
const TWO_BARS = 0.7;

export interface JoinFacts {
  readonly a: SeamSide;
  readonly b: SeamSide;
  /** Length of the seam as it lies, mm. */
  readonly mm: number;
  /** Yarn that is cut; 0 where none is. */
  readonly cutMm: number;
  /** What it takes of the work's own tail; null where a length is cut, or nothing is sewn. */
  readonly ownMm: number | null;
  /** Both halves of one end are closed on each other. */
  readonly halves: boolean;
  /** A stitch is over: it goes with its neighbour. */
  readonly odd: boolean;
  /** Loops left out, and whether they ran down already. */
  readonly left: number;
  readonly ran: boolean;
  /** Pins of a closed end in the order they are taken; empty for any other seam. */
  readonly path: readonly number[];
  /** Bars at a time of mattress stitch; null for any other seam. */
  readonly bars: 1 | 2 | null;
}

/** Yarn a seam takes: what is cut, and what it counts as. */
function yarnOf(act: JoinAct, t: Table, mm: number, gathered: boolean): { mm: number; what: CutWhat } {
  if (act.yarn === null) return { mm: 0, what: 'seam' };
  if (act.by === 'zip') {
    const machine = machineOf(t.run.kit, pieceAt(t.run, act.a[0]!.piece).planned.machineId);
    // Once through both edges: twice round the ring, and a hand's length to hold at either end.
    return { mm: Math.round(2 * ringMm(machine) + 2 * HOLD_MM), what: 'zip' };
  }
  const what: CutWhat = gathered ? 'toe' : isHalf(act) || act.across ? 'closing' : 'seam';
  return { mm: act.by === 'hook' || act.by === 'together' ? hookYarnMm(mm) : seamYarnMm(mm), what };
}

/** Tails of a closed edge are laid out over it, so that they can be reached; those of a zipped one likewise. */
function tailsOut(t: Table, part: number, act: JoinAct): void {
  const [outer] = t.s.parts[part]!.layers;
  const { piece } = t.s.parts[part]!;
  for (const edge of ['cast-on', 'hung-off'] as const) {
    const joins = bothEnds(act) || [...act.a, ...act.b].some((ref) => ref.piece === piece && ref.run === edge);
    if (!joins || (act.by !== 'zip' && rimAt(t.s, part, edge))) continue;
    for (const tail of tailsAt(t.s, part, edge)) if (tail.fate === 'loose' || tail.fate === 'string') Object.assign(tail, outer); // prettier-ignore
  }
}

/** Ways of joining that leave a ridge on the side that is worked from. */
const RIDGED: readonly JoinAct['by'][] = ['loops', 'hook', 'needle', 'zip'];

/** Where the ridge of a seam lies: towards the worker, or behind it where bars are taken from the right side. */
function ridgeOf(act: JoinAct, t: Table, part: number): Seam['ridge'] {
  const [outer] = t.s.parts[part]!.layers;
  if (RIDGED.includes(act.by) || act.name === 'front-twisted') return { part, half: outer!.half, face: outer!.face };
  return act.by === 'mattress' ? { part, half: outer!.half, face: otherFace(act.from ?? 'knit') } : null;
}

/** Both sides of what was joined, and whether a gathered edge was among them. */
interface Sides {
  readonly a: SeamSide;
  readonly b: SeamSide;
  readonly gathered: boolean;
}

/** Both ends of a folded-in tube, fixed to each other. */
function endsJoined(t: Table, act: JoinAct, id: number): Sides {
  const part = t.s.parts[id]!;
  const side = (edge: Edge): SeamSide => {
    const runs = endRuns(t.s, id, edge);
    const sum = (of: (r: Run) => number): number => runs.reduce((total, r) => total + of(r), 0);
    const count = sum((r) => r.hi - r.lo + 1);
    return { piece: part.piece, pieces: [part.piece], count, unit: 'stitches', stitches: 0, mm: sum((r) => r.mm) };
  };
  const [a, b] = [side('cast-on'), side('hung-off')];
  part.linked = true;
  if (act.across)
    for (const edge of ['cast-on', 'hung-off'] as const) {
      closeRim(t.s, part.surface, rimAt(t.s, id, edge)!);
      for (const r of endRuns(t.s, id, edge)) r.hold = 'joined';
    }
  return { a, b, gathered: false };
}

/** Two chains made one. */
function chainsJoined(t: Table, act: JoinAct, part: number, [one, two]: Chains): Sides {
  const [a, b] = [sideOf(t.s, one), sideOf(t.s, two)];
  const runs = [...runsIn(t, one), ...runsIn(t, two)];
  const gathered = runs.some((r) => r.hold === 'gathered');
  glue(t.s, one, two);
  for (const r of runs) r.hold = 'joined';
  leaveOut(act, t, part);
  return { a, b, gathered };
}

/** The order in which the loops of a closed end are taken. */
function pathOf(act: JoinAct, t: Table, part: number): readonly number[] {
  const { run } = act.a[0]!;
  if ((run !== 'cast-on' && run !== 'hung-off') || !(isHalf(act) || act.across)) return [];
  const runs = endRuns(t.s, part, run);
  const [lo, hi] = [Math.min(...runs.map((r) => r.lo)), Math.max(...runs.map((r) => r.hi))];
  if (act.across) return acrossPath(lo, hi);
  return act.by === 'loops' ? loopPath(run, lo, hi, act.leave) : pairPath(lo, hi, act.leave);
}

/** Length of a seam of both ends of a folded-in tube as it lies. */
function endMm(t: Table, part: number, act: JoinAct): number {
  const [a, b] = (['cast-on', 'hung-off'] as const).map((edge) =>
    endRuns(t.s, part, edge).reduce((sum, r) => sum + r.mm, 0)
  );
  return act.across ? a! / 2 : (a! + b!) / 2;
}

/** Length of a seam of two chains as it lies. */
const chainsMm = (t: Table, [a, b]: Chains): number => (sideOf(t.s, a).mm + sideOf(t.s, b).mm) / 2;

/** Why the work's own tail cannot sew it; nothing where a length is cut. */
const tailRefused = (act: JoinAct, t: Table, part: number, mm: number): Refusal | undefined =>
  act.own && tailRefuse(t, seamJob(act, t, part, mm).job);

/** Sews one instance of a seam. */
function joined(t: Table, act: JoinAct, parts: readonly number[], times: number, found?: Chains): JoinFacts {
  const [part] = parts as [number];
  const path = pathOf(act, t, part);
  const { a, b, gathered } = bothEnds(act)
    ? endsJoined(t, act, part)
    : chainsJoined(t, act, part, found ?? chainsAgain(act, t, parts));
  const ridge = ridgeOf(act, t, part);
  for (const p of new Set(parts)) tailsOut(t, p, act);
  const mm = act.across ? a.mm / 2 : (a.mm + b.mm) / 2;
  const own = act.own && seamJob(act, t, part, mm);
  const cut = own ? { mm: 0, what: 'seam' as const } : yarnOf(act, t, mm, gathered);
  if (own) useTail(t, own.job, own.to);
  else if (act.yarn !== null) {
    addCut(t.s, { yarn: act.yarn, what: cut.what, mm: cut.mm, count: times });
    addCutTails(t.s, part, act.yarn, act.name, { half: bothEnds(act) ? undefined : halfOfRun(act.a[0]!.run) });
  }
  t.s.seams.push({ name: act.name, by: act.by, a, b, mm, times, ridge });
  const halves = isHalf(act);
  return {
    a,
    b,
    mm,
    cutMm: cut.mm,
    ownMm: own ? own.job.mm : null,
    halves,
    odd: halves && a.count !== b.count,
    left: act.leave?.length ?? 0,
    ran: (act.leave ?? []).some((pin) => t.s.parts[part]!.ran.includes(pin)),
    path,
    bars: act.by === 'mattress' ? t.run.kit.habits.mattressBars : null
  };
}

/** One seam of two rims, or of runs of them. */
export const join: ActRule<JoinAct, JoinFacts> = {
  pieces: (act) => [...act.a, ...act.b].map((ref) => ref.piece),
  name: (act) => act.name,
  mirror: (act, over) => ({
    ...act,
    a: act.a.map(over.ref),
    b: act.b.map(over.ref),
    ...over.pins(act.a[0]!.piece, 'leave', act.leave)
  }),
  tries: (act, t) => {
    const refs = [...act.a, ...act.b];
    const off = notOff(t, ...refs.map((ref) => ref.piece));
    if (off) return off;
    const instances = instancesOf(t.s, refs);
    const found: Chains[] = [];
    for (const { parts } of instances) {
      if (bothEnds(act)) {
        const refusal = endsRefuse(t, act, parts[0]!) ?? tailRefused(act, t, parts[0]!, endMm(t, parts[0]!, act));
        if (refusal) return refusal;
        continue;
      }
      const chains = chainsOf(act, t, parts);
      if (!chains.ok) return chains.no;
      const no = pairRefuse(t, act, parts[0]!, chains.value);
      if (no) return no;
      const short = tailRefused(act, t, parts[0]!, chainsMm(t, chains.value));
      if (short) return short;
      found.push(chains.value);
    }
    return () => {
      let facts: JoinFacts | null = null;
      // What was found of the first is good still; a seam of it may have moved the rims of the next.
      for (const [i, { parts, times }] of instances.entries()) facts = joined(t, act, parts, times, i === 0 ? found[0] : undefined); // prettier-ignore
      if (!facts) throw new TypeError('a join that is not refused is done at least once');
      return facts;
    };
  },
  minutes: (f) =>
    1 + (f.a.unit === 'stitches' ? Math.max(f.a.count, f.b.count) * 0.1 : f.mm * 0.025 * (f.bars === 2 ? TWO_BARS : 1)),
  times: (act, t) => instancesOf(t.s, [...act.a, ...act.b]).reduce((sum, i) => sum + i.times, 0)
};

/** Loops that stay out of a seam are no opening: they wait to run down. */
function leaveOut(act: JoinAct, t: Table, part: number): void {
  if (!act.leave) return;
  const { surface } = t.s.parts[part]!;
  const edge = act.a[0]!.run;
  for (const pin of act.leave) {
    const run = endRuns(t.s, part, edge).find((r) => r.lo === pin && r.hi === pin);
    const rim = run && t.s.surfaces[surface]!.rims.find((list) => list.length === 1 && list[0] === run.id);
    if (!run || !rim) continue;
    closeRim(t.s, surface, rim);
    // At the end where the loops ran out already there is nothing left to run.
    run.hold = t.s.parts[part]!.ran.includes(pin) ? 'run' : 'left';
  }
}
