import { showLength } from '../quantity';
import { foldHat, hatOf } from '../read';
import type { Judge } from './readings';

/** A brim turned up further than half a layer covers the whole outside. */
export const deepBrim: Judge = {
  code: 'deep-brim',
  watches: 'a turn-up deeper than the hat has room for',
  find: (r) => {
    const worn = hatOf(r.plan);
    if (!worn || worn.turnUpMm === 0 || !r.fabric.pieces[0]?.rows) return [];
    const hat = foldHat(r, worn);
    const deepest = (hat.foldRow / 2) * hat.fit.fullCourseMm;
    if (worn.turnUpMm <= deepest) return [];
    const { units } = r.kit.habits;
    return [
      {
        code: 'brim-too-deep',
        weight: 'warn',
        place: { option: 'turnUpMm', piece: 0 },
        sentence: `A brim of ${showLength(worn.turnUpMm, units)} covers the whole outside; ${showLength(deepest, units)} is the most this tube can turn up.`,
        fix: { label: 'Turn up half of that', change: { options: { turnUpMm: Math.floor(deepest / 10) * 5 } } }
      }
    ];
  }
};
