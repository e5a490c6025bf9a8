import type { Ring } from '../tube';
import type { GarmentChoice } from './options';

/** What the bands of a garment add, mm: to its girth, and to what the neck must have without them. */
interface Bands {
  readonly roundMm: number;
  readonly neckMm: number;
}

/**
 * Bands have a width (craft 8.8): closed, one lies on the other, so the chest is the fabric and one band; open fronts
 * have a band
 * at either edge. Round the neck a band narrows it on both sides.
 *
 * @example bandsOf({ fronts: 'closed', bandMm: 30 }, ring) // { roundMm: 30, neckMm: 60 }
 */
export function bandsOf(
  { fronts, bandMm }: Pick<GarmentChoice, 'fronts' | 'bandMm'>,
  ring: Pick<Ring, 'bands'>
): Bands {
  if (!ring.bands) return { roundMm: 0, neckMm: 0 };
  return { roundMm: (fronts === 'closed' ? 1 : 2) * bandMm, neckMm: 2 * bandMm };
}
