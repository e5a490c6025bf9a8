import type { CutWhat, Made } from '../hand';
import { yarnName } from '../kit';

/** Yarn to cut to a length, for one purpose. */
export interface CutLine {
  readonly yarnId: string;
  readonly name: string;
  readonly what: CutWhat;
  readonly lengthMm: number;
  readonly count: number;
}

/**
 * The cutting list: every length of yarn that making up takes, alike ones counted together. It is the list the yarn use
 * counts from. Tails at the machine are not cut beforehand and stand with their steps.
 *
 * @example cutsOf(result)[0] // { name: 'Reedwick, Ember', what: 'seam', lengthMm: 690, count: 2, … }
 */
export function cutsOf(run: Made): CutLine[] {
  const lines = new Map<string, CutLine>();
  for (const { yarn, what, mm, count } of run.worked.cuts) {
    const key = `${yarn} ${what} ${mm}`;
    const before = lines.get(key)?.count ?? 0;
    const name = yarnName(run.yarns[run.fabric.yarns.indexOf(yarn)]!);
    lines.set(key, { yarnId: yarn, name, what, lengthMm: mm, count: before + count });
  }
  return [...lines.values()];
}
