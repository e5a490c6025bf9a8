/**
 * Leftovers: sections of given pieces out of what is left of several yarns, none of which may run out. Plain data, so that a
 * worker can have it. Lengths of yarn are metres.
 */

/** One yarn of which something is left. */
interface Left {
  readonly id: string;
  readonly metres: number;
  /** An end that had better lie where nobody sees it. */
  readonly ugly: boolean;
}

/** Neighbouring rows of a piece that are all seen, or all out of sight. */
export interface Zone {
  readonly rows: number;
  readonly seen: boolean;
}

/** One piece that is to be coloured, from its first work row to its last. */
export interface LeftoverPiece {
  /** Index in the plan, and which project it belongs to. */
  readonly piece: number;
  readonly project: string;
  readonly copies: number;
  readonly zones: readonly Zone[];
  /** Metres of one row in each yarn, in the order of the yarns. */
  readonly rowMetres: readonly number[];
  /** What the first yarn and the last one give beside their rows: cast-on, drawstring or chain. */
  readonly firstMetres: number;
  readonly lastMetres: number;
}

/** What is asked. */
export interface LeftoverProblem {
  readonly yarns: readonly Left[];
  readonly pieces: readonly LeftoverPiece[];
  /** Tail at either end of every section. */
  readonly tailMetres: number;
  /** Fewest rows of a section. */
  readonly leastRows: number;
  /** Pairs of yarns, by index, that may not lie beside each other: too alike. */
  readonly apart: readonly (readonly [number, number])[];
  /** The yarns come in their order, none before one that stands before it. */
  readonly inOrder: boolean;
  /** Every piece reads the same from either end. */
  readonly mirrored: boolean;
}

/** Sections of one piece, in the order they are knitted; yarns by their index. */
type Laid = readonly { readonly yarn: number; readonly rows: number }[];

/** An answer: the sections of every piece, in the order of the pieces. */
export type Answer = readonly Laid[];

/** All rows of a piece. */
export const rowsOf = (piece: LeftoverPiece): number => piece.zones.reduce((sum, z) => sum + z.rows, 0);
