import { type ActOf, halfOfRun, type RunRef } from '../../plan';
import { instancesOf } from '../instances';
import { hookedMm, HOLD_MM, TALL_STITCH } from '../lengths';
import { ownTailAt, type TailJob, tailRefuse, useTail } from '../own-tail';
import type { Refusal } from '../refusal';
import { chainOf, countOf, heldIn, runsOfPart, stitchMm } from '../rims';
import { type Spread, spreadOn } from '../buttons';
import type { CutWhat, Run } from '../state';
import { addCut, addCutTails, tailsOf } from '../tails';
import { type ActRule, notOff, type Table } from './rule';
import { sideRefuse } from './seam-edges';

export interface BindFacts {
  /** Live loops that are caught. */
  readonly loops: number;
  /** Rows along which stitches are picked up. */
  readonly rows: number;
  /** Crochet or chain stitches once round. */
  readonly stitches: number;
  readonly rounds: number;
  /** It goes once round and meets its own beginning; any other edge is fastened off at its end. */
  readonly ring: boolean;
  /** Stitches for every four rows along it. */
  readonly perFour: number;
  /** How wide it comes out; null where that was not asked. */
  readonly widthMm: number | null;
  /** Holes that are left in it, and the round they are worked in. */
  readonly holes: (Spread & { readonly inRound: number }) | null;
  readonly mm: number;
  /** Yarn that is cut; 0 where none is. */
  readonly cutMm: number;
  /** What it takes of the work's own tail; null where a length is cut. */
  readonly ownMm: number | null;
}

type BindAct = ActOf<'bind'>;

/** Of the rows along an edge, so many stitches are picked up (common practice: three of four). */
const PER_FOUR = 3;

/** Rounds for a width: a single crochet is about as high as it is wide (own estimate, no source). */
const roundsFor = (widthMm: number, stitchMm: number): number => Math.max(1, Math.round(widthMm / stitchMm));

/** What the yarn of an edge counts as, by the edge's name. */
const CUTS: Readonly<Record<string, CutWhat>> = { cuff: 'cuff', held: 'held', band: 'band', hem: 'band' };

const runsOf = (act: BindAct, t: Table, parts: readonly number[]): Run[] | Refusal => {
  // Groups of held stitches, or the wrists of two sleeves, need not lie beside each other.
  const found: Run[] = [];
  const whole = chainOf(t.run, t.s, act.runs, parts);
  if (whole.ok) return whole.value.ids.map((id) => t.s.runs[id]!);
  if (whole.no.code !== 'apart') return whole.no;
  for (const [i, ref] of act.runs.entries()) {
    const own = chainOf(t.run, t.s, [ref], [parts[i]!]);
    if (own.ok) {
      found.push(...own.value.ids.map((id) => t.s.runs[id]!));
      continue;
    }
    const each = heldOf(t, ref, parts[i]!);
    if (each.length === 0) return own.no;
    found.push(...each);
  }
  return found;
};

/** Held stitches of several places under one name. */
const heldOf = (t: Table, ref: RunRef, part: number): Run[] =>
  ref.run !== 'held'
    ? []
    : runsOfPart(t.s, part).filter((r) => r.run === 'held' && r.side === (ref.side ?? r.side) && r.hold === 'thread' && heldIn(r, ref)); // prettier-ignore

/** Why the loops of these runs cannot be bound. */
function holdRefuse(t: Table, act: BindAct, runs: readonly Run[]): Refusal | undefined {
  const { piece } = act.runs[0]!;
  const rungs = runs.filter((r) => r.hold === 'rungs').length;
  if (rungs > 0) return { code: 'rungs-closed', piece };
  if (runs.some((r) => r.hold === 'left')) return { code: 'used-up', piece, run: runs[0]!.run };
  if (act.by === 'chain' && runs.some((r) => r.hold === 'bound')) return { code: 'used-up', piece, run: runs[0]!.run };
  const ends = runs.some((r) => r.run === 'cast-on' || r.run === 'hung-off');
  return ends && t.s.parts[runs[0]!.part]!.floats ? { code: 'floats-loose', piece } : undefined;
}

/** What an edge comes to: stitches, rounds, length, and the yarn it takes, nothing to hold counted. */
function sizeOf(t: Table, act: BindAct, runs: readonly Run[]) {
  const perFour = act.perFour ?? PER_FOUR;
  const [loops, rows] = ['stitches', 'rows'].map((unit) => runs.filter((r) => r.unit === unit).reduce((sum, r) => sum + countOf(r), 0)); // prettier-ignore
  const mm = runs.reduce((sum, r) => sum + r.mm, 0);
  const picked = Math.round((rows! * perFour) / 4);
  const stitches = act.stitches ?? loops! * (act.perLoop ?? 1) + picked;
  const wide = stitches > 0 ? mm / stitches : 0;
  const rounds = act.widthMm === undefined ? (act.rounds ?? 1) : roundsFor(act.widthMm, wide);
  // Stitches that were asked for are as wide as those of the piece; else the edge gives the length.
  const round = act.stitches ? act.stitches * stitchMm(t.run, act.runs[0]!.piece) : mm;
  // Stitches worked between the loops too take as much again as those in them.
  const each = act.ribs ? TALL_STITCH : act.stitches || loops === 0 ? 1 : (act.perLoop ?? 1);
  const takesMm = (rounds + (act.ribs ? 1 : 0)) * hookedMm(round) * each;
  return { perFour, loops: loops!, rows: rows!, mm, stitches, wide, rounds, takesMm };
}

/** Whether these runs are whole rims: what is worked along them meets its own beginning. */
function goesRound(t: Table, runs: readonly Run[]): boolean {
  const own = new Set(runs.map(({ id }) => id));
  const rims = t.s.surfaces.flatMap(({ rims: of }) => of).filter((rim) => rim.some((id) => own.has(id)));
  return rims.length > 0 && rims.every((rim) => rim.every((id) => own.has(id)));
}

const jobOf = (act: BindAct, part: number, mm: number): TailJob => ({ part, edge: act.own!, yarn: act.yarn, mm });

/** Works the edge on one instance. */
function bound(t: Table, act: BindAct, runs: readonly Run[], part: number, times: number): BindFacts {
  const { perFour, loops, rows, mm, stitches, wide, rounds, takesMm } = sizeOf(t, act, runs);
  const ring = goesRound(t, runs);
  const cutMm = act.own ? 0 : Math.round(takesMm + HOLD_MM);
  if (act.own) useTail(t, jobOf(act, part, takesMm), ownTailAt(t, part, act.own, act.yarn)!.pin);
  else addCut(t.s, { yarn: act.yarn, what: CUTS[act.name.split('-')[0]!] ?? 'edge', mm: cutMm, count: times });
  if (!act.own) addCutTails(t.s, part, act.yarn, act.name, { half: halfOfRun(act.runs[0]!.run) });
  for (const r of runs) {
    r.hold = 'bound';
    // A woven cast-on is held by the new edge: its tail is no string any more.
    for (const tail of tailsOf(t.s, r.part)) if (tail.where.at === r.run && tail.fate === 'string') tail.fate = 'loose';
  }
  const holes = act.holes ? { ...spreadOn(t, act.holes, perFour), inRound: Math.ceil(rounds / 2) } : null; // prettier-ignore
  return {
    loops,
    rows,
    stitches,
    rounds,
    ring,
    perFour,
    widthMm: act.widthMm === undefined ? null : rounds * wide,
    holes,
    mm,
    cutMm,
    ownMm: act.own ? takesMm : null
  };
}

/** An edge that holds: chained, crocheted, banded. */
export const bind: ActRule<BindAct, BindFacts> = {
  pieces: (act) => act.runs.map((ref) => ref.piece),
  name: (act) => act.name,
  mirror: (act, over) => ({ ...act, runs: act.runs.map(over.ref), ...(act.holes ? { holes: { ...act.holes, over: over.ref(act.holes.over) } } : {}) }), // prettier-ignore
  tries: (act, t) => {
    const off = notOff(t, ...act.runs.map((ref) => ref.piece));
    if (off) return off;
    const found: { readonly runs: readonly Run[]; readonly part: number; readonly times: number }[] = [];
    for (const { parts, times } of instancesOf(t.s, act.runs)) {
      const runs = runsOf(act, t, parts);
      if (!Array.isArray(runs)) return runs;
      const refusal =
        sideRefuse(t, act.from, parts[0]!) ??
        holdRefuse(t, act, runs) ??
        (act.own && tailRefuse(t, jobOf(act, parts[0]!, sizeOf(t, act, runs).takesMm)));
      if (refusal) return refusal;
      found.push({ runs, part: parts[0]!, times });
    }
    return () => {
      let facts: BindFacts = {
        loops: 0,
        rows: 0,
        stitches: 0,
        rounds: 1,
        ring: false,
        perFour: PER_FOUR,
        widthMm: null,
        holes: null,
        mm: 0,
        cutMm: 0,
        ownMm: null
      };
      for (const { runs, part, times } of found) facts = bound(t, act, runs, part, times);
      return facts;
    };
  },
  minutes: (f) => 1 + 0.08 * f.stitches * f.rounds,
  times: (act, t) => instancesOf(t.s, act.runs).reduce((sum, i) => sum + i.times, 0)
};
