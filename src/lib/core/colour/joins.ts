import { pieceAt } from '../knit';
import type { Made } from '../hand';
import { yarnChanges } from './recolour';
import { sectionsOf } from './sections-of';

/** What the joins of a plan cost, and what another order would save. */
export interface Joins {
  readonly joins: number;
  /** Every join makes two (craft 4). */
  readonly tails: number;
  readonly tailMm: number;
  /** Minutes of tying and weaving, from the acts that do it. */
  readonly minutes: number;
  /** Joins less if every yarn were knitted in one stretch. */
  readonly saved: number;
}

/** Reads the joins between colours off the pieces, all copies counted. */
export function readJoins(run: Made): Joins {
  let [joins, saved, tailMm] = [0, 0, 0];
  run.plan.pieces.forEach((piece, p) => {
    const sections = sectionsOf(piece);
    if (sections.length === 0 || pieceAt(run, p).fabric.rows === 0) return;
    const own = yarnChanges(sections);
    joins += piece.copies * own;
    saved += piece.copies * (own - (new Set(sections.map((s) => s.yarn)).size - 1));
    const tail = piece.operations.find((op) => op.op === 'knit')?.joinTailMm ?? 0;
    tailMm += piece.copies * own * 2 * tail;
  });
  const minutes = run.worked.done.reduce((sum, d) => {
    const about = (d.act.do === 'tie' || d.act.do === 'weave') && d.act.tails === 'joins';
    return about ? sum + d.minutes * d.times : sum;
  }, 0);
  return { joins, tails: 2 * joins, tailMm, minutes, saved };
}
