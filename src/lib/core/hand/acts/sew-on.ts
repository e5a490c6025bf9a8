import { lengthOfRows } from '../../knit';
import { type ActOf, type Half, halfOfRun, type RunRef } from '../../plan';
import { seamYarnMm, sewnMm } from '../lengths';
import { type TailJob, tailRefuse, useTail } from '../own-tail';
import { foldPins } from '../path';
import { chainOf, closeRim, endRuns, stitchMm } from '../rims';
import type { Part } from '../state';
import { addCut, addCutTails, tailsOf } from '../tails';
import { adorn, type ActRule, copiesIn, firstOf, notOff, partsIn, type Table } from './rule';

export interface SewOnFacts {
  readonly count: number;
  readonly ends: number;
  /** Length that is sewn at each end, mm. */
  readonly mm: number;
  /** Yarn that is cut for each end; 0 where none is. */
  readonly cutMm: number;
  /** What the first end takes of the part's own tail; null where a length is cut for it too. */
  readonly ownMm: number | null;
  /** Where its first row lies: height above the other's first row and distance from its edge, mm. */
  readonly at: { readonly upMm: number; readonly inMm: number } | null;
}

type SewAct = ActOf<'sewOn'>;

/** Runs that are sewn with one thread: each by itself, or all in one line. */
const lines = (act: SewAct): readonly (readonly RunRef[])[] => (act.inOne ? [act.runs] : act.runs.map((ref) => [ref]));

const chainFor = (t: Table, id: number, refs: readonly RunRef[]) =>
  chainOf(
    t.run,
    t.s,
    refs,
    refs.map(() => id)
  );

/** What sewing a run takes of the part's own tail, and where it must hang: at the fold, for a flat tube sewn by one. */
function jobOf(t: Table, act: SewAct, part: number, mm: number): TailJob {
  const job = { part, edge: act.own!, yarn: act.yarn, mm: sewnMm(mm) };
  const run = act.runs[0]?.run;
  if (run !== 'upper' && run !== 'lower') return job;
  const pins = endRuns(t.s, part, act.own!);
  return { ...job, from: foldPins(run, Math.min(...pins.map((r) => r.lo)), Math.max(...pins.map((r) => r.hi))) };
}

/** Sews with the part's own tail; what it takes of it. */
function sewnWithOwn(t: Table, act: SewAct, part: number, mm: number): number {
  const job = jobOf(t, act, part, mm);
  useTail(t, job, null);
  return job.mm;
}

/** Sews with a length that is cut for it; how long that is. */
function sewnWithCut(t: Table, act: SewAct, part: Part, mm: number, half?: Half): number {
  const cutMm = seamYarnMm(mm);
  addCut(t.s, { yarn: act.yarn, what: 'sewing', mm: cutMm, count: part.times });
  addCutTails(t.s, part.id, act.yarn, act.place, { half });
  return cutMm;
}

/** Length that a part with both its ends shut is sewn along: half its girth. */
const halfGirth = (t: Table, part: number): number =>
  endRuns(t.s, part, 'hung-off').reduce((sum, r) => sum + r.mm, 0) / 2;

/** Part sewn onto part, round its own end or along it. */
export const sewOn: ActRule<SewAct, SewOnFacts> = {
  pieces: (act) => [act.piece, act.to],
  name: (act) => act.place,
  mirror: (act, over) => ({ ...act, runs: act.runs.map(over.ref), ...(act.at ? { at: { ...act.at, side: over.ref({ piece: act.to, run: 'side', side: act.at.side }).side! } } : {}) }), // prettier-ignore
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece, act.to),
      () => {
        for (const { id } of partsIn(t, act.piece)) {
          if (act.own && act.runs.length === 0) {
            const no = tailRefuse(t, jobOf(t, act, id, halfGirth(t, id)));
            if (no) return no;
          }
          for (const [i, line] of lines(act).entries()) {
            const ref = line[0]!;
            const found = chainFor(t, id, line);
            if (!found.ok) return found.no;
            const runs = found.value.ids.map((r) => t.s.runs[r]!);
            if (runs.some((r) => r.hold === 'sewn')) return { code: 'used-up', piece: act.piece, run: ref.run };
            if (runs.some((r) => r.waste > 0)) return { code: 'waste-on', piece: act.piece, edge: ref.run === 'hung-off' ? 'hung-off' : 'cast-on' }; // prettier-ignore
            const no =
              act.own &&
              i === 0 &&
              tailRefuse(
                t,
                jobOf(
                  t,
                  act,
                  id,
                  runs.reduce((sum, r) => sum + r.mm, 0)
                )
              );
            if (no) return no;
          }
        }
        return undefined;
      }
    ),
  does: (act, t) => {
    let mm = 0;
    let cutMm = 0;
    let ownMm: number | null = null;
    for (const { part, id } of partsIn(t, act.piece)) {
      for (const [i, line] of lines(act).entries()) {
        const found = chainFor(t, id, line);
        if (!found.ok) throw new TypeError('what is not refused has a run to sew');
        const runs = found.value.ids.map((r) => t.s.runs[r]!);
        mm = runs.reduce((sum, r) => sum + r.mm, 0);
        for (const r of runs) r.hold = 'sewn';
        // A woven cast-on is held by the seam now: its tail is no string any more.
        for (const tail of tailsOf(t.s, id)) {
          if (!line.some((ref) => tail.where.at === ref.run)) continue;
          if (tail.fate === 'string') tail.fate = 'loose';
          Object.assign(tail, part.layers[0]!);
        }
        // The open end of a tube is shut by what it is sewn onto.
        const rim = t.s.surfaces[part.surface]!.rims[found.value.rim]!;
        if (part.body === 'tube' && found.value.whole) closeRim(t.s, part.surface, rim);
        if (act.own && i === 0) ownMm = sewnWithOwn(t, act, id, mm);
        else cutMm = sewnWithCut(t, act, part, mm, halfOfRun(line[0]!.run));
      }
    }
    if (act.runs.length === 0) {
      // Both its ends are shut: it is sewn along half its girth.
      for (const { part, id } of partsIn(t, act.piece)) {
        mm = halfGirth(t, id);
        adorn(part, 'sewn');
        if (act.own) ownMm = sewnWithOwn(t, act, id, mm);
        else cutMm = sewnWithCut(t, act, part, mm);
      }
    }
    for (const { part } of partsIn(t, act.to)) adorn(part, `sewn ${act.piece}`);
    const at = act.at
      ? { upMm: act.at.row > 0 ? lengthOfRows(t.run, act.to, 1, act.at.row) : 0, inMm: act.at.stitches * stitchMm(t.run, act.to) } // prettier-ignore
      : null;
    return { count: copiesIn(t, act.piece), ends: Math.max(1, lines(act).length), mm, cutMm, ownMm, at };
  },
  minutes: (f) => 3 * f.ends * f.count,
  times: () => 1
};
