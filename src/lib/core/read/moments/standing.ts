import { pieceAt } from '../../knit';
import { type Machine, machineOf } from '../../kit';
import type { Executed } from '../../knit';
import { factsOf } from '../facts';
import type { Look, PinLoop, WorkingYarn } from './look';
import { decreaseMoves, moved } from './moved';

/** Pins drawn at most, so that a loop is seen from where the crank is turned. */
const SHOWN = 9;
/** Empty pins drawn beyond the edge of a panel. */
const BEYOND = 2;
/** Rows drawn below the pins. */
const BELOW = 4;
/** Pins that mark where a row begins, where there are several. */
const SEVERAL = 3;

/** The pins of another colour. */
export function markedPins({ pins, marker }: Machine): number[] {
  const many = marker.kind === 'several' ? SEVERAL : 1;
  return marker.counts === 'first' ? span(1, many) : span(pins - many + 1, pins);
}

/** What hangs on the ring before an operation of a piece, read off the executed trace. */
export interface Standing {
  readonly run: Executed;
  readonly piece: number;
  readonly operation: number;
  readonly ring: number;
  readonly marked: readonly number[];
  readonly tube: boolean;
  readonly loops: readonly PinLoop[];
  /** Lowest and highest pin with a loop; 0 and -1 where there is none. */
  readonly low: number;
  readonly high: number;
  /** Yarn of the loops, by its index in the fabric. */
  readonly yarn: number;
  /** Pin at which the yarn stands; the first one in a tube. */
  readonly pin: number;
  readonly rows: number;
  readonly below: readonly number[];
  readonly cards: readonly number[];
}

/** Pins of a span, in order. */
export const span = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);

/** Pins of ladders that were let down before an operation. */
function droppedBefore(run: Executed, p: number, index: number): Set<number> {
  const dropped = new Set<number>();
  for (const op of pieceAt(run, p).planned.operations.slice(0, index)) {
    if (op.op === 'castOn') dropped.clear();
    if (op.op === 'ladder') for (const pin of op.pins) dropped.add(pin);
  }
  return dropped;
}

/**
 * The loops on the pins before an operation: one on each that carries any, but where decreases of this row have set several
 * on one pin already.
 */
function loopsBefore(run: Executed, p: number, index: number, yarn: number | null): PinLoop[] {
  const at = pieceAt(run, p);
  const { operations } = at.planned;
  const { trace } = at.fabric;
  const last = operations.slice(0, index).findLastIndex((op) => op.op === 'knit' || op.op === 'castOn');
  const hung = trace[last];
  if (!hung || hung.occupied === 0) return [];
  const dropped = droppedBefore(run, p, index);
  let loops: PinLoop[] = span(hung.low, hung.high).map((pin) => ({ pin, yarn }));
  for (let i = last + 1; i < index; i++) {
    const what = factsOf(run, at, i, operations[i]!, hung.rowsAfter);
    if (what.say === 'decrease') loops = moved(loops, decreaseMoves(what.facts));
    if (what.say === 'increase') loops.push({ pin: what.facts.next, yarn });
    if (what.say === 'hold') loops = loops.filter(({ pin }) => pin < what.facts.from || pin > what.facts.to);
    if (what.say === 'hangOff') loops = [];
  }
  return loops.filter(({ pin }) => !dropped.has(pin));
}

/** Yarn of the loops that hang before an operation. */
function yarnBefore(run: Executed, p: number, index: number): number {
  const { operations } = pieceAt(run, p).planned;
  const last = operations.slice(0, index).findLast((op) => op.op === 'knit' || op.op === 'castOn');
  const own = last ?? operations.find((op) => op.op === 'castOn');
  return own && 'yarn' in own ? Math.max(0, run.fabric.yarns.indexOf(own.yarn)) : 0;
}

/**
 * What hangs before an operation.
 *
 * @param index of the operation in its piece
 * @example standingBefore(result, 0, 3).loops.length // 48
 */
export function standingBefore(run: Executed, p: number, index: number): Standing {
  const { planned: piece, fabric: knitted } = pieceAt(run, p);
  const machine = machineOf(run.kit, piece.machineId);
  const hung = knitted.trace[index - 1];
  const [low, high] = hung && hung.occupied > 0 ? [hung.low, hung.high] : [0, -1];
  const tube = piece.mode === 'tube';
  const rows = hung?.rowsAfter ?? 0;
  const own = piece.operations.slice(0, index).findLast((op) => op.op === 'castOn');
  const rag = rows === 0 && own?.op === 'castOn' && own.style === 'rag';
  const yarn = yarnBefore(run, p, index);
  const stands = piece.operations.slice(0, index).some((op) => op.op === 'float');
  return {
    run,
    piece: p,
    operation: index,
    ring: machine.pins,
    marked: markedPins(machine),
    tube,
    loops: loopsBefore(run, p, index, rag ? null : yarn),
    low,
    high,
    yarn,
    pin: tube ? piece.from : (hung?.carriage ?? piece.from),
    rows,
    below: [...knitted.yarn.subarray(Math.max(0, rows - BELOW), rows)].reverse(),
    cards: stands ? knitted.floats.after : []
  };
}

/** The next pin on a tube's ring, which closes; a panel's ends. */
const wrapped = (at: Standing, pin: number): number => ((((pin - 1) % at.ring) + at.ring) % at.ring) + 1;

/**
 * Pins to show round one: a tube goes on past the marker, a panel shows a few empty pins beyond its edge.
 *
 * @param middle the pin the hand is at
 */
export function shownRound(at: Standing, middle: number, most = SHOWN): number[] {
  const count = Math.min(most, at.ring);
  const first = middle - Math.floor(count / 2);
  if (at.tube) return span(first, first + count - 1).map((pin) => wrapped(at, pin));
  const begin = Math.max(1, Math.min(first, at.ring - count + 1));
  return span(begin, begin + count - 1);
}

/** Pins to show at an edge of a panel: the work from its edge on, and the empty pins beside it. */
export function shownAtEdge(at: Standing, edge: number, side: 'low' | 'high', most = SHOWN): number[] {
  const count = Math.min(most, at.ring);
  const first = side === 'low' ? edge - BEYOND : edge + BEYOND - count + 1;
  const begin = Math.max(1, Math.min(first, at.ring - count + 1));
  return span(begin, begin + count - 1);
}

/** The working yarn in the guide, where it stands. */
export const inGuide = (at: Standing): WorkingYarn => ({
  yarn: at.yarn,
  pin: at.pin,
  where: 'guide',
  bumper: at.tube ? null : at.pin
});

/** A look at what hangs, with what is different. */
export const look = (at: Standing, shown: readonly number[], more: Partial<Look> = {}): Look => ({
  shown,
  ring: at.ring,
  marked: at.marked,
  loops: at.loops,
  below: at.below,
  risen: [],
  moves: [],
  lay: [],
  working: at.loops.length > 0 ? inGuide(at) : null,
  gate: at.loops.length > 0 ? 'closed' : 'open',
  tails: [],
  cards: at.cards,
  tool: null,
  held: 0,
  turn: null,
  ...more
});
