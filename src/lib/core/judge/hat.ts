import { LinedHatOptions } from '../kinds';
import type { Readings } from './readings';

/** Options of a lined hat, or undefined when the brief is of another kind. */
export function hatOptions(r: Readings): LinedHatOptions | undefined {
  return r.brief.kind === 'lined-hat' ? LinedHatOptions.parse(r.brief.options) : undefined;
}
