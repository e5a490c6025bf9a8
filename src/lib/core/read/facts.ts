import { machineOf, ringMm } from '../kit';
import { type Executed, type PieceRun, type Trace, workOf } from '../knit';
import type { DecreaseMethod, Operation, Piece, Side } from '../plan';
import type { Did } from '../hand';
import { tensionAt, type TensionFacts } from './tension';

/**
 * What a step at the machine says, as facts: pins, counts, lengths, ids. Words are made of them elsewhere.
 */
export interface StepFacts {
  /** The machine is set up: mode, pins of a piece that is turned by hand. */
  readonly mode: {
    readonly machineId: string;
    readonly mode: Piece['mode'];
    readonly from: number;
    readonly to: number;
  };
  /** Yarn through the tension guide. */
  readonly guide: {
    readonly hole: number;
    readonly holes: number;
    readonly yarn: string | null;
    readonly strands: number;
    /** How the yarn behaves, which asks for more or less tension. */
    readonly stretch: 'little' | 'some' | 'much';
  };
  /**
   * `yarnPin`: where the yarn of a panel stands then; null for a tube. `from` and `to`: the pins in the order they
   * are laid, so that
   * a cast-on that leaves the yarn at the low edge goes from the highest pin down.
   */
  readonly castOn: { readonly style: 'weave' | 'e-wrap' | 'rag'; readonly yarn: string; readonly tailMm: number; readonly from: number; readonly to: number; readonly whole: boolean; readonly yarnPin: number | null; readonly farPin: number | null; readonly lost: { readonly knitted: number; readonly first: number } | null }; // prettier-ignore
  readonly zeroCounter: Record<never, never>;
  readonly knit: KnitFacts;
  /** In which row of the work which earlier one is lifted. */
  readonly rehang: { readonly row: number; readonly into: number; readonly pins: number; readonly ofRows: number };
  readonly ladder: { readonly pins: readonly number[] };
  /** The edge pin and the three beside it, inwards; `edge`: the edge pin afterwards. */
  readonly decrease: { readonly side: Side; readonly method: DecreaseMethod; readonly stitches: number; readonly pin: number; readonly inner: number; readonly nearest: number; readonly deepest: number; readonly edge: number }; // prettier-ignore
  readonly increase: { readonly side: Side; readonly pin: number; readonly next: number };
  readonly hold: { readonly side: Side; readonly stitches: number; readonly pin: number; readonly from: number; readonly to: number; readonly next: number }; // prettier-ignore
  readonly newEnd: {
    readonly side: Side;
    readonly yarn: string;
    readonly pin: number;
    readonly oldMm: number;
    readonly newMm: number;
  };
  readonly float: { readonly after: readonly number[]; readonly columns: number; readonly cardMm: number | null; readonly castOn: boolean }; // prettier-ignore
  readonly hangOff: {
    readonly style: 'drawstring' | 'waste' | 'chain' | 'thread';
    readonly gather: boolean;
    readonly panel: boolean;
    readonly thread: string | null;
    readonly threadMm: number;
    readonly turns: number;
    readonly doubled: boolean;
    readonly stitches: number;
    readonly low: number;
    readonly high: number;
    readonly yarnPin: number;
    /** Threads the loops are taken onto: one for every run of pins between float groups. */
    readonly threads: number;
    readonly empty: boolean;
  };
}

/** Rows of one yarn. */
export interface KnitFacts {
  readonly section: string;
  readonly yarn: string;
  readonly rows: number;
  readonly purpose: 'work' | 'waste' | 'separator';
  /** Rows of the work, or of this stretch of waste, from 1, both included. */
  readonly from: number;
  readonly to: number;
  readonly tube: boolean;
  /** Length of these rows as they hang, where the machine's counter does not show them; null where it does. */
  readonly hangsMm: number | null;
  /** How the tension changes as they begin. */
  readonly tension: TensionFacts | null;
  /** The first of them is the one in which an earlier row is lifted. */
  readonly lifts: boolean;
}

/** A new yarn is joined before the rows of a step. */
export interface JoinedFacts {
  readonly yarn: string;
  /** Length of the old yarn's tail. */
  readonly tailMm: number;
  /** Length of the new yarn's tail. */
  readonly newTailMm: number;
  readonly tube: boolean;
  /** Pins before the marker at which it is changed; 0 at the marker. */
  readonly before: number;
  /** The work begins here on its waste: its first tail is dropped, or tied loosely. */
  readonly first: 'drop' | 'tie' | null;
  /** Another hole that it is threaded through, and how many there are; null where it is the same one. */
  readonly through: { readonly hole: number; readonly holes: number } | null;
}

/** What a step is about: one thing at the machine, or one act of the hands. */
export type What =
  | { readonly [K in keyof StepFacts]: { readonly say: K; readonly facts: StepFacts[K] } }[keyof StepFacts]
  | { readonly say: 'act'; readonly did: Did };

/** Where the yarn of a panel stands once it is cast on, and the pin the first row runs to; a tube has neither. */
function standsAt(piece: Piece, { carriage, low, high }: Trace): { yarnPin: number | null; farPin: number | null } {
  return piece.mode === 'tube' ? { yarnPin: null, farPin: null } : { yarnPin: carriage, farPin: low + high - carriage };
}

/**
 * Stitches that PANEL mode loses at an end of the ring: what is knitted of the cast-on, and from which pin; null
 * where none is.
 */
const lostOf = ({ mode }: Piece, cast: number, { occupied, low }: Trace) =>
  mode === 'panel' && occupied < cast ? { knitted: occupied, first: low } : null;

/** The pin at an edge before an operation, or one so many pins further in. */
function pinAt({ planned, fabric }: PieceRun, index: number, side: Side, inwards = 0): number {
  const hung = fabric.trace[index - 1];
  return side === 'low' ? (hung?.low ?? planned.from) + inwards : (hung?.high ?? planned.to) - inwards;
}

/** The operation before another one, the counter aside. */
const lastOf = (piece: Piece, index: number): Operation | undefined =>
  piece.operations.slice(0, index).findLast((op) => op.op !== 'zeroCounter');

/** Rows of the stretch that follows an operation. */
function nextRows(piece: Piece, index: number): number {
  const next = piece.operations.slice(index).find((op) => op.op === 'knit');
  return next?.op === 'knit' ? next.rows : 0;
}

/**
 * The facts of one operation.
 *
 * @param from true row of the piece before it
 * @param hangs length of rows as they hang, where the machine's counter does not show them
 * @example factsOf(run, pieceAt(run, 0), 2, knitRows('Hat', 'red', 40), 0) // { say: 'knit', facts: { rows: 40, from: 1, to: 40, … } }
 */
export function factsOf(
  run: Executed,
  at: PieceRun,
  index: number,
  op: Operation,
  from: number,
  hangs: ((yarn: number, rows: number) => number) | null = null
): What {
  const { planned: piece, fabric } = at;
  const { trace } = fabric;
  switch (op.op) {
    case 'castOn': {
      const low = op.pins?.from ?? piece.from;
      const high = op.pins?.to ?? piece.to;
      const [from, to] = piece.mode !== 'tube' && op.yarnAt === 'low' ? [high, low] : [low, high];
      return { say: 'castOn', facts: { style: op.style, yarn: op.yarn, tailMm: op.tailMm, from, to, whole: piece.mode === 'tube' && high - low === piece.to - piece.from, ...standsAt(piece, trace[index]!), lost: lostOf(piece, high - low + 1, trace[index]!) } }; // prettier-ignore
    }
    case 'zeroCounter':
      return { say: 'zeroCounter', facts: {} };
    case 'knit': {
      // Hands count the work from its first row, and waste by itself.
      const first = op.purpose === 'work' ? from + 1 - workOf(fabric).before : 1;
      return { say: 'knit', facts: { section: op.section, yarn: op.yarn, rows: op.rows, purpose: op.purpose, from: first, to: first + op.rows - 1, tube: piece.mode === 'tube', hangsMm: hangs ? hangs(fabric.feed[from] ?? run.fabric.yarns.indexOf(op.yarn), op.rows) : null, tension: tensionAt(run, at, index, op), lifts: lastOf(piece, index)?.op === 'rehang' } }; // prettier-ignore
    }
    case 'rehang': {
      const { before } = workOf(fabric);
      return { say: 'rehang', facts: { row: op.row - before, into: trace[index]!.rowsBefore + 1 - before, pins: piece.to - piece.from + 1, ofRows: nextRows(piece, index) } }; // prettier-ignore
    }
    case 'ladder':
      return { say: 'ladder', facts: { pins: op.pins } };
    case 'decrease':
      return {
        say: 'decrease',
        facts: {
          side: op.side,
          method: op.method,
          pin: pinAt(at, index, op.side),
          inner: pinAt(at, index, op.side, 1),
          nearest: pinAt(at, index, op.side, 2),
          deepest: pinAt(at, index, op.side, 3),
          edge: pinAt(at, index, op.side, op.stitches),
          stitches: op.stitches
        }
      };
    case 'increase':
      return {
        say: 'increase',
        facts: { side: op.side, pin: pinAt(at, index, op.side), next: pinAt(at, index, op.side, -1) }
      };
    case 'hold': {
      const [a, b] = [pinAt(at, index, op.side), pinAt(at, index, op.side, op.stitches - 1)];
      return { say: 'hold', facts: { side: op.side, stitches: op.stitches, pin: a, from: Math.min(a, b), to: Math.max(a, b), next: pinAt(at, index, op.side, op.stitches) } }; // prettier-ignore
    }
    case 'newEnd':
      return {
        say: 'newEnd',
        facts: {
          side: op.side,
          yarn: op.yarn,
          pin: pinAt(at, index, op.side),
          oldMm: op.oldTailMm ?? op.tailMm,
          newMm: op.newTailMm ?? op.tailMm
        }
      };
    case 'float':
      return {
        say: 'float',
        facts: { after: op.after, columns: op.columns, cardMm: op.cardMm ?? null, castOn: trace[index]!.occupied === 0 }
      };
    case 'hangOff': {
      const turns = op.threadMm / ringMm(machineOf(run.kit, piece.machineId));
      const panel = piece.mode !== 'tube';
      return {
        say: 'hangOff',
        facts: {
          style: op.style,
          gather: panel && op.style === 'drawstring',
          panel,
          thread: op.thread,
          threadMm: op.threadMm,
          turns,
          doubled: op.doubled,
          stitches: trace[index - 1]?.occupied ?? 0,
          low: pinAt(at, index, 'low'),
          high: pinAt(at, index, 'high'),
          yarnPin: trace[index - 1]?.carriage ?? 0,
          threads: fabric.floats.after.length + 1,
          empty: !panel && run.kit.habits.hangOff === 'empty'
        }
      };
    }
  }
}
