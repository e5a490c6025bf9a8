import { yarnName } from '../kit';
import type { Finish } from '../plan';
import type { Executed } from './executed';
import { copiesOf } from './steps';

/** Yarn to cut to a length, for one purpose. */
export interface CutLine {
  readonly yarnId: string;
  readonly name: string;
  readonly what: string;
  readonly lengthMm: number;
  readonly count: number;
}

/** Finishing that takes a length of yarn. */
type Cutting = Extract<Finish, { readonly yarn: string; readonly lengthMm: number }>;

/** What a thread of each finishing action is for; one that is missing does not compile. */
const WHAT: Readonly<Record<Cutting['do'], string>> = {
  threadEdge: 'drawstring thread',
  zipEdges: 'zip thread',
  flatClose: 'closing an end',
  crochetEdge: 'crocheted edge',
  chain: 'chain',
  ties: 'tie cord',
  seam: 'seam',
  chainHeld: 'chaining off what was held',
  edging: 'crocheted band',
  chainLadder: 'end of a ladder',
  twist: 'twisted seam',
  sewToe: 'toe',
  ears: 'ears',
  cuff: 'cuffs',
  waist: 'waist thread',
  attach: 'sewing on',
  face: 'face',
  string: 'hanging thread'
};

/**
 * The cutting list: every length of yarn that finishing asks for, alike ones counted together. Tails at the machine are
 * not cut beforehand and stand with their steps.
 *
 * @example cutsOf(result)[0] // { name: 'Reedwick, Ember', what: 'seam', lengthMm: 690, count: 2, … }
 */
export function cutsOf(run: Executed): CutLine[] {
  const lines = new Map<string, CutLine>();
  for (const finish of run.plan.finishing) {
    if (!('lengthMm' in finish) || !('yarn' in finish)) continue;
    const count = copiesOf(run, finish) * ('count' in finish ? finish.count : 1);
    const what = finish.do === 'edging' ? finish.what : WHAT[finish.do];
    const key = `${finish.yarn} ${what} ${finish.lengthMm}`;
    const before = lines.get(key)?.count ?? 0;
    const yarn = run.yarns[run.fabric.yarns.indexOf(finish.yarn)]!;
    lines.set(key, {
      yarnId: finish.yarn,
      name: yarnName(yarn),
      what,
      lengthMm: finish.lengthMm,
      count: before + count
    });
  }
  return [...lines.values()];
}
