import { type Yarn, yarnName } from '../../kit';
import type { Edge, Finish } from '../../plan';
import { showLength, type Units } from '../../quantity';
import type { Executed } from '../executed';
import type { Sketch } from '../sketch';

/** What a finishing action is called, how it is done and how long it takes a practised hand. */
export interface FinishWords {
  readonly title: string;
  readonly detail: string;
  /** Where two schools exist, one line on why this one. */
  readonly why?: string;
  /** Common practice for a practised knitter, no source. */
  readonly minutes: number;
}

/** What the words and drawings of an action are made from. */
export interface Bench {
  readonly run: Executed;
  readonly units: Units;
  readonly len: (mm: number) => string;
  readonly yarn: (id: string) => string;
  /** Label of a piece in lower case, for the middle of a sentence. */
  readonly piece: (p: number) => string;
  /** "the cast-on edge", "the last edge". */
  readonly edge: (edge: Edge) => string;
}

/** One way of finishing, written once and used by every kind. */
export interface Procedure<F extends Finish = Finish> {
  readonly words: (finish: F, at: Bench) => FinishWords;
  /** A drawing to the piece's true counts; absent where words say it all. */
  readonly sketch?: (finish: F, at: Bench) => Sketch;
}

/** Lays out what procedures ask for. */
export function benchOf(run: Executed): Bench {
  const { units } = run.kit.habits;
  const yarnOf = (id: string): Yarn => run.yarns[run.fabric.yarns.indexOf(id)]!;
  return {
    run,
    units,
    len: (mm) => showLength(mm, units),
    yarn: (id) => yarnName(yarnOf(id)),
    piece: (p) => run.plan.pieces[p]!.label.toLowerCase(),
    edge: (edge) => (edge === 'cast-on' ? 'cast-on edge' : 'last edge')
  };
}
