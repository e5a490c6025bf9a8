import * as z from 'zod/mini';
import { Section } from './options';
import { SectionTension } from './tension';

/** One section of a piece as it is set on the tube: a yarn, its rows, how tight they are, and whether they give way to others. */
export const ColourSection = z.extend(Section, {
  ...SectionTension.shape,
  /** Its rows stay when others are moved. */
  locked: z._default(z.boolean(), false)
});
export type ColourSection = z.infer<typeof ColourSection>;

/** Sections that one piece may have. */
export const MOST_SECTIONS = 400;

/** The colours of one piece, from its first work row to its last; pieces that are not named keep those of the plan. */
export const PieceColours = z.object({
  piece: z.int().check(z.minimum(0), z.maximum(400)),
  sections: z.array(ColourSection).check(z.minLength(1), z.maxLength(MOST_SECTIONS))
});
export type PieceColours = z.infer<typeof PieceColours>;

/** All rows of a list of sections. @example rowsIn([{ yarn: 'a', rows: 3 }, { yarn: 'b', rows: 2 }]) // 5 */
export const rowsIn = (sections: readonly { readonly rows: number }[]): number =>
  sections.reduce((sum, { rows }) => sum + rows, 0);
