import { finder } from '../plan';
import { beside } from './options';
import type { Judge, Readings } from './readings';
import { options } from './remedies';

/** Facts of a cord, or a strap, on a child's thing. */
export interface ChildCordFacts {
  'child-cord': { what: 'cord' | 'strap' };
}
const find = finder<ChildCordFacts>();

/** What ties or hangs round a neck: cords, and straps that are knitted or chained. */
function hangs(r: Readings): 'cord' | 'strap' | null {
  if (
    r.plan.acts.some(
      (act) =>
        act.do === 'threadCord' ||
        (act.do === 'cord' && act.name !== 'loop' && act.name !== 'strap' && act.name !== 'halter')
    )
  ) {
    // prettier-ignore
    return 'cord';
  }
  const chained = r.plan.acts.some((act) => act.do === 'cord' && (act.name === 'strap' || act.name === 'halter'));
  const { worn } = r.plan;
  const knitted = worn?.form === 'sleeve' && worn.straps > 0;
  return chained || knitted ? 'strap' : null;
}

/** Cords and straps near the neck of a child (EN 14682, from memory, craft 11). */
export const childCord: Judge = {
  code: 'child-cord',
  watches: "cords and straps on a child's things",
  find: (r) => {
    if (r.plan.wearer !== 'child') return [];
    const what = hangs(r);
    if (!what) return [];
    const trim = r.brief.options['trim'] === 'cord';
    return [
      find(
        'child-cord',
        'warn',
        beside(r, trim ? 'trim' : 'wearer'),
        { what },
        trim ? options({ code: 'leaveOff', what: 'cords' }, { trim: 'none' }) : undefined,
        'straps' in r.brief.options
          ? options({ code: 'leaveOff', what: 'straps' }, { neck: 'straps', straps: 0 })
          : undefined
      )
    ];
  }
};
