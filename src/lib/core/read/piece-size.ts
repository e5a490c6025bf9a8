import type { Figure } from '../quantity';

/** Lengths and widths of one piece, off the machine and at rest. */
export interface PieceSize {
  readonly label: string;
  readonly copies: number;
  /** Work rows, without waste. */
  readonly rows: number;
  /** Length of the piece; rows that hang doubled count half. */
  readonly lengthMm: Figure;
  readonly flatWidthMm: Figure;
  readonly girthMm: Figure;
  /** Length of the work as it hangs on the pins, for those who stop by tape. */
  readonly hangsMm: Figure;
}
