import * as z from 'zod/mini';
import { texOfLabel } from '../quantity';
import { AddedAt, Id, shownText } from './text';

/** A colour as a display shows it. */
export const Hex = z
  .string()
  .check(z.regex(/^#[0-9a-f]{6}$/i, 'must be a colour such as #c2552d'), z.meta({ title: 'Colour' }));

/** A yarn as its label and its owner describe it. */
export const Yarn = z.object({
  id: Id,
  name: shownText(60).check(z.trim(), z.minLength(1), z.meta({ title: 'Name' })),
  weightClass: z.int().check(z.minimum(0), z.maximum(7), z.meta({ title: 'Weight class' })),
  label: z
    .object({
      metres: z.number().check(z.minimum(1), z.maximum(5000), z.meta({ title: 'Metres on the label' })),
      grams: z.number().check(z.minimum(1), z.maximum(2000), z.meta({ title: 'Grams on the label' }))
    })
    .check(z.meta({ title: 'Label' })),
  strands: z._default(z.int().check(z.minimum(1), z.maximum(3)), 1).check(z.meta({ title: 'Strands' })),
  colour: z.object({ name: shownText(40).check(z.trim(), z.minLength(1), z.meta({ title: 'Colour name' })), hex: Hex }),
  fibre: z._default(shownText(80).check(z.trim()), '').check(z.meta({ title: 'Fibre' })),
  behaviour: z
    ._default(
      z.object({
        stretch: z.enum(['little', 'some', 'much']).check(z.meta({ title: 'Stretch' })),
        strength: z.enum(['weak', 'fair', 'strong']).check(z.meta({ title: 'Strength' })),
        surface: z.enum(['smooth', 'fuzzy', 'clingy']).check(z.meta({ title: 'Surface' })),
        wash: z.enum(['machine', 'hand']).check(z.meta({ title: 'Washing' }))
      }),
      { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' }
    )
    .check(z.meta({ title: 'Behaviour' })),
  /** Colours of a long-phase yarn in the order they come, each with its metres; empty for one colour. */
  phases: z
    ._default(
      z
        .array(
          z.object({
            name: shownText(40).check(z.trim(), z.minLength(1)),
            hex: Hex,
            metres: z.number().check(z.minimum(0.1), z.maximum(2000))
          })
        )
        .check(z.maxLength(60)),
      []
    )
    .check(z.meta({ title: 'Phases' })),
  stockGrams: z
    ._default(z.nullable(z.number().check(z.minimum(0), z.maximum(100_000))), null)
    .check(z.meta({ title: 'Grams at hand' })),
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
