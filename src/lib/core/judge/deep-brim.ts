import { finder } from '../plan';
import { foldHat, hatOf } from '../read';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of a turn-up, a layer and what of it is left above the turn-up, in mm as worn. */
export interface DeepBrimFacts {
  'brim-too-deep': { turnUpMm: number; layerMm: number; leftMm: number };
}
const find = finder<DeepBrimFacts>();

/** A brim turned up further than half a layer covers all that is left of the outside. */
export const deepBrim: Judge = {
  code: 'deep-brim',
  watches: 'a turn-up that covers all of the outside',
  find: (r) => {
    const worn = hatOf(r.plan);
    if (!worn || worn.turnUpMm === 0 || !r.fabric.pieces[0]?.rows) return [];
    const { fit, foldRow } = foldHat(r, worn);
    // Along the head to the brow, and beyond it at full stretch: rows near the crown are taller than those at the brow.
    const toBrow = fit.rowsTo(fit.browArcMm);
    const layerMm = foldRow <= toBrow ? fit.arcAt(foldRow) : fit.browArcMm + (foldRow - toBrow) * fit.fullCourseMm;
    if (worn.turnUpMm <= layerMm / 2) return [];
    const third = Math.floor(layerMm / 3 / 5) * 5;
    return [
      find(
        'brim-too-deep',
        'warn',
        { option: 'turnUpMm', piece: 0 },
        { turnUpMm: worn.turnUpMm, layerMm, leftMm: Math.max(0, layerMm - worn.turnUpMm) },
        options({ code: 'turnUp', mm: third }, { turnUpMm: third })
      )
    ];
  }
};
