import { type Executed, lengthOfRows, mainGauge } from '../knit';
import type { RunRef } from '../plan';
import type { Refusal } from './refusal';
import type { Part, Run, SeamSide, State, Surface } from './state';

/**
 * Rims as rings of runs: finding runs by name, splitting them, gluing them. A surface is kept as its Euler characteristic
 * and its rims; gluing two arcs takes them out of the rims and changes the characteristic by the rule of vertices, edges
 * and faces, so that openings follow and nothing is said twice.
 */

/** An answer, or why there is none. */
export type Found<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly no: Refusal };
const yes = <T>(value: T): Found<T> => ({ ok: true, value });
const no = (refusal: Refusal): Found<never> => ({ ok: false, no: refusal });

/** The parts a piece is on the table as: one for all copies, or one a copy. */
export function partsOf(s: State, piece: number, copy?: number): Part[] {
  const parts: Part[] = [];
  for (const id of s.ofPiece[piece] ?? []) {
    const part = s.parts[id]!;
    if (copy === undefined || part.copy === null || part.copy === copy) parts.push(part);
  }
  return parts;
}

/** Puts a run on record, and with its part. */
export function addRun(s: State, made: Run): number {
  s.runs.push(made);
  s.parts[made.part]!.runs.push(made.id);
  return made.id;
}

/** The standing runs of a part. */
export function runsOfPart(s: State, part: number): Run[] {
  const standing: Run[] = [];
  for (const id of s.parts[part]!.runs) {
    const run = s.runs[id]!;
    if (!run.cut) standing.push(run);
  }
  return standing;
}

/** Number of loops or rows of a run. */
export const countOf = (run: Pick<Run, 'lo' | 'hi'>): number => run.hi - run.lo + 1;

/** Length of a stretch of a run as the fabric gives it, mm at rest. */
function stretchMm(run: Executed, part: Part, of: Run, lo: number, hi: number): number {
  if (of.unit === 'rows') return lengthOfRows(run, part.piece, lo, hi);
  return (of.mm * (hi - lo + 1)) / Math.max(1, countOf(of));
}

/** Puts a run in place of one end of another that is cut at a position: `at` is the last of the lower piece. */
function cutRun(run: Executed, s: State, id: number, at: number): void {
  const whole = s.runs[id]!;
  const part = s.parts[whole.part]!;
  const piece = (lo: number, hi: number): number => {
    const next: Run = { ...whole, id: s.runs.length, lo, hi, mm: stretchMm(run, part, whole, lo, hi) };
    return addRun(s, next);
  };
  const low = piece(whole.lo, at);
  const high = piece(at + 1, whole.hi);
  const surface = s.surfaces[part.surface]!;
  for (const rim of surface.rims) {
    const i = rim.indexOf(id);
    if (i >= 0) rim.splice(i, 1, ...(whole.up ? [low, high] : [high, low]));
  }
  whole.cut = true;
}

/** Whether a run is what a name means, positions aside. */
function named(run: Run, ref: RunRef): boolean {
  return run.run === ref.run && (ref.side === undefined || run.side === ref.side);
}

/** First and last position a name means on a part. */
function spanOf(s: State, part: number, ref: RunRef): { lo: number; hi: number } {
  if (ref.run === 'held') return { lo: -Infinity, hi: Infinity };
  let [lo, hi] = [Infinity, -Infinity];
  for (const id of s.parts[part]!.runs) {
    const run = s.runs[id]!;
    if (run.cut || !named(run, ref)) continue;
    if (run.lo < lo) lo = run.lo;
    if (run.hi > hi) hi = run.hi;
  }
  const asked = ref.pins ?? ref.rows;
  if (asked) return { lo: Math.max(lo, asked.from), hi: Math.min(hi, asked.to) };
  if (!ref.half) return { lo, hi };
  const middle = lo + Math.floor((hi - lo + 1) / 2) - 1;
  return ref.half === 'front' ? { lo, hi: middle } : { lo: middle + 1, hi };
}

/** Whether held stitches belong to a name: those of its rows. */
export const heldIn = (run: Run, ref: RunRef): boolean =>
  ref.run !== 'held' || !ref.rows || (run.row !== null && run.row >= ref.rows.from && run.row <= ref.rows.to);

/**
 * The runs a name means on one part, cut to fit, in no order.
 *
 * @param except positions that are left out, for example pins of ladders
 */
function runsOfRef(run: Executed, s: State, part: number, ref: RunRef, except: readonly number[] = []): Run[] {
  const { lo, hi } = spanOf(s, part, ref);
  const own = s.parts[part]!.runs;
  const mine = (r: Run): boolean => !r.cut && named(r, ref) && heldIn(r, ref);
  const cutAt = (at: number): void => {
    const hit = own.find((id) => s.runs[id]!.lo <= at && at < s.runs[id]!.hi && mine(s.runs[id]!));
    if (hit !== undefined) cutRun(run, s, hit, at);
  };
  if (ref.run !== 'held') {
    // The whole of an edge ends where its runs end.
    if (ref.pins ?? ref.rows ?? ref.half) {
      cutAt(lo - 1);
      cutAt(hi);
    }
    for (const pin of except) {
      cutAt(pin - 1);
      cutAt(pin);
    }
  }
  const found: Run[] = [];
  for (const id of own) {
    const r = s.runs[id]!;
    if (r.lo >= lo && r.hi <= hi && mine(r) && !except.includes(r.lo)) found.push(r);
  }
  return found;
}

/** A chain of runs that lie beside each other on one rim. */
export interface Chain {
  readonly surface: number;
  readonly rim: number;
  /** Ids in the order of the rim. */
  readonly ids: readonly number[];
  /** It is the whole rim. */
  readonly whole: boolean;
}

/** How runs are held that something was made of. */
const USED: ReadonlySet<Run['hold']> = new Set(['joined', 'bound', 'drawn', 'sewn']);

/** Small steps of the side between groups of held stitches belong to the slope they make; rows at most. */
const STEP_ROWS = 3;

/**
 * The chain that names mean, or why it is none.
 *
 * @param refs all of one part, or of parts that are joined already
 */
export function chainOf(
  run: Executed,
  s: State,
  refs: readonly RunRef[],
  partIds: readonly number[],
  except: readonly number[] = []
): Found<Chain> {
  const ids = new Set<number>();
  for (const [i, ref] of refs.entries()) {
    const found = runsOfRef(run, s, partIds[i]!, ref, except);
    if (found.length === 0) return no({ code: 'nothing-there', piece: ref.piece, run: ref.run });
    const used = found.find((r) => USED.has(r.hold) && !onRim(s, r));
    if (used) return no({ code: 'used-up', piece: ref.piece, run: ref.run });
    for (const r of found) ids.add(r.id);
  }
  // Where one name lies in another, naming the second cut the first: now that all is cut, they are found anew.
  if (refs.length > 1 && [...ids].some((id) => s.runs[id]!.cut)) return chainOf(run, s, refs, partIds, except);
  const surface = s.parts[partIds[0]!]!.surface;
  const rims = s.surfaces[surface]!.rims;
  const rim = rims.findIndex((list) => list.some((id) => ids.has(id)));
  if (rim < 0) return no({ code: 'used-up', piece: refs[0]!.piece, run: refs[0]!.run });
  const list = rims[rim]!;
  const meant = list.map((id) => ids.has(id));
  const there = count(meant);
  // Steps of a sloped shoulder lie between its groups.
  const inside = refs.some((ref) => ref.run === 'held') ? bridged(list.map((id) => s.runs[id]!), meant) : meant; // prettier-ignore
  const chosen = count(inside);
  if (there < ids.size) return no({ code: 'apart', piece: refs[0]!.piece });
  if (chosen === list.length) return yes({ surface, rim, ids: list, whole: true });
  const start = inside.findIndex((is, i) => is && !inside[(i + list.length - 1) % list.length]);
  const order: number[] = [];
  for (let i = start; i < start + chosen; i++) {
    if (!inside[i % list.length]) return no({ code: 'apart', piece: refs[0]!.piece });
    order.push(list[i % list.length]!);
  }
  return yes({ surface, rim, ids: order, whole: false });
}

/** How many of these are so. */
const count = (of: readonly boolean[]): number => of.reduce((sum, is) => sum + (is ? 1 : 0), 0);

/**
 * Which runs of a rim are chosen once the short sides between chosen held groups are taken in: the small steps of a slope.
 *
 * @param rim its runs in their order, all the way round
 * @param chosen those that a name means
 */
export function bridged(rim: readonly Pick<Run, 'run' | 'lo' | 'hi'>[], chosen: readonly boolean[]): boolean[] {
  const inside = [...chosen];
  rim.forEach((r, i) => {
    const [before, after] = [(i + rim.length - 1) % rim.length, (i + 1) % rim.length];
    if (!inside[i] && r.run === 'side' && countOf(r) <= STEP_ROWS && inside[before] && inside[after]) inside[i] = true;
  });
  return inside;
}

/** Whether a run lies on a rim of its surface still. */
function onRim(s: State, r: Run): boolean {
  return s.surfaces[s.parts[r.part]!.surface]!.rims.some((rim) => rim.includes(r.id));
}

/** The rim from the end of a chain round to its start. */
function restOf(list: readonly number[], chain: Chain): number[] {
  const start = list.indexOf(chain.ids[0]!);
  const turned = [...list.slice(start), ...list.slice(0, start)];
  return turned.slice(chain.ids.length);
}

/** Turns a surface over: its rims are passed the other way round. */
function turnOver(s: State, surface: Surface): void {
  for (const rim of surface.rims) {
    rim.reverse();
    for (const id of rim) s.runs[id]!.up = !s.runs[id]!.up;
  }
}

/** Long folds and rungs meet row by row; other edges have no direction to lose. */
const meetsInOrder = (r: Run): boolean => r.run === 'upper' || r.run === 'lower';

/** Both chains are long folds of two flat tubes, passed the same way round. */
function sameWay(s: State, a: Chain, b: Chain): boolean {
  const [firstA, firstB] = [s.runs[a.ids[0]!]!, s.runs[b.ids[0]!]!];
  return meetsInOrder(firstA) && meetsInOrder(firstB) && firstA.part !== firstB.part && firstA.up === firstB.up;
}

/** Why two chains, joined, would show one of the two from the wrong side; nothing where they would not. */
export function facesAway(s: State, a: Chain, b: Chain): Refusal | undefined {
  // The first run of the one meets the last of the other.
  const [firstA, firstB] = [s.runs[a.ids[0]!]!, s.runs[b.ids.at(-1)!]!];
  const wrong: Refusal = { code: 'faces-away', piece: s.parts[firstB.part]!.piece };
  if (sameWay(s, a, b) && a.surface === b.surface) return wrong;
  // Sides of panels meet knit side by knit side only where the one is passed up and the other down.
  return firstA.run === 'side' && firstB.run === 'side' && firstA.up === firstB.up ? wrong : undefined;
}

/**
 * Glues one chain to another, which do not face away. Two arcs of one rim leave what lies between them as rims; arcs of two
 * rims make one rim of them. Characteristic: an edge less, and a vertex less for every two ends that were apart.
 */
export function glue(s: State, a: Chain, b: Chain): void {
  if (sameWay(s, a, b)) {
    turnOver(s, s.surfaces[b.surface]!);
    b = { ...b, ids: [...b.ids].reverse() };
  }
  const [one, two] = [s.surfaces[a.surface]!, s.surfaces[b.surface]!];
  const [listA, listB] = [one.rims[a.rim]!, two.rims[b.rim]!];
  const rims: number[][] = [];
  let chi: number;
  if (a.surface === b.surface && a.rim === b.rim) {
    const rest = restOf(listA, a);
    const at = rest.indexOf(b.ids[0]!);
    const [x, y] = [rest.slice(0, at), rest.slice(at + b.ids.length)];
    chi = 1 - (x.length ? 1 : 0) - (y.length ? 1 : 0);
    rims.push(...[x, y].filter((r) => r.length));
  } else {
    const [x, y] = [restOf(listA, a), restOf(listB, b)];
    chi = a.whole && b.whole ? 0 : -1;
    if (x.length + y.length) rims.push([...x, ...y]);
  }
  const keep = one.rims.filter((r) => r !== listA && r !== listB);
  if (one === two) one.rims = [...keep, ...rims];
  else {
    one.rims = [...keep, ...two.rims.filter((r) => r !== listB), ...rims];
    one.chi += two.chi;
    two.gone = true;
    two.rims = [];
    for (const part of s.parts) if (part.surface === b.surface) part.surface = a.surface;
  }
  one.chi += chi;
}

/** Closes a whole rim, as a drawn thread does: a disc less. */
export function closeRim(s: State, surface: number, rim: readonly number[]): void {
  const own = s.surfaces[surface]!;
  own.rims = own.rims.filter((r) => r !== rim);
  own.chi += 1;
}

/** The rim that holds a run of this name on a part, or undefined. */
export function rimAt(s: State, part: number, name: Run['run']): number[] | undefined {
  const p = s.parts[part]!;
  return s.surfaces[p.surface]!.rims.find((rim) => rim.some((id) => s.runs[id]!.part === part && s.runs[id]!.run === name)); // prettier-ignore
}

/** Whether an end of a part goes once round by itself: a panel's does once its sides are seamed to each other. */
export const ringAt = (s: State, part: number, edge: Run['run']): boolean =>
  rimAt(s, part, edge)?.every((id) => s.runs[id]!.part === part && s.runs[id]!.run === edge) ?? false;

/** The standing runs of an end of a part, wherever they are. */
export const endRuns = (s: State, part: number, edge: Run['run']): Run[] =>
  runsOfPart(s, part).filter((r) => r.run === edge);

/** What a seam meets of a chain. */
export function sideOf(s: State, chain: Chain): SeamSide {
  const pieces: number[] = [];
  let [stitches, rows, ofLoops, mm, hasRows, isTall] = [0, 0, 0, 0, false, false];
  for (const id of chain.ids) {
    const r = s.runs[id]!;
    const { piece } = s.parts[r.part]!;
    if (!pieces.includes(piece)) pieces.push(piece);
    mm += r.mm;
    if (r.unit === 'stitches') {
      stitches += countOf(r);
      ofLoops += r.mm;
    } else {
      rows += countOf(r);
      hasRows = true;
      if (countOf(r) > STEP_ROWS) isTall = true;
    }
  }
  // A slope of held groups is counted by its stitches; the small steps between them are eased in.
  const sloped = stitches > 0 && !isTall;
  const byRows = hasRows && !sloped;
  return {
    piece: pieces[0]!,
    pieces,
    count: byRows ? rows : stitches,
    unit: byRows ? 'rows' : 'stitches',
    stitches: byRows ? stitches : 0,
    mm: sloped ? ofLoops : mm
  };
}

/** Girth of a rim as it lies at rest, mm. */
export const girthMm = (s: State, rim: readonly number[]): number => rim.reduce((sum, id) => sum + s.runs[id]!.mm, 0);

/** Width of a stitch of a piece at rest, mm. */
export const stitchMm = (run: Executed, piece: number): number => 10 / mainGauge(run, piece).wales.value;
