import * as z from 'zod/mini';
import { gapsOf, type Slope } from './shape';

/**
 * A line of shaping as a knitter types it: "from row 57 every 4th row 8 times, then every 2nd row 4 times" (craft 8.5).
 */
export const TypedSlope = z.object({
  /** Row of the work after which counting begins; 0 is before the first row. */
  from: z.int().check(z.minimum(0), z.maximum(5000), z.meta({ title: 'From row' })),
  steps: z
    .array(
      z.object({
        every: z.int().check(z.minimum(1), z.maximum(200), z.meta({ title: 'Every so many rows' })),
        times: z.int().check(z.minimum(1), z.maximum(200), z.meta({ title: 'Times' }))
      })
    )
    .check(z.minLength(1), z.maxLength(8))
});
export type TypedSlope = z.infer<typeof TypedSlope>;

/**
 * Rows of the work after which something happens by a typed line: of "from row R every k" the first is R + k.
 *
 * @example typedRows({ from: 57, steps: [{ every: 4, times: 8 }, { every: 2, times: 4 }] }) // [61, 65, … 89, 91, … 97]
 */
export function typedRows({ from, steps }: TypedSlope): number[] {
  const rows: number[] = [];
  let row = from;
  for (const { every, times } of steps) for (let i = 0; i < times; i++) rows.push((row += every));
  return rows;
}

/** A typed line as far as the piece goes, and what of it lies beyond. */
export interface FittedSlope {
  readonly slope: Slope;
  /** How often it would happen after the last row: left out. */
  readonly beyond: number;
  /** How often there would be no stitch left to take: left out. */
  readonly over: number;
}

/**
 * A typed line on a piece of so many rows. Its rows stay as they were typed; what lies beyond the last one, or has no
 * stitch to
 * take, is left out and counted.
 *
 * @param rows of the work
 * @param most how often it can happen at all
 * @returns the slope with its rows counted from the first row of the work
 */
export function typedSlope(typed: TypedSlope, rows: number, most = Infinity): FittedSlope {
  const all = typedRows(typed);
  const inside = all.filter((row) => row <= rows);
  const at = inside.slice(0, Math.max(0, most));
  return {
    slope: {
      stitches: at.length,
      rows,
      at,
      gaps: gapsOf(at, typed.from),
      leftRows: Math.max(0, rows - (at.at(-1) ?? typed.from))
    },
    beyond: all.length - inside.length,
    over: inside.length - at.length
  };
}
