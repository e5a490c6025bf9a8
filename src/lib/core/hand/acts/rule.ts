import type { Executed } from '../../knit';
import type { Act, RunRef } from '../../plan';
import { isOff } from '../off';
import { partsOf } from '../rims';
import type { Refusal } from '../refusal';
import type { Part, State } from '../state';

/** What hands work on: the plan as it was knitted, and what lies on the table. */
export interface Table {
  readonly run: Executed;
  readonly s: State;
  /** No tail is too short: it will be left as long as it is needed. */
  readonly endless?: boolean;
}

/** How what an act names is turned over: pins, sides and halves of a piece change places, rows and ends stay. */
export interface Mirror {
  readonly ref: (ref: RunRef) => RunRef;
  /** A list of pins under its name, turned over; nothing where the act names none. */
  readonly pins: <K extends string, P extends readonly number[]>(
    piece: number,
    name: K,
    pins: P | undefined
  ) => { readonly [N in K]?: P };
}

/** What every act says of itself. */
interface Told<A extends Act, F extends object> {
  /** Pieces hands are on; one may be named twice. None where it is on all, or on nothing. */
  readonly pieces: (act: A) => readonly number[];
  /** What tells two acts of one kind on one piece apart: edge, seam, place, fold. Ids are made of it; never change one. */
  readonly name: (act: A) => string;
  /** The same act on the mirror image of its pieces. */
  readonly mirror: (act: A, over: Mirror) => A;
  /** Minutes for one copy; common practice for a practised knitter, no source. */
  readonly minutes: (facts: F) => number;
  /** How many times it is done in all; one for each copy of its piece when absent. */
  readonly times?: (act: A, t: Table) => number;
}

/** An act that is asked about, then done. */
interface Asked<A extends Act, F extends object> {
  /** The refusal, or nothing when it can be done. Changes nothing that anybody could see. */
  readonly refuses: (act: A, t: Table) => Refusal | undefined;
  /** Does it to the state, and says what was done in counts and lengths. Asked only where nothing is refused. */
  readonly does: (act: A, t: Table) => F;
}

/** An act that does with what it found when it was asked about. */
interface Tried<A extends Act, F extends object> {
  /**
   * The refusal, or the way it is done: the state changes only once the way is gone, and nothing may come between. What was
   * done is said in counts and lengths.
   */
  readonly tries: (act: A, t: Table) => Refusal | (() => F);
}

/**
 * One act, whole: why hands cannot do it now, what it does, how long it takes a practised hand. To add an act, write its
 * file, its type in plan/acts, and name it in the index; words and drawing are asked for by the compiler.
 */
export type ActRule<A extends Act = Act, F extends object = object> = Told<A, F> & (Asked<A, F> | Tried<A, F>);

/** The refusal of an act, or the way it is done. @example const way = wayOf(rule, act, table); */
export function wayOf(rule: ActRule, act: Act, t: Table): Refusal | (() => object) {
  return 'tries' in rule ? rule.tries(act, t) : (rule.refuses(act, t) ?? (() => rule.does(act, t)));
}

/** An act that names no pin, side or half is its own mirror image. */
export const unchanged = <A>(act: A): A => act;

/** Refuses a piece that is not off the machine. */
export function notOff(t: Table, ...pieces: readonly number[]): Refusal | undefined {
  const piece = pieces.find((p) => !isOff(t.run, p));
  return piece === undefined ? undefined : { code: 'not-off', piece };
}

/** Every part of a piece, with its index. */
export const partsIn = (t: Table, piece: number): { readonly part: Part; readonly id: number }[] =>
  partsOf(t.s, piece).map((part) => ({ part, id: part.id }));

/** Copies of a piece as they lie on the table. */
export const copiesIn = (t: Table, piece: number): number => partsOf(t.s, piece).reduce((sum, p) => sum + p.times, 0);

/** The first refusal of several questions. */
export function firstOf(...questions: readonly (() => Refusal | undefined)[]): Refusal | undefined {
  for (const ask of questions) {
    const refusal = ask();
    if (refusal) return refusal;
  }
  return undefined;
}

/** Puts something on record that was put on a part. */
export const adorn = (part: Part, what: string, count = 1): void => {
  part.adorned[what] = (part.adorned[what] ?? 0) + count;
};
