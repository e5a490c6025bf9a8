import { remembered } from '../quantity';
import type { Kit } from './kit';

/** What a kit knows of gauges: of nothing else does one depend. */
export type KnownOfGauges = Pick<Kit, 'swatches' | 'finished' | 'yarns' | 'edition'>;

const same = remembered(
  (
    swatches: Kit['swatches'],
    finished: Kit['finished'],
    yarns: Kit['yarns'],
    edition: Kit['edition']
  ): KnownOfGauges => ({ swatches, finished, yarns, edition })
);

/** The same object for the same knowledge, whatever else of a kit changed: what is remembered of gauges hangs on it. */
export const knownOf = ({ swatches, finished, yarns, edition }: KnownOfGauges): KnownOfGauges =>
  same(swatches, finished, yarns, edition);
