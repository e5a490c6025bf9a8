import { pieceAt } from '../../knit';
import { machineOf, ringMm } from '../../kit';
import type { ActOf, Edge, RunRef } from '../../plan';
import { instancesOf } from '../instances';
import { HOLD_MM, hookYarnMm, RUNG_END_MM, seamYarnMm } from '../lengths';
import type { Refusal } from '../refusal';
import { type Chain, chainOf, closeRim, endRuns, facesAway, glue, rimAt, sideOf } from '../rims';
import type { CutWhat, Run, SeamSide } from '../state';
import { addCut, addCutTails, tailsAt } from '../tails';
import { type ActRule, firstOf, notOff, type Table } from './rule';

export interface JoinFacts {
  readonly a: SeamSide;
  readonly b: SeamSide;
  /** Length of the seam as it lies, mm. */
  readonly mm: number;
  /** Yarn that is cut; 0 where none is. */
  readonly cutMm: number;
  /** Both halves of one end are closed on each other. */
  readonly halves: boolean;
  /** A stitch is over: it goes with its neighbour. */
  readonly odd: boolean;
  readonly left: number;
}

type JoinAct = ActOf<'join'>;
const ENDS: readonly string[] = ['cast-on', 'hung-off'];
const isHalf = (act: JoinAct): boolean => act.a[0]?.half !== undefined || act.b[0]?.half !== undefined;

/** Loops of a run are live: on waste, or on a thread. */
const isLive = (r: Run): boolean => r.hold === 'open' || r.hold === 'thread';

/** Ways of joining that need loops. */
const LOOPS: readonly JoinAct['by'][] = ['loops', 'graft', 'together'];

/** Counts must agree where loop meets loop; one may be over where an end is halved. */
function unevenBy(act: JoinAct, a: SeamSide, b: SeamSide): boolean {
  if (![...LOOPS, 'zip', 'rungs'].includes(act.by) && !isHalf(act)) return false;
  return Math.abs(a.count - b.count) > (isHalf(act) ? 1 : 0);
}

/** Runs of a chain. */
const runsIn = (t: Table, chain: Chain): Run[] => chain.ids.map((id) => t.s.runs[id]!);

/** Both edges of a self-lapped flat piece lie on each other only once it is folded for it. */
function lies(t: Table, act: JoinAct, part: number): Refusal | undefined {
  const p = t.s.parts[part]!;
  const long = (refs: readonly RunRef[]): boolean => refs.every((r) => r.run === 'upper' || r.run === 'lower');
  const self = act.a.every((r) => act.b.every((q) => q.piece === r.piece && q.run === r.run));
  if (p.form === 'flat' && long(act.a) && self && p.pouch.length < 3) return { code: 'not-folded', piece: p.piece };
  return undefined;
}

/** Why the loops of two chains cannot be joined in this way. */
function holdsRefuse(t: Table, act: JoinAct, chains: readonly Chain[]): Refusal | undefined {
  for (const chain of chains) {
    const runs = runsIn(t, chain);
    const piece = t.s.parts[runs[0]!.part]!.piece;
    if (runs.some((r) => r.hold === 'left' || r.hold === 'sewn')) return { code: 'used-up', piece, run: runs[0]!.run };
    const rungs = runs.filter((r) => r.hold === 'rungs').length;
    if (act.by === 'rungs' ? rungs < runs.length : rungs > 0) return { code: 'rungs-closed', piece };
    const edge = runs.find((r) => ENDS.includes(r.run));
    if (LOOPS.includes(act.by) && runs.some((r) => r.unit === 'stitches' && !isLive(r))) {
      return { code: 'used-up', piece, run: runs[0]!.run };
    }
    if (act.by === 'mattress' && edge && runs.some((r) => r.hold === 'open')) {
      const loops = runs.filter((r) => r.hold === 'open').reduce((sum, r) => sum + r.hi - r.lo + 1, 0);
      return { code: 'waste-unheld', piece, edge: edge.run as Edge, loops };
    }
    if (t.s.parts[runs[0]!.part]!.floats && edge) return { code: 'floats-loose', piece };
  }
  return undefined;
}

/** Both chains of an act on one instance. */
function chainsOf(act: JoinAct, t: Table, parts: readonly number[]) {
  const a = chainOf(t.run, t.s, act.a, parts.slice(0, act.a.length), act.leave);
  if (!a.ok) return a;
  const b = chainOf(t.run, t.s, act.b, parts.slice(act.a.length), act.leave);
  if (!b.ok) return b;
  // Where the one lies in the other, naming the second cut the first: it is looked up again.
  const again = a.value.ids.some((id) => t.s.runs[id]!.cut) ? chainOf(t.run, t.s, act.a, parts.slice(0, act.a.length), act.leave) : a; // prettier-ignore
  return again.ok ? { ok: true as const, value: [again.value, b.value] as const } : again;
}

/** Both ends of a folded-in tube: fixed to each other all round, or closed straight across. */
function endsRefuse(t: Table, act: JoinAct, part: number): Refusal | undefined {
  const p = t.s.parts[part]!;
  const { piece } = p;
  if (p.form !== 'lined') return { code: 'not-folded', piece };
  for (const edge of ['cast-on', 'hung-off'] as const) {
    if (!rimAt(t.s, part, edge)) return { code: 'used-up', piece, run: edge };
    const runs = endRuns(t.s, part, edge);
    // A zip runs through edges that a thread or the cast-on holds; through waste it would catch.
    if (act.by === 'zip' && runs.some((r) => r.waste > 0)) return { code: 'waste-on', piece, edge };
    if (act.by === 'zip' && runs.some((r) => r.hold === 'open')) return { code: 'not-threaded', piece, edge };
  }
  return p.linked ? { code: 'used-up', piece, run: 'cast-on' } : undefined;
}

const bothEnds = (act: JoinAct): boolean => act.by === 'zip' || act.across === true;

/** Yarn a seam takes: what is cut, and what it counts as. */
function yarnOf(act: JoinAct, t: Table, mm: number, gathered: boolean): { mm: number; what: CutWhat } {
  if (act.yarn === null) return { mm: 0, what: 'seam' };
  if (act.by === 'zip') {
    const machine = machineOf(t.run.kit, pieceAt(t.run, act.a[0]!.piece).planned.machineId);
    // Once through both edges: twice round the ring, and a hand's length to hold at either end.
    return { mm: Math.round(2 * ringMm(machine) + 2 * HOLD_MM), what: 'zip' };
  }
  if (act.by === 'rungs') return { mm: RUNG_END_MM, what: 'ladder' };
  const what: CutWhat = gathered ? 'toe' : isHalf(act) || act.across ? 'closing' : 'seam';
  return { mm: act.by === 'hook' || act.by === 'together' ? hookYarnMm(mm) : seamYarnMm(mm), what };
}

/** Tails of a closed edge are laid out over it, so that they can be reached. */
function tailsOut(t: Table, part: number): void {
  const p = t.s.parts[part]!;
  for (const edge of ['cast-on', 'hung-off'] as const) {
    if (rimAt(t.s, part, edge)) continue;
    for (const tail of tailsAt(t.s, part, edge)) if (tail.fate === 'loose') tail.face = p.out;
  }
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
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, ...[...act.a, ...act.b].map((ref) => ref.piece)),
      () => {
        for (const { parts } of instancesOf(t.s, [...act.a, ...act.b])) {
          if (bothEnds(act)) {
            const refusal = endsRefuse(t, act, parts[0]!);
            if (refusal) return refusal;
            continue;
          }
          const found = chainsOf(act, t, parts);
          if (!found.ok) return found.no;
          const [a, b] = found.value;
          const [sideA, sideB] = [sideOf(t.s, a), sideOf(t.s, b)];
          const oneRim = a.surface === b.surface && a.rim === b.rim;
          if (oneRim && a.ids.some((id) => b.ids.includes(id))) return { code: 'apart', piece: sideA.piece };
          const refusal = lies(t, act, parts[0]!) ?? holdsRefuse(t, act, [a, b]) ?? facesAway(t.s, a, b);
          if (refusal) return refusal;
          if (unevenBy(act, sideA, sideB))
            return { code: 'uneven', piece: sideA.piece, a: sideA.count, b: sideB.count };
          // A slit would stay beside the seam where the edge is no ring yet.
          if (a.whole !== b.whole) return { code: 'no-ring', piece: (a.whole ? sideB : sideA).piece };
          if (act.by === 'loops') {
            // The last loop is secured by the work's own tail; without one nothing holds it.
            const edge = act.a[0]!.run as Edge;
            const own = tailsAt(t.s, parts[0]!, edge).some((tail) => tail.fate === 'loose');
            if (!own) return { code: 'no-tail', piece: sideA.piece };
          }
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let facts: JoinFacts | null = null;
    for (const { parts, times } of instancesOf(t.s, [...act.a, ...act.b])) {
      const part = t.s.parts[parts[0]!]!;
      let a: SeamSide;
      let b: SeamSide;
      let gathered = false;
      if (bothEnds(act)) {
        const side = (edge: Edge): SeamSide => {
          const runs = endRuns(t.s, parts[0]!, edge);
          const sum = (of: (r: Run) => number): number => runs.reduce((total, r) => total + of(r), 0);
          const count = sum((r) => r.hi - r.lo + 1);
          return {
            piece: part.piece,
            pieces: [part.piece],
            count,
            unit: 'stitches',
            stitches: 0,
            mm: sum((r) => r.mm)
          };
        };
        [a, b] = [side('cast-on'), side('hung-off')];
        part.linked = true;
        if (act.across) {
          for (const edge of ['cast-on', 'hung-off'] as const) {
            closeRim(t.s, part.surface, rimAt(t.s, parts[0]!, edge)!);
            for (const r of endRuns(t.s, parts[0]!, edge)) r.hold = 'joined';
          }
        }
      } else {
        const found = chainsOf(act, t, parts);
        if (!found.ok) throw new TypeError('a join that is not refused has two chains');
        const [one, two] = found.value;
        [a, b] = [sideOf(t.s, one), sideOf(t.s, two)];
        const runs = [...runsIn(t, one), ...runsIn(t, two)];
        gathered = runs.some((r) => r.hold === 'gathered');
        glue(t.s, one, two);
        for (const r of runs) r.hold = 'joined';
        leaveOut(act, t, parts[0]!);
      }
      for (const p of new Set(parts)) tailsOut(t, p);
      const mm = act.across ? a.mm / 2 : (a.mm + b.mm) / 2;
      const cut = yarnOf(act, t, mm, gathered);
      if (act.yarn !== null) {
        addCut(t.s, { yarn: act.yarn, what: cut.what, mm: cut.mm, count: times });
        addCutTails(t.s, parts[0]!, act.yarn, act.name);
      }
      t.s.seams.push({ name: act.name, by: act.by, a, b, mm, times });
      facts = {
        a,
        b,
        mm,
        cutMm: cut.mm,
        halves: isHalf(act),
        odd: isHalf(act) && a.count !== b.count,
        left: act.leave?.length ?? 0
      };
    }
    if (!facts) throw new TypeError('a join that is not refused is done at least once');
    return facts;
  },
  minutes: (f) => 1 + (f.a.unit === 'stitches' ? Math.max(f.a.count, f.b.count) * 0.1 : f.mm * 0.025),
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
