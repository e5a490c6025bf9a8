import type { Knit } from './operations';

/** What rows of one section share; shaping cuts it into stretches that are still one. */
export type SectionOf = Pick<Knit, 'section' | 'yarn' | 'purpose'>;

/**
 * Whether rows belong to the same section.
 *
 * @example sameSection(knitRows('Front', 'red', 10), knitRows('Front', 'red', 2)) // true
 */
export const sameSection = (a: SectionOf | null, b: SectionOf): boolean =>
  a?.section === b.section && a.yarn === b.yarn && a.purpose === b.purpose;
