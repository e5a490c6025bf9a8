import type { Kind } from './kind';
import { linedHat } from './lined-hat';

/** Every kind of project, in the order they are offered. */
export const KINDS: readonly Kind[] = [linedHat as unknown as Kind];

/** The kind of that code, or undefined. @example kindOf('lined-hat')?.title // 'Lined hat' */
export const kindOf = (code: string): Kind | undefined => KINDS.find((kind) => kind.code === code);

export type { Kind } from './kind';
export { LinedHatOptions } from './lined-hat';
