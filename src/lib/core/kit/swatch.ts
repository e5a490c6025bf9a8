import * as z from 'zod/mini';
import { FINGER_TENSIONS } from './finger-tension';
import { STATES } from './loop';
import { Id } from './text';

/**
 * The ways a knitter states a gauge. Rows alone are one: who stops by tape needs no more. Lengths are centimetres because that is what a tape gives.
 */
export const Statement = z.discriminatedUnion('as', [
  z.object({
    as: z.literal('counts'),
    stitches: z.number().check(z.minimum(1), z.maximum(80), z.meta({ title: 'Stitches to 10 cm' })),
    rows: z.number().check(z.minimum(1), z.maximum(120), z.meta({ title: 'Rows to 10 cm' }))
  }),
  z.object({
    as: z.literal('lengths'),
    cmTo40Stitches: z.number().check(z.minimum(4), z.maximum(120), z.meta({ title: 'Centimetres to 40 stitches' })),
    cmTo20Rows: z.number().check(z.minimum(1), z.maximum(60), z.meta({ title: 'Centimetres to 20 rows' }))
  }),
  z.object({
    as: z.literal('tube'),
    pins: z.int().check(z.minimum(4), z.maximum(200), z.meta({ title: 'Pins' })),
    rows: z.int().check(z.minimum(4), z.maximum(2000), z.meta({ title: 'Rows' })),
    lengthCm: z.number().check(z.minimum(1), z.maximum(1000), z.meta({ title: 'Length of the tube' })),
    flatWidthCm: z.number().check(z.minimum(1), z.maximum(200), z.meta({ title: 'Flat width of the tube' }))
  }),
  z.object({
    as: z.literal('rows'),
    rows: z.int().check(z.minimum(4), z.maximum(2000), z.meta({ title: 'Rows' })),
    lengthCm: z.number().check(z.minimum(1), z.maximum(1000), z.meta({ title: 'Length of these rows' }))
  })
]);
export type Statement = z.infer<typeof Statement>;

/** A measured piece of knitting and the conditions it was made in. */
export const Swatch = z.object({
  id: Id,
  machineId: Id,
  yarnId: Id,
  strands: z._default(z.int().check(z.minimum(1), z.maximum(3)), 1).check(z.meta({ title: 'Strands' })),
  hole: z.int().check(z.minimum(1), z.maximum(5), z.meta({ title: 'Tension hole' })),
  fingers: z._default(z.enum(FINGER_TENSIONS), 'usual').check(z.meta({ title: 'Finger tension' })),
  state: z.enum(STATES).check(z.meta({ title: 'State' })),
  statement: Statement,
  /** The same swatch measured again; all are averaged. */
  more: z._default(z.array(Statement).check(z.maxLength(20)), []),
  /** Length of 20 rows as they hung on the pins, cm; null where nobody laid a tape there. */
  hangCmTo20Rows: z
    ._default(z.nullable(z.number().check(z.minimum(1), z.maximum(60))), null)
    .check(z.meta({ title: 'Centimetres to 20 rows as they hang' })),
  /** Kept, but left out of the estimate. */
  setAside: z._default(z.boolean(), false),
  /** The knitter said that it is right, though its rows and stitches look swapped. */
  trusted: z.optional(z.boolean()),
  on: z.iso.date().check(z.meta({ title: 'Date' }))
});
export type Swatch = z.infer<typeof Swatch>;

/** All measurements of a swatch. */
export const measurementsOf = (swatch: Pick<Swatch, 'statement' | 'more'>): Statement[] => [
  swatch.statement,
  ...swatch.more
];

/** Rows and stitches per centimetre. */
export interface PerCm {
  readonly courses: number;
  readonly wales: number;
}

/** What a statement says: the stitches may not have been counted. */
export interface Counted {
  readonly courses: number;
  readonly wales: number | null;
}

/**
 * Stitches and rows per cm from any statement, exactly. A tube laid flat shows half of its stitches.
 *
 * @example perCm({ as: 'lengths', cmTo40Stitches: 20, cmTo20Rows: 10 }) // { courses: 2, wales: 2 }
 */
export function perCm(statement: Exclude<Statement, { as: 'rows' }>): PerCm;
export function perCm(statement: Statement): Counted;
export function perCm(statement: Statement): Counted {
  switch (statement.as) {
    case 'counts':
      return { courses: statement.rows / 10, wales: statement.stitches / 10 };
    case 'lengths':
      return { courses: 20 / statement.cmTo20Rows, wales: 40 / statement.cmTo40Stitches };
    case 'tube':
      return { courses: statement.rows / statement.lengthCm, wales: statement.pins / 2 / statement.flatWidthCm };
    case 'rows':
      return { courses: statement.rows / statement.lengthCm, wales: null };
  }
}

/**
 * A gauge stated as centimetres to 40 stitches and to 20 rows.
 *
 * @example asLengths({ courses: 2.8, wales: 2 }) // { cmTo40Stitches: 20, cmTo20Rows: 7.142857… }
 */
export function asLengths(gauge: PerCm): { cmTo40Stitches: number; cmTo20Rows: number } {
  return { cmTo40Stitches: 40 / gauge.wales, cmTo20Rows: 20 / gauge.courses };
}

/**
 * A gauge stated as counts to 10 cm.
 *
 * @example asCounts({ courses: 2.8, wales: 2 }) // { stitches: 20, rows: 28 }
 */
export function asCounts(gauge: PerCm): { stitches: number; rows: number } {
  return { stitches: gauge.wales * 10, rows: gauge.courses * 10 };
}
