import type { OptionWords } from '../../options';
import { ends } from './ends';
import { rest } from './rest';
import { shape } from './shape';
import { what } from './what';
import { who } from './who';
import { yarn } from './yarn';

/** Options by their keys: what most kinds that have one call it. A kind may call its own otherwise. */
export const options: Readonly<Record<string, OptionWords>> = { ...who, ...what, ...yarn, ...ends, ...shape, ...rest };
