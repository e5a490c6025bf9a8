import type { LinedHatOptions } from '../kinds';
import type { Readings } from './readings';

/** Options of a lined hat, or undefined when the brief is of another kind. A brief that was planned has had its options read by its kind. */
export const hatOptions = (r: Readings): LinedHatOptions | undefined =>
  r.brief.kind === 'lined-hat' ? (r.brief.options as LinedHatOptions) : undefined;
