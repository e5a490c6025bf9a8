import type { FabricState } from '../kit';
import type { Act } from './acts';
import type { Notes } from './notes';
import type { Piece } from './operations';
import type { RunRef } from './rims';
import type { ShownSide } from './sides';
import type { Worn } from './worn';

/** Who or what it is for; cautions follow from it. */
export type Wearer = 'adult' | 'child' | 'baby' | 'thing';

/** An opening a finished thing must have: a code, and one run that lies in its rim. */
interface PromisedOpening {
  readonly name: string;
  readonly at: RunRef;
}

/** A finished thing as its kind promises it: exactly these openings and no other. */
export interface Promise {
  /** Code of the thing. */
  readonly name: string;
  /** A piece that it is made of, every copy of it or one. */
  readonly of: { readonly piece: number; readonly copy?: number };
  readonly openings: readonly PromisedOpening[];
  /** What is seen from outside. */
  readonly outside: ShownSide;
  /** What is seen by looking in; null where nothing can be seen, because it is closed all round. */
  readonly inside: ShownSide | null;
  /** No ridge of a seam may lie outside. */
  readonly ridgesInside: boolean;
}

/** A program for the machine and for the hands after it. */
export interface Plan {
  readonly title: string;
  readonly pieces: readonly Piece[];
  /** What hands do, in order. */
  readonly acts: readonly Act[];
  /** What there is when all is done. */
  readonly promises: readonly Promise[];
  readonly worn: Worn | null;
  readonly wearer: Wearer;
  /** State of the fabric the sizes are meant in. */
  readonly state: FabricState;
}

/** What a kind drafts: the program, and what judges and forms need to know of the wish behind it. */
export interface Draft {
  readonly plan: Plan;
  readonly notes: Notes;
}
