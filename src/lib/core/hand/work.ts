import { allRows, type Executed } from '../knit';
import type { Act } from '../plan';
import { type FactsOf, ruleOf, wayOf } from './acts';
import { type Left, leftUndone, type Thing, thingsOf } from './check';
import { off } from './off';
import { copied } from './copied';
import { copiesOf } from './copies';
import type { Refusal } from './refusal';
import type { Cut, Seam, State, Tail } from './state';

/** One act as it was done, or as it was refused. */
export type Did = {
  readonly [D in Act['do']]: {
    readonly do: D;
    readonly act: Extract<Act, { do: D }>;
    /** Counts and lengths of what was done; null where it was refused. */
    readonly facts: FactsOf[D] | null;
    readonly index: number;
    /** Names act, part and edge, never a position: a tick outlives a step more before it. */
    readonly id: string;
    readonly pieces: readonly number[];
    /** Minutes for one copy, and how often it is done. */
    readonly minutes: number;
    readonly times: number;
  };
}[Act['do']];

/** What hands made of a fabric. */
export interface Worked {
  readonly state: State;
  readonly done: readonly Did[];
  readonly refusals: readonly { readonly act: number; readonly refusal: Refusal }[];
  readonly left: readonly Left[];
  readonly things: readonly Thing[];
  readonly seams: readonly Seam[];
  readonly tails: readonly Tail[];
  readonly cuts: readonly Cut[];
}

/** Pieces an act has its hands on, each once. */
const piecesOf = (act: Act): number[] => [...new Set(ruleOf(act).pieces(act))];

/** The id of an act, after those before it; alike ones are counted. */
function idOf(act: Act, pieces: readonly number[], seen: Map<string, number>): string {
  let base = `hand.${act.do}`;
  if (pieces.length) base += `.${pieces.map((p) => p + 1).join('+')}`;
  const name = ruleOf(act).name(act);
  if (name !== '') base += `.${name}`;
  base = base.slice(0, 70);
  const n = (seen.get(base) ?? 0) + 1;
  seen.set(base, n);
  return n === 1 ? base : `${base}~${n}`;
}

/**
 * The ids of acts as they stand in a plan.
 *
 * @example actIds([{ do: 'rest', pieces: [0] }]) // ['hand.rest.1']
 */
export function actIds(acts: readonly Act[]): string[] {
  const seen = new Map<string, number>();
  return acts.map((act) => idOf(act, piecesOf(act), seen));
}

/** Runs acts on a state, one after the other; what is refused is left out. */
function perform(
  run: Executed,
  s: State,
  acts: readonly Act[],
  endless: boolean,
  each: (act: Act, i: number, r: Refusal | null, facts: object | null, times: number) => void
): void {
  const table = { run, s, endless };
  acts.forEach((act, i) => {
    const rule = ruleOf(act);
    const way = wayOf(rule, act, table);
    if (typeof way !== 'function') return each(act, i, way, null, 1);
    const times = rule.times?.(act, table) ?? copiesOf(run, act);
    each(act, i, null, way(), times);
  });
}

/**
 * Runs what hands do, on what came off the machine. One pass; the state before any act can be had from `stateBefore`.
 *
 * @param how `endless`: no tail is too short, for it is left as long as it turns out to be needed
 * @example work(run).things[0] // { name: 'hat', euler: 1, openings: [{ name: 'brim', girthMm: 356 }] }
 */
export function work(run: Executed, { endless = false } = {}): Worked {
  const s = off(run);
  const { acts } = run.plan;
  const seen = new Map<string, number>();
  const done: Did[] = [];
  const refusals: { act: number; refusal: Refusal }[] = [];
  perform(run, s, acts, endless, (act, index, refusal, facts, times) => {
    if (refusal) refusals.push({ act: index, refusal });
    const minutes = facts ? ruleOf(act).minutes(facts) : 0;
    const pieces = piecesOf(act);
    done.push({ do: act.do, act, facts, index, id: idOf(act, pieces, seen), pieces, minutes, times } as Did);
  });
  const things = thingsOf(run, s);
  // Where the machine refused a piece, the rest follows from that.
  const whole = allRows(run) === 0 || s.parts.length >= run.plan.pieces.length;
  return {
    state: s,
    done,
    refusals,
    left: whole ? leftUndone(run, s, things) : [],
    things,
    seams: s.seams,
    tails: s.tails,
    cuts: s.cuts
  };
}

/** The last states that were asked for, by the number of acts that were done: a drawing asks for two neighbours. */
const known = new WeakMap<Executed['fabric'], Map<number, State>>();

/** States that are kept of one plan. */
const KEPT = 3;

/**
 * What lay on the table before an act: the acts before it, done again from the nearest state that is known.
 *
 * @param index number of the act; one more than the last gives the end
 */
export function stateBefore(run: Executed, index: number): State {
  const cache = known.get(run.fabric) ?? new Map<number, State>();
  known.set(run.fabric, cache);
  const found = cache.get(index);
  if (found) return found;
  const from = Math.max(0, ...[...cache.keys()].filter((at) => at < index));
  const s = from > 0 ? copied(cache.get(from)!) : off(run);
  perform(run, s, run.plan.acts.slice(from, index), false, () => undefined);
  cache.set(index, s);
  for (const old of cache.keys()) if (cache.size > KEPT) cache.delete(old);
  return s;
}

/**
 * Goes through all acts once, over one table that changes under the hands.
 *
 * @param look told before each act: the table as it lies then, good until it returns, and a copy of it after the act
 */
export function walk(run: Executed, look: (index: number, before: State, after: () => State) => void): void {
  const s = off(run);
  run.plan.acts.forEach((act, index) => {
    look(index, s, () => {
      const next = copied(s);
      perform(run, next, [act], false, () => undefined);
      return next;
    });
    perform(run, s, [act], false, () => undefined);
  });
}
