import * as z from 'zod';
import { FINGER_TENSIONS } from './finger-tension';
import { STATES } from './loop';
import { Id } from './text';

/**
 * The ways a knitter states a gauge. Rows alone are one: who stops by tape needs no more. Lengths are centimetres because that is what a tape gives.
 */
export const Statement = z.discriminatedUnion('as', [
  z.object({
    as: z.literal('counts'),
    stitches: z.number().min(1).max(80).meta({ title: 'Stitches to 10 cm' }),
    rows: z.number().min(1).max(120).meta({ title: 'Rows to 10 cm' })
  }),
  z.object({
    as: z.literal('lengths'),
    cmTo40Stitches: z.number().min(4).max(120).meta({ title: 'Centimetres to 40 stitches' }),
    cmTo20Rows: z.number().min(1).max(60).meta({ title: 'Centimetres to 20 rows' })
  }),
  z.object({
    as: z.literal('tube'),
    pins: z.int().min(4).max(200).meta({ title: 'Pins' }),
    rows: z.int().min(4).max(2000).meta({ title: 'Rows' }),
    lengthCm: z.number().min(1).max(1000).meta({ title: 'Length of the tube' }),
    flatWidthCm: z.number().min(1).max(200).meta({ title: 'Flat width of the tube' })
  }),
  z.object({
    as: z.literal('rows'),
    rows: z.int().min(4).max(2000).meta({ title: 'Rows' }),
    lengthCm: z.number().min(1).max(1000).meta({ title: 'Length of these rows' })
  })
]);
export type Statement = z.infer<typeof Statement>;

/** A measured piece of knitting and the conditions it was made in. */
export const Swatch = z.object({
  id: Id,
  machineId: Id,
  yarnId: Id,
  strands: z.int().min(1).max(3).default(1).meta({ title: 'Strands' }),
  hole: z.int().min(1).max(5).meta({ title: 'Tension hole' }),
  fingers: z.enum(FINGER_TENSIONS).default('usual').meta({ title: 'Finger tension' }),
  state: z.enum(STATES).meta({ title: 'State' }),
  statement: Statement,
  /** The same swatch measured again; all are averaged. */
  more: z.array(Statement).max(20).default([]),
  /** Length of 20 rows as they hung on the pins, cm; null where nobody laid a tape there. */
  hangCmTo20Rows: z
    .number()
    .min(1)
    .max(60)
    .nullable()
    .default(null)
    .meta({ title: 'Centimetres to 20 rows as they hang' }),
  /** Kept, but left out of the estimate. */
  setAside: z.boolean().default(false),
  on: z.iso.date().meta({ title: 'Date' })
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
