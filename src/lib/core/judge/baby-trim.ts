import { hatOptions } from './hat';
import type { Judge } from './readings';

/** Babies: nothing that comes off, nothing that ties (handbook section 11). */
export const babyTrim: Judge = {
  code: 'baby-trim',
  watches: 'a pompom or cord on a baby hat, and the care a baby hat needs',
  find: (r) => {
    const options = hatOptions(r);
    if (options?.wearer !== 'baby') return [];
    const care = {
      code: 'baby-care',
      weight: 'note' as const,
      place: { option: 'wearer' },
      sentence: 'No hat on a sleeping baby. Hospital units have their own rules for fibre and washing: ask them first.'
    };
    if (options.trim === 'none') return [care];
    const what = options.trim === 'pompom' ? 'a pompom comes off and is swallowed' : 'cords can strangle';
    return [
      {
        code: 'baby-trim',
        weight: 'stop',
        place: { option: 'trim' },
        sentence: `Not on a baby's hat: ${what}.`,
        fix: { label: 'Leave the top plain', change: { options: { trim: 'none' } } }
      },
      care
    ];
  }
};
