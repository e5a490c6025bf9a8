import { hatOptions } from './hat';
import type { Judge } from './readings';

/** Cords near the neck of a child (EN 14682, from memory, by way of the handbook). */
export const childCord: Judge = {
  code: 'child-cord',
  watches: "cords on a child's hat",
  find: (r) => {
    const options = hatOptions(r);
    if (options?.wearer !== 'child' || options.trim !== 'cord') return [];
    return [
      {
        code: 'child-cord',
        weight: 'warn',
        place: { option: 'trim' },
        sentence:
          "Cords near a child's neck can catch. Rules for children's clothing exist where you live (for example EN 14682): follow them.",
        fix: { label: 'Leave the cords off', change: { options: { trim: 'none' } } }
      }
    ];
  }
};
