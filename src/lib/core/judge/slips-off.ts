import { SLIPS_OFF } from '../body';
import { finder } from '../plan';
import { measureOption } from './options';
import type { Judge, Readings } from './readings';
import { machinesWith, stretchOn } from './remedies';

/** Facts of a tube that is wider than what it goes over. */
export interface SlipsOffFacts {
  'slips-off': { percent: number; over: string };
  'hat-loose': { percent: number };
}
const find = finder<SlipsOffFacts>();

/** A hat stretched less than this at the brow does not hold there (own estimate, no source). */
const HOLDS = 0.05;

/** Rings on which the same girth holds, the widest first. */
function holding(r: Readings, girthMm: number, head: boolean, least: number) {
  const on = stretchOn(r, girthMm, head);
  return machinesWith(r, (m) => on(m) >= least).reverse();
}

/** A tube wider than what it covers slips off. */
export const slipsOff: Judge = {
  code: 'slips-off',
  watches: 'a tube or hat wider than the limb, thing or head it is drawn over',
  find: (r) => {
    const { worn } = r.plan;
    const stretch = r.sizes.finished.find((f) => f.code === 'stretch')?.figure;
    if (!stretch || !worn) return [];
    if (worn.form === 'sleeve' && stretch.value < 100 * SLIPS_OFF) {
      const option = measureOption(r, ['hand-girth', 'foot-girth', 'calf-girth', 'bottle-girth', 'chest']);
      return [
        find(
          'slips-off',
          'warn',
          { ...(option ? { option } : {}), piece: 0 },
          { percent: -stretch.value, over: worn.over },
          ...holding(r, worn.girthMm, false, 0)
        )
      ];
    }
    if (!worn.form.endsWith('hat') || !('headMm' in worn) || stretch.value >= 100 * HOLDS) return [];
    const option = measureOption(r, ['head']);
    return [
      find(
        'hat-loose',
        'warn',
        { ...(option ? { option } : {}), piece: 0 },
        { percent: stretch.value },
        ...holding(r, worn.headMm, true, HOLDS)
      )
    ];
  }
};
