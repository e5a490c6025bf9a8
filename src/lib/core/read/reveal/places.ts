/**
 * Where a row ends up when the finished thing is worn. Codes are stored in a byte a row.
 */
export const PLACES = ['removed', 'crown', 'outside', 'under-brim', 'turned-up', 'lining', 'plain'] as const;
export type PlaceName = (typeof PLACES)[number];

/** Words for a place, for rulers, tables and screen readers. */
export const PLACE_WORDS: Readonly<Record<PlaceName, string>> = {
  removed: 'comes out again',
  crown: 'gathered at the crown',
  outside: 'shows outside',
  'under-brim': 'under the turned-up brim',
  'turned-up': 'lining that shows on the brim',
  lining: 'inside, against the head',
  plain: 'shows'
};

/** Code of a place. @example placeCode('outside') // 2 */
export const placeCode = (name: PlaceName): number => PLACES.indexOf(name);

/** What a piece shows when worn. */
export interface Reveal {
  /** Code of the place of every row, waste included; index into PLACES. */
  readonly place: Uint8Array;
  /** Work rows before the fold, or null where nothing is folded. */
  readonly foldRow: number | null;
  /** Rows that the turn-up takes on one layer. */
  readonly turnRows: number;
  /** Rows of each place and yarn. */
  readonly shares: readonly { readonly place: PlaceName; readonly yarn: number; readonly rows: number }[];
}
