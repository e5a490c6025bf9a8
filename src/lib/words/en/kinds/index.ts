import type { KindWords } from '../../options';
import { carry } from './carry';
import { free } from './free';
import { garments } from './garments';
import { hang } from './hang';
import { hats } from './hats';
import { panels } from './panels';
import { toys } from './toys';
import { wear } from './wear';

/** Every kind, by its code. */
export const kinds: Readonly<Record<string, KindWords>> = {
  ...hats,
  ...wear,
  ...carry,
  ...toys,
  ...garments,
  ...panels,
  ...hang,
  ...free
};
