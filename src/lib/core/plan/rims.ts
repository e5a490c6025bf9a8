import type { Side } from './operations';

/** The two ends of a piece: where it was cast on and where it came off. */
export type Edge = 'cast-on' | 'hung-off';

/**
 * Where an own tail hangs: at an end of the piece, or where the yarn was cut at a panel's edge, the old end or the
 * new one.
 */
export type TailEnd = Edge | 'old-end' | 'new-end';

/**
 * What a run of a rim is called. A tube has its two ends; a panel has them and its sides, with held stitches between. A
 * tube that is closed and lies flat has two ends of two layers and two long folds. What is folded into itself has a
 * fold.
 */
export type RunName = Edge | 'side' | 'held' | 'first-end' | 'last-end' | 'upper' | 'lower' | 'fold';

/** A run of a rim by name, so that an act can say what it works on: data, no counts of its own. */
export interface RunRef {
  readonly piece: number;
  /** Which copy, from 1; every copy alike when absent. */
  readonly copy?: number;
  readonly run: RunName;
  /** Of a side or of held stitches: at the lowest pin or at the highest. */
  readonly side?: Side;
  /** Pins of an end that take part, both included; all of them when absent. */
  readonly pins?: { readonly from: number; readonly to: number };
  /** Of an end that is pressed flat only one half takes part. */
  readonly half?: 'front' | 'back';
  /** Work rows of a side, a long fold or held stitches, from 1, both included; all when absent. */
  readonly rows?: { readonly from: number; readonly to: number };
}
