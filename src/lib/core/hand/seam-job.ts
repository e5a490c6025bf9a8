import type { ActOf, Edge } from '../plan';
import { hookedMm, sewnMm, throughMm, zipMm } from './lengths';
import { ownTailAt, type TailJob } from './own-tail';
import { acrossPath, foldPins, pairPath } from './path';
import { endRuns } from './rims';
import type { Table } from './acts/rule';

/**
 * What a seam asks of the work's own tail: how much of it, where it must hang to begin, and where it comes out at the end.
 */

type JoinAct = ActOf<'join'>;

/** Lowest and highest pin of an end. */
function spanOf(t: Table, part: number, edge: Edge): readonly [number, number] {
  const runs = endRuns(t.s, part, edge);
  return [Math.min(...runs.map((r) => r.lo)), Math.max(...runs.map((r) => r.hi))];
}

/**
 * The job of an own tail in a seam.
 *
 * @param mm length of the seam as it lies
 */
export function seamJob(act: JoinAct, t: Table, part: number, mm: number): { job: TailJob; to: number | null } {
  const edge = act.own!;
  const yarn = act.yarn!;
  const [lo, hi] = spanOf(t, part, edge);
  const hooked = act.by === 'hook' || act.by === 'together';
  const takes = hooked ? hookedMm(mm) : sewnMm(mm);
  const { run } = act.a[0]!;
  if (act.by === 'zip') {
    const tail = ownTailAt(t, part, edge, yarn);
    // The same tail is the thread its own end is drawn on: it takes that length too, unless it was run through already.
    const drawn = tail && tail.usedMm > 0 ? 0 : throughMm(mm);
    return { job: { part, edge, yarn, mm: zipMm(mm) + drawn }, to: tail?.pin ?? null };
  }
  if (act.across) {
    const path = acrossPath(lo, hi);
    return { job: { part, edge, yarn, mm: takes, from: path.slice(0, 1) }, to: null };
  }
  if ((run === 'cast-on' || run === 'hung-off') && act.a[0]!.half === undefined) {
    // A whole ring: it ends where it begins.
    return { job: { part, edge, yarn, mm: takes }, to: ownTailAt(t, part, edge, yarn)?.pin ?? null };
  }
  if (run === 'cast-on' || run === 'hung-off') {
    // Pair by pair from the fold where the tail hangs to the other one.
    const path = pairPath(lo, hi, act.leave);
    return { job: { part, edge, yarn, mm: takes, from: foldPins('upper', lo, hi) }, to: path.at(-1) ?? null };
  }
  // Along a long fold, or a closed end, of a tube that lies flat: from a corner of it.
  const [upper, lower] = [foldPins('upper', lo, hi), foldPins('lower', lo, hi)];
  const from = run === 'upper' ? upper : run === 'lower' ? lower : [...upper, ...lower];
  return { job: { part, edge, yarn, mm: takes, from }, to: null };
}
