import { pieceAt } from '../knit';
import type { Executed } from '../knit';
import type { Edge, Promise, RunName, RunRef, ShownSide } from '../plan';
import { latchedName } from './acts/latch-up';
import { insideOf, isOutside, outsideOf } from './layers';
import { countOf, girthMm } from './rims';
import type { Part, State } from './state';

/** What is not as it should be when all is done, as data. */
export interface LeftFacts {
  /** Live loops that nothing holds. */
  readonly loops: { readonly piece: number; readonly run: RunName; readonly count: number };
  readonly waste: { readonly piece: number; readonly edge: Edge };
  /** Loops that wait on a thread still. */
  readonly thread: { readonly piece: number; readonly run: RunName; readonly count: number };
  readonly rungs: { readonly piece: number; readonly count: number };
  readonly gathered: { readonly piece: number };
  readonly tails: { readonly piece: number; readonly yarn: string; readonly count: number };
  readonly floats: { readonly piece: number };
  /** A stitch that was dropped at the crank and never latched up. */
  readonly dropped: { readonly piece: number; readonly pin: number };
  /** Two layers that nothing holds to each other at the crown. */
  readonly lining: { readonly piece: number };
  /** A pouch that was folded and is not sewn up on both sides. */
  readonly pouch: { readonly piece: number };
  /** A cord that was made and never threaded. */
  readonly cord: { readonly piece: number };
  /** An opening that was promised is shut, or was never there. */
  readonly shut: { readonly piece: number; readonly opening: string };
  /** An opening that nobody promised. */
  readonly hole: { readonly piece: number; readonly girthMm: number };
  /** Another layer or face shows than was promised. */
  readonly 'wrong-side': {
    readonly piece: number;
    readonly where: 'outside' | 'inside';
    readonly promised: ShownSide;
    readonly shows: ShownSide;
  };
  /** The ridge of a seam lies outside, where it is seen. */
  readonly 'ridge-out': { readonly piece: number; readonly seam: string };
}
export type LeftCode = keyof LeftFacts;
export type Left = { readonly [C in LeftCode]: { readonly code: C } & LeftFacts[C] }[LeftCode];

/** An opening of a finished thing. */
interface Opening {
  /** Code its kind gave it; null for one that was not promised. */
  readonly name: string | null;
  readonly girthMm: number;
  /** Runs that make it up, by id. */
  readonly runs: readonly number[];
}

/** What is seen of one piece of a thing. */
interface Shown extends ShownSide {
  readonly piece: number;
}

/** One connected thing, as many as there are of it. */
export interface Thing {
  readonly name: string;
  readonly pieces: readonly number[];
  readonly times: number;
  readonly euler: number;
  readonly openings: readonly Opening[];
  /** What is seen from outside, one entry a piece. */
  readonly outside: readonly Shown[];
  /** What is seen by looking in, one entry a piece; none where the thing is closed all round. */
  readonly inside: readonly Shown[];
}

/** The things on the table: every connected surface with its openings, named as its kind promised them. */
export function thingsOf(run: Executed, s: State): Thing[] {
  return s.surfaces.flatMap((surface, i): Thing[] => {
    if (surface.gone) return [];
    const parts = s.parts.filter((p) => p.surface === i);
    const [first] = parts;
    if (!first) return [];
    const promise = run.plan.promises.find(({ of }) =>
      parts.some((p) => p.piece === of.piece && (of.copy === undefined || p.copy === null || p.copy === of.copy))
    );
    const has = (rim: readonly number[], at: RunRef): boolean =>
      rim.some((id) => {
        const r = s.runs[id]!;
        const part = s.parts[r.part]!;
        const copy = at.copy === undefined || part.copy === null || part.copy === at.copy;
        return r.run === at.run && part.piece === at.piece && copy && (at.side === undefined || r.side === at.side);
      });
    // A cord rolls up, and what is sewn on by its rim hangs there: neither has an opening.
    const rims = surface.rims.filter(
      (rim) => !rim.some((id) => s.parts[s.runs[id]!.part]!.body === 'cord' || s.runs[id]!.hold === 'sewn')
    );
    const openings = rims.map((rim): Opening => {
      const name = promise?.openings.find(({ at }) => has(rim, at))?.name ?? null;
      return { name, girthMm: girthMm(s, rim), runs: rim };
    });
    const pieces = [...new Set(parts.map((p) => p.piece))];
    const each = (side: (part: Part) => ShownSide): Shown[] => pieces.map((piece) => ({ piece, ...side(parts.find((p) => p.piece === piece)!) })); // prettier-ignore
    return [
      {
        name: promise?.name ?? pieceAt(run, first.piece).planned.label,
        pieces,
        times: Math.min(...parts.map((p) => p.times)),
        euler: surface.chi,
        openings,
        outside: each(outsideOf),
        inside: rims.length > 0 ? each(insideOf) : []
      }
    ];
  });
}

/** Loops and threads that are left over. */
function leftOfRuns(s: State): Left[] {
  const left: Left[] = [];
  const wasted = new Set<string>();
  for (const r of s.runs) {
    if (r.cut) continue;
    const { piece } = s.parts[r.part]!;
    const count = countOf(r);
    if (r.waste > 0 && (r.run === 'cast-on' || r.run === 'hung-off')) {
      const key = `${r.part} ${r.run}`;
      if (!wasted.has(key)) left.push({ code: 'waste', piece, edge: r.run });
      wasted.add(key);
    }
    switch (r.hold) {
      case 'open':
      case 'left':
        left.push({ code: 'loops', piece, run: r.run, count });
        break;
      case 'thread':
        left.push({ code: 'thread', piece, run: r.run, count });
        break;
      case 'rungs':
        left.push({ code: 'rungs', piece, count });
        break;
      case 'gathered':
        left.push({ code: 'gathered', piece });
        break;
      case 'woven':
      case 'wrapped':
      case 'edge':
      case 'rehung':
      case 'fold':
      case 'joined':
      case 'bound':
      case 'drawn':
      case 'sewn':
      case 'run':
        break;
    }
  }
  return left;
}

/** Tails that are loose still, by piece and yarn. */
function leftOfTails(s: State): Left[] {
  const loose = new Map<string, { code: 'tails'; piece: number; yarn: string; count: number }>();
  for (const tail of s.tails) {
    if (tail.fate !== 'loose' && tail.fate !== 'string') continue;
    const { piece } = s.parts[tail.part]!;
    const key = `${piece} ${tail.yarn}`;
    const known = loose.get(key);
    loose.set(key, { code: 'tails', piece, yarn: tail.yarn, count: (known?.count ?? 0) + tail.times });
  }
  return [...loose.values()];
}

/** Whether both long folds of a flat tube are sewn, at least in part. */
const sewnUp = (s: State, part: number): boolean =>
  (['upper', 'lower'] as const).every((fold) =>
    s.runs.some((r) => r.part === part && r.run === fold && r.hold === 'joined')
  );

/** What lies the wrong way round on one thing: another layer or face than its kind promised, a ridge that shows. */
function leftOfSides(s: State, promise: Promise, thing: Thing): Left[] {
  const left: Left[] = [];
  const check = (where: 'outside' | 'inside', promised: ShownSide | null): void => {
    if (!promised) return;
    for (const { piece, half, face } of thing[where]) {
      const own = piece === promise.of.piece ? promised.half : 'whole';
      if (half === own && face === promised.face) continue;
      left.push({ code: 'wrong-side', piece, where, promised, shows: { half, face } });
    }
  };
  check('outside', promise.outside);
  check('inside', promise.inside);
  if (!promise.ridgesInside) return left;
  for (const { name, ridge } of s.seams) {
    const part = ridge && s.parts[ridge.part]!;
    if (!part || !thing.pieces.includes(part.piece) || !isOutside(part, ridge)) continue;
    left.push({ code: 'ridge-out', piece: part.piece, seam: name });
  }
  return left;
}

/**
 * The end check: nothing live, no waste, no thread, no open rung, no loose tail, exactly the openings that were promised,
 * and outside what was promised to be outside.
 */
export function leftUndone(run: Executed, s: State, things: readonly Thing[]): Left[] {
  const left: Left[] = [...leftOfRuns(s), ...leftOfTails(s)];
  for (const part of s.parts) {
    const { faults, purpose } = pieceAt(run, part.piece).fabric;
    for (const fault of faults) {
      // What went wrong in waste goes with it.
      if (fault.kind !== 'dropped' || purpose[fault.row - 1] !== 0) continue;
      if (part.copy !== null && part.copy !== fault.copy) continue;
      if (!part.adorned[latchedName(fault)]) left.push({ code: 'dropped', piece: part.piece, pin: fault.pin });
    }
    if (part.floats) left.push({ code: 'floats', piece: part.piece });
    if (part.pouch.length > 0 && !sewnUp(s, part.id)) left.push({ code: 'pouch', piece: part.piece });
    if (part.form === 'lined' && !part.linked) left.push({ code: 'lining', piece: part.piece });
  }
  for (const cord of s.cords) left.push({ code: 'cord', piece: cord.piece });
  for (const thing of things) {
    for (const { name, girthMm: mm } of thing.openings) {
      if (name === null) left.push({ code: 'hole', piece: thing.pieces[0]!, girthMm: mm });
    }
  }
  for (const promise of run.plan.promises) {
    const mine = things.filter((thing) => thing.pieces.includes(promise.of.piece));
    for (const thing of mine) left.push(...leftOfSides(s, promise, thing));
    for (const opening of promise.openings) {
      for (const thing of mine) {
        const found = thing.openings.filter((o) => o.name === opening.name).length;
        if (thing.name === promise.name && found === 0) left.push({ code: 'shut', piece: promise.of.piece, opening: opening.name }); // prettier-ignore
        for (let extra = 1; extra < found; extra++) left.push({ code: 'hole', piece: promise.of.piece, girthMm: 0 });
      }
    }
  }
  return left;
}
