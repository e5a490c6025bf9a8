import { type EdgeMethod, takesEach, type TypedSlope, typedRows } from '../../../plan';

/** The single stitches of an armhole: rows after the underarm, and how they go. */
export interface ArmLine {
  readonly method: EdgeMethod;
  /** Rows after the end of the body, in their order. */
  readonly at: readonly number[];
  /** Stitches that go. */
  readonly takes: number;
  /** What of a typed line was left out; null where it is not typed. */
  readonly left: { readonly early: number; readonly beyond: number; readonly over: number } | null;
}

/** One every other row from the underarm on, as many as there are stitches to go. */
export const steepest = (stitches: number, method: EdgeMethod): ArmLine => ({
  method,
  at: Array.from({ length: Math.ceil(stitches / takesEach(method)) }, (_, i) => 2 * (i + 1)),
  takes: stitches,
  left: null
});

/**
 * A typed armhole: its rows are those of the back, counted from the hem. What comes before the underarm, after the
 * last row there is
 * for it, or has no stitch to take is left out and counted.
 *
 * @param room stitches that may go, and the last row after the underarm at which one may
 */
export function typedArm(
  typed: TypedSlope,
  bodyRows: number,
  method: EdgeMethod,
  room: { readonly stitches: number; readonly lastRow: number }
): ArmLine {
  const each = takesEach(method);
  const all = typedRows(typed).map((row) => row - bodyRows);
  const after = all.filter((row) => row > 0);
  const inside = after.filter((row) => row <= room.lastRow);
  const at = inside.slice(0, Math.floor(room.stitches / each));
  return {
    method,
    at,
    takes: at.length * each,
    left: { early: all.length - after.length, beyond: after.length - inside.length, over: inside.length - at.length }
  };
}
