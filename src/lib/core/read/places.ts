/**
 * Where a row ends up when the finished thing is worn. Codes are stored in a byte a row.
 */
export const PLACES = [
  'removed',
  'crown',
  'outside',
  'under-brim',
  'turned-up',
  'lining',
  'plain',
  'doubled-inside',
  'doubled-outside'
] as const;
export type PlaceName = (typeof PLACES)[number];

/** Places of a worn thing that are seen. */
const SEEN: ReadonlySet<PlaceName> = new Set(['outside', 'turned-up', 'plain', 'doubled-outside']);

/** Whether a row in this place is seen when the thing is worn. @example isSeen('lining') // false */
export const isSeen = (place: PlaceName): boolean => SEEN.has(place);

/** Words for a place, for rulers, tables and screen readers. */
export const PLACE_WORDS: Readonly<Record<PlaceName, string>> = {
  removed: 'comes out again',
  crown: 'gathered at the crown',
  outside: 'shows outside',
  'under-brim': 'under the turned-up brim',
  'turned-up': 'turned up, shows on the brim',
  lining: 'inside, against the head',
  plain: 'shows',
  'doubled-inside': 'inner half of the doubled part',
  'doubled-outside': 'outer half of the doubled part'
};

/** Code of a place. @example placeCode('outside') // 2 */
export const placeCode = (name: PlaceName): number => PLACES.indexOf(name);

/** What one piece shows when worn. */
export interface PieceReveal {
  /** Code of the place of every row, waste included; index into PLACES. */
  readonly place: Uint8Array;
  /** Work rows before the fold, or null where nothing is folded. */
  readonly foldRow: number | null;
}

/** What shows of all pieces when the thing is worn. */
export interface Reveal {
  readonly pieces: readonly PieceReveal[];
  /** Rows that the turn-up takes on one layer. */
  readonly turnRows: number;
  /** Rows of each piece, place and yarn. */
  readonly shares: readonly {
    readonly piece: number;
    readonly place: PlaceName;
    readonly yarn: number;
    readonly rows: number;
  }[];
}
