import type { TailEnd } from '../plan';
import { HOLD_MM } from './lengths';
import { reaches } from './layers';
import type { Refusal } from './refusal';
import type { Tail } from './state';
import { tailsAt, tailsOf } from './tails';
import type { Table } from './acts/rule';

/**
 * The work's own tail at an end does a job: it draws, closes, edges, sews. It must be there, in reach, where the job
 * begins,
 * and long enough for all its jobs and a hand's length to hold (craft 7.21).
 */

/** Tails of the work itself: its cast-on's, one beside waste, the one its last stitches hang on. */
const OWN: ReadonlySet<Tail['from']> = new Set(['cast-on', 'first', 'last', 'off']);

/** The own tail of a part at an end or at a cut, in a yarn; nothing where none is left. */
export function ownTailAt(t: Pick<Table, 's'>, part: number, edge: TailEnd, yarn: string): Tail | undefined {
  const there = (tail: Tail): boolean => tail.yarn === yarn && (tail.fate === 'loose' || tail.fate === 'string');
  if (edge === 'old-end' || edge === 'new-end') return tailsOf(t.s, part, (tail) => tail.from === edge).find(there);
  return tailsAt(t.s, part, edge).find((tail) => there(tail) && OWN.has(tail.from));
}

/** A job for a tail. */
export interface TailJob {
  readonly part: number;
  readonly edge: TailEnd;
  readonly yarn: string;
  /** Yarn the job takes, nothing to hold counted, mm. */
  readonly mm: number;
  /** Pins at one of which it must hang to begin; anywhere on its end when absent. */
  readonly from?: readonly number[];
}

/** Why a tail cannot do a job. */
export function tailRefuse(t: Table, job: TailJob): Refusal | undefined {
  const { piece } = t.s.parts[job.part]!;
  const tail = ownTailAt(t, job.part, job.edge, job.yarn);
  if (!tail) return { code: 'no-tail', piece };
  if (!reaches(t.s)(tail)) return { code: 'out-of-reach', piece, edge: job.edge };
  if (tail.pin === null || (job.from && !job.from.includes(tail.pin)))
    return { code: 'tail-elsewhere', piece, edge: job.edge };
  const hasMm = tail.mm - tail.usedMm;
  const takesMm = job.mm + HOLD_MM;
  return t.endless || takesMm <= hasMm ? undefined : { code: 'tail-short', piece, edge: job.edge, hasMm, takesMm };
}

/**
 * Does a job with a tail that was not refused.
 *
 * @param to the pin it comes out at afterwards; null where that is in a seam
 */
export function useTail(t: Table, job: TailJob, to: number | null): Tail {
  const tail = ownTailAt(t, job.part, job.edge, job.yarn);
  if (!tail) throw new TypeError('a job that is not refused has a tail');
  tail.usedMm += job.mm;
  tail.pin = to;
  return tail;
}
