import type { Face, Half, RunName, Side } from '../plan';

/**
 * What lies on the table while hands work: parts with their rims, what holds every loop, where tails hang, what is
 * glued to
 * what. Only `work` writes it; everything shown of making up is read from it.
 */

/** One layer of a piece, as it is met on the way from outside to inside. */
export interface Layer {
  /** A part of a tube by its rows, or one of the two walls of a tube that lies flat. */
  readonly half: Half | 'front' | 'back';
  /** The face of the fabric that points outwards. */
  readonly face: Face;
}

/** A place on the fabric: which part of the piece, and on which face. */
export type OnFabric = Layer;

/** What holds the loops of a run. Nothing may be left `open`, `left`, `rungs` or on a mere `thread` at the end. */
export type Hold =
  /** Live loops; only waste yarn, if anything, keeps them. */
  | 'open'
  | 'thread'
  /** A woven cast-on: it holds, and draws up on its tail. */
  | 'woven'
  | 'wrapped'
  /** The side of a panel: no loops to lose. */
  | 'edge'
  /** Lifted back onto the pins and knitted in. */
  | 'rehung'
  /** Left out of a seam, to run down. */
  | 'left'
  /** Ran down: its rungs are open. */
  | 'rungs'
  | 'fold'
  | 'joined'
  | 'bound'
  | 'drawn'
  | 'gathered'
  | 'sewn'
  /** Gone: it ran down through the whole piece. */
  | 'run';

/** A stretch of a rim. Positions are pins, or work rows, from 1, both included. */
export interface Run {
  readonly id: number;
  readonly part: number;
  readonly run: RunName;
  readonly side: Side | null;
  readonly lo: number;
  readonly hi: number;
  readonly unit: 'stitches' | 'rows';
  readonly mm: number;
  /** Work row after which stitches were held. */
  readonly row: number | null;
  /** The rim passes it from its lowest position to its highest. */
  up: boolean;
  hold: Hold;
  /** Rows of waste on it; 0 once it is off. */
  waste: number;
  /** The row next to the work is of a third colour. */
  separator: boolean;
  /** It was cut into shorter runs, which stand in its place. */
  cut: boolean;
}

/** One piece off the machine: all its copies alike, or one of them. */
export interface Part {
  readonly id: number;
  /** Ids of its runs, those that were cut too. */
  readonly runs: number[];
  /** Ids of its tails. */
  readonly tails: number[];
  readonly piece: number;
  readonly copy: number | null;
  readonly times: number;
  readonly body: 'tube' | 'panel' | 'cord';
  /** A tube as it hung, folded into itself, or lying flat as two layers. */
  form: 'tube' | 'lined' | 'flat';
  /** From outside to inside: what shows, and what lies within. */
  layers: readonly Layer[];
  /** The surface it belongs to. */
  surface: number;
  /** The lifted first row of a doubled edge, with its waste; it is no rim any more. */
  lifted: number | null;
  /** Pins whose loops ran down. */
  ran: readonly number[];
  filled: boolean;
  /** Floats that wait to be latched. */
  floats: boolean;
  /** Folds of a pouch that are laid. */
  pouch: readonly string[];
  /** The two ends of a folded-in tube are fixed to each other, so that the lining cannot slip. */
  linked: boolean;
  twisted: boolean;
  brim: boolean;
  channel: 'none' | 'empty' | 'threaded';
  /** What was put on it, for the record: waists, faces, pompoms. */
  readonly adorned: Record<string, number>;
}

/** A connected surface of one or more parts: its Euler characteristic and its rims, each a ring of runs in order. */
export interface Surface {
  chi: number;
  rims: number[][];
  /** Another surface took it in. */
  gone: boolean;
}

/** Where a tail comes out of the fabric. */
export type TailAt =
  | { readonly at: 'cast-on' | 'hung-off' }
  | { readonly at: 'row'; readonly row: number }
  | { readonly at: 'seam'; readonly name: string };

/** What became of a tail. */
type Fate = 'loose' | 'string' | 'tied' | 'woven' | 'inside' | 'hanging';

/** One end of yarn. Of alike copies one stands for all. */
export interface Tail {
  readonly id: number;
  readonly part: number;
  readonly yarn: string;
  /** As it was left. */
  mm: number;
  /** Of it, what its jobs have taken. */
  usedMm: number;
  /** The pin whose column it comes out at; null where it does not hang at an end of the piece, or not any more. */
  pin: number | null;
  /**
   * `off`: the work's own end that its last stitches hang on, or were chained with; `string`: a thread cut for an
   * end.
   */
  readonly from: 'cast-on' | 'join' | 'first' | 'last' | 'off' | 'string' | 'cut' | 'chain' | 'old-end' | 'new-end';
  readonly where: TailAt;
  /** The part of the piece it hangs on, and the face of the fabric there. */
  half: OnFabric['half'];
  face: OnFabric['face'];
  fate: Fate;
  readonly times: number;
}

/** A seam that was made, with both its edges as they were measured. */
export interface Seam {
  readonly name: string;
  readonly by: string;
  readonly a: SeamSide;
  readonly b: SeamSide;
  readonly mm: number;
  readonly times: number;
  /** Where the ridge of it lies; null for a seam that leaves none. */
  readonly ridge: (OnFabric & { readonly part: number }) | null;
}
export interface SeamSide {
  readonly piece: number;
  /** All pieces whose edges make it up. */
  readonly pieces: readonly number[];
  readonly count: number;
  readonly unit: 'stitches' | 'rows';
  /** Stitches beside the rows, where held ones lie along an edge; 0 where there are none. */
  readonly stitches: number;
  readonly mm: number;
}

/** A length of yarn that making up takes. */
export interface Cut {
  readonly yarn: string;
  /** Code of what it is for. */
  readonly what: CutWhat;
  readonly mm: number;
  readonly count: number;
}
export type CutWhat =
  | 'drawstring'
  | 'zip'
  | 'closing'
  | 'edge'
  | 'band'
  | 'cuff'
  | 'chain'
  | 'seam'
  | 'held'
  | 'ladder'
  | 'toe'
  | 'ears'
  | 'waist'
  | 'sewing'
  | 'face'
  | 'hanging'
  | 'button'
  | 'patch'
  | 'pompom';

/** Everything on the table. */
export interface State {
  readonly parts: Part[];
  /** Ids of the parts of each piece; none for a piece that is not off the machine. */
  readonly ofPiece: number[][];
  readonly runs: Run[];
  readonly surfaces: Surface[];
  readonly tails: Tail[];
  readonly seams: Seam[];
  readonly cuts: Cut[];
  /** Cords that are made and not used yet, by the piece they are for. */
  readonly cords: { piece: number; name: string; mm: number }[];
}
