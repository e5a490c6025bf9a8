import type { ActOf, Edge, Face, RunRef } from '../../plan';
import type { Refusal } from '../refusal';
import { type Chain, chainOf, endRuns, facesAway, rimAt, sideOf } from '../rims';
import type { Run, SeamSide } from '../state';
import { tailsAt } from '../tails';
import type { Table } from './rule';

/** The two edges of a seam: which they are, and why they cannot be joined. */

export type JoinAct = ActOf<'join'>;
/** A seam, or the rungs of two ladders chained into each other. */
export type SeamAct = Omit<JoinAct, 'by'> & { readonly by: JoinAct['by'] | 'rungs' };
export type Chains = readonly [Chain, Chain];
const ENDS: readonly string[] = ['cast-on', 'hung-off'];
export const isHalf = (act: SeamAct): boolean => act.a[0]?.half !== undefined || act.b[0]?.half !== undefined;

/** Loops of a run are live: on waste, or on a thread. */
const isLive = (r: Run): boolean => r.hold === 'open' || r.hold === 'thread';

/** Ways of joining that need loops. */
const LOOPS: readonly SeamAct['by'][] = ['loops', 'graft', 'together'];

/** Counts must agree where loop meets loop; one may be over where an end is halved. */
function unevenBy(act: SeamAct, a: SeamSide, b: SeamSide): boolean {
  if (![...LOOPS, 'zip', 'rungs'].includes(act.by) && !isHalf(act)) return false;
  return Math.abs(a.count - b.count) > (isHalf(act) ? 1 : 0);
}

/** Runs of a chain. */
export const runsIn = (t: Table, chain: Chain): Run[] => chain.ids.map((id) => t.s.runs[id]!);

/** Both edges of a self-lapped flat piece lie on each other only once it is folded for it. */
function lies(t: Table, act: SeamAct, part: number): Refusal | undefined {
  const p = t.s.parts[part]!;
  const long = (refs: readonly RunRef[]): boolean => refs.every((r) => r.run === 'upper' || r.run === 'lower');
  const self = act.a.every((r) => act.b.every((q) => q.piece === r.piece && q.run === r.run));
  if (p.form === 'flat' && long(act.a) && self && p.pouch.length < 3) return { code: 'not-folded', piece: p.piece };
  return undefined;
}

/** Why the loops of two chains cannot be joined in this way. */
function holdsRefuse(t: Table, act: SeamAct, chains: readonly Chain[]): Refusal | undefined {
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
export function chainsOf(act: SeamAct, t: Table, parts: readonly number[]) {
  const look = () => {
    const a = chainOf(t.run, t.s, act.a, parts.slice(0, act.a.length), act.leave);
    if (!a.ok) return a;
    const b = chainOf(t.run, t.s, act.b, parts.slice(act.a.length), act.leave);
    return b.ok ? { ok: true as const, value: [a.value, b.value] as const } : b;
  };
  const found = look();
  // Where the one lies in the other, naming the second cut the first: they are looked up again.
  const again = found.ok && found.value.some((chain) => chain.ids.some((id) => t.s.runs[id]!.cut));
  return again ? look() : found;
}

/** Both ends of a folded-in tube: fixed to each other all round, or closed straight across. */
export function endsRefuse(t: Table, act: JoinAct, part: number): Refusal | undefined {
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

export const bothEnds = (act: JoinAct): boolean => act.by === 'zip' || act.across === true;

/** A seam of a tube is worked on the face that lies outside. */
export function sideRefuse(t: Table, from: Face | undefined, part: number): Refusal | undefined {
  const p = t.s.parts[part]!;
  if (from === undefined || p.body !== 'tube' || p.layers[0]!.face === from) return undefined;
  return { code: 'other-side', piece: p.piece };
}

/** Why two chains cannot be joined. */
export function pairRefuse(t: Table, act: SeamAct, part: number, [a, b]: Chains): Refusal | undefined {
  const [sideA, sideB] = [sideOf(t.s, a), sideOf(t.s, b)];
  const oneRim = a.surface === b.surface && a.rim === b.rim;
  if (oneRim && a.ids.some((id) => b.ids.includes(id))) return { code: 'apart', piece: sideA.piece };
  const refusal =
    sideRefuse(t, act.from, part) ?? lies(t, act, part) ?? holdsRefuse(t, act, [a, b]) ?? facesAway(t.s, a, b);
  if (refusal) return refusal;
  if (unevenBy(act, sideA, sideB)) return { code: 'uneven', piece: sideA.piece, a: sideA.count, b: sideB.count };
  // A slit would stay beside the seam where the edge is no ring yet.
  if (a.whole !== b.whole) return { code: 'no-ring', piece: (a.whole ? sideB : sideA).piece };
  if (act.by !== 'loops') return undefined;
  // The last loop is secured by the work's own tail; without one nothing holds it.
  const own = tailsAt(t.s, part, act.a[0]!.run as Edge).some((tail) => tail.fate === 'loose');
  return own ? undefined : { code: 'no-tail', piece: sideA.piece };
}

/** Chains that are not refused. */
export function chainsAgain(act: SeamAct, t: Table, parts: readonly number[]): Chains {
  const found = chainsOf(act, t, parts);
  if (!found.ok) throw new TypeError('a join that is not refused has two chains');
  return found.value;
}
