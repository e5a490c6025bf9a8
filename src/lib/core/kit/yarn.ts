import * as z from 'zod';
import { texOfLabel } from '../quantity';
import { AddedAt, Id, shownText } from './text';

/** A colour as a display shows it. */
export const Hex = z
  .string()
  .regex(/^#[0-9a-f]{6}$/i, 'must be a colour such as #c2552d')
  .meta({ title: 'Colour' });

/** A yarn as its label and its owner describe it. */
export const Yarn = z.object({
  id: Id,
  name: shownText(60).trim().min(1).meta({ title: 'Name' }),
  weightClass: z.int().min(0).max(7).meta({ title: 'Weight class' }),
  label: z
    .object({
      metres: z.number().min(1).max(5000).meta({ title: 'Metres on the label' }),
      grams: z.number().min(1).max(2000).meta({ title: 'Grams on the label' })
    })
    .meta({ title: 'Label' }),
  strands: z.int().min(1).max(3).default(1).meta({ title: 'Strands' }),
  colour: z.object({ name: shownText(40).trim().min(1).meta({ title: 'Colour name' }), hex: Hex }),
  fibre: shownText(80).trim().default('').meta({ title: 'Fibre' }),
  behaviour: z
    .object({
      stretch: z.enum(['little', 'some', 'much']).meta({ title: 'Stretch' }),
      strength: z.enum(['weak', 'fair', 'strong']).meta({ title: 'Strength' }),
      surface: z.enum(['smooth', 'fuzzy', 'clingy']).meta({ title: 'Surface' }),
      wash: z.enum(['machine', 'hand']).meta({ title: 'Washing' })
    })
    .default({ stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' })
    .meta({ title: 'Behaviour' }),
  /** Colours of a long-phase yarn in the order they come, each with its metres; empty for one colour. */
  phases: z
    .array(z.object({ name: shownText(40).trim().min(1), hex: Hex, metres: z.number().min(0.1).max(2000) }))
    .max(60)
    .default([])
    .meta({ title: 'Phases' }),
  stockGrams: z.number().min(0).max(100_000).nullable().default(null).meta({ title: 'Grams at hand' }),
  addedAt: AddedAt
});
export type Yarn = z.infer<typeof Yarn>;

/** tex of one strand, from the label. @example strandTex({ label: { metres: 200, grams: 100 } }) // 500 */
export const strandTex = (yarn: Pick<Yarn, 'label'>): number => texOfLabel(yarn.label.metres, yarn.label.grams);

/**
 * tex of what runs through the guide: strands held together add up.
 *
 * @example heldTex({ label: { metres: 417, grams: 100 }, strands: 2 }) // 479.6…
 */
export const heldTex = (yarn: Pick<Yarn, 'label' | 'strands'>): number => strandTex(yarn) * yarn.strands;

/** The same article in perhaps another colour: all its colours knit alike (craft 5.7). */
export const sameArticle = (a: Yarn, b: Yarn): boolean =>
  a.name.toLowerCase() === b.name.toLowerCase() &&
  a.weightClass === b.weightClass &&
  a.label.metres === b.label.metres &&
  a.label.grams === b.label.grams &&
  a.fibre.toLowerCase() === b.fibre.toLowerCase();

/** Balls at hand by the label, or null where nobody knows. @example ballsAtHand({ stockGrams: 150, label }) // 1.5 */
export const ballsAtHand = (yarn: Pick<Yarn, 'label' | 'stockGrams'>): number | null =>
  yarn.stockGrams === null ? null : yarn.stockGrams / yarn.label.grams;
