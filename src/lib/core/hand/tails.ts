import type { Face } from '../plan';
import type { Cut, Part, State, Tail, TailAt } from './state';

/** The face that lies inside a tube now. */
export const innerFace = (part: Part): Face => (part.out === 'knit' ? 'purl' : 'knit');

/** Whether nothing leads into a tube, or between the layers of a folded one: every end of it is shut. */
export function sealed(s: State, part: number): boolean {
  const p = s.parts[part]!;
  if (p.body !== 'tube') return false;
  return !s.surfaces[p.surface]!.rims.some((rim) => rim.some((id) => s.runs[id]!.part === part && isWayIn(s, id)));
}

/** Ends of a tube lead inside; its long folds and the fold of a brim do not. */
function isWayIn(s: State, id: number): boolean {
  const { run } = s.runs[id]!;
  return run === 'cast-on' || run === 'hung-off' || run === 'fold' ? !isFoldOfLining(s, id) : false;
}

/** The fold of a tube that was pushed into itself leads to the lining's face, not between the layers. */
const isFoldOfLining = (s: State, id: number): boolean =>
  s.runs[id]!.run === 'fold' && s.parts[s.runs[id]!.part]!.form === 'lined';

/** Whether a hand reaches a tail: it hangs outside, or a way in is open. */
export const reachable = (s: State, tail: Tail): boolean =>
  tail.face !== innerFace(s.parts[tail.part]!) || !sealed(s, tail.part);

/** `reachable` for many tails: the ways into each part are looked for once. */
export function reaches(s: State): (tail: Tail) => boolean {
  const shut: (boolean | undefined)[] = [];
  return (tail) => tail.face !== innerFace(s.parts[tail.part]!) || !(shut[tail.part] ??= sealed(s, tail.part));
}

/**
 * Puts a new end of yarn on record as it is, for a long striped piece has hundreds.
 *
 * @param tail its id is the next one of the table, `s.tails.length`
 */
export function addTail(s: State, tail: Tail): void {
  s.tails.push(tail);
  s.parts[tail.part]!.tails.push(tail.id);
}

/** Both ends of a length that was cut and worked in. */
export function addCutTails(s: State, part: number, yarn: string, name: string, count = 1): void {
  const { times, out } = s.parts[part]!;
  const where: TailAt = { at: 'seam', name };
  for (let i = 0; i < 2 * count; i++) {
    addTail(s, { id: s.tails.length, part, yarn, mm: 75, from: 'cut', where, face: out, fate: 'loose', times });
  }
}

/** Records yarn that is cut. */
export function addCut(s: State, cut: Cut): void {
  s.cuts.push(cut);
}

/** The tails of a part, or those that are so: a striped one has hundreds, and few are asked for. */
export function tailsOf(s: State, part: number, so?: (tail: Tail) => boolean): Tail[] {
  const found: Tail[] = [];
  for (const id of s.parts[part]!.tails) {
    const tail = s.tails[id]!;
    if (!so || so(tail)) found.push(tail);
  }
  return found;
}

/** Tails of a part at one of its ends. */
export const tailsAt = (s: State, part: number, edge: 'cast-on' | 'hung-off'): Tail[] =>
  tailsOf(s, part, (tail) => tail.where.at === edge);
