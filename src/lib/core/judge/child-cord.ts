import { beside } from './options';
import type { Judge } from './readings';

/** Cords near the neck of a child (EN 14682, from memory, craft 11). */
export const childCord: Judge = {
  code: 'child-cord',
  watches: "cords and straps on a child's things",
  find: (r) => {
    if (r.plan.wearer !== 'child') return [];
    const cord = r.plan.acts.find((act) => act.do === 'threadCord' || (act.do === 'cord' && act.name !== 'loop'));
    if (!cord) return [];
    const trim = r.brief.options['trim'] === 'cord';
    return [
      {
        code: 'child-cord',
        weight: 'warn',
        place: beside(r, trim ? 'trim' : 'wearer'),
        sentence:
          "Cords near a child's neck can catch. Rules for children's clothing exist where you live (for example EN 14682): follow them.",
        ...(trim ? { fix: { label: 'Leave the cords off', change: { options: { trim: 'none' } } } } : {})
      }
    ];
  }
};
