import { finder, type Fix } from '../plan';
import { beside } from './options';
import type { Judge, Readings } from './readings';
import { options } from './remedies';

/** Facts of baby things. */
export interface BabyTrimFacts {
  'baby-care': { hat: boolean };
  'baby-trim': { hat: boolean; what: 'pompom' | 'cord' | 'button' };
}
const find = finder<BabyTrimFacts>();

/** What on a finished thing comes off or ties. */
function risky(r: Readings): { what: 'pompom' | 'cord' | 'button'; option: string; fix?: Fix } | null {
  const trim = 'trim' in r.brief.options;
  const plain = options({ code: 'leaveOff', what: 'trim' }, { trim: 'none' });
  for (const f of r.plan.acts) {
    if (f.do === 'pompom' && r.brief.pompom) {
      return { what: 'pompom', option: 'pompom', fix: { remedy: { code: 'leaveOff', what: 'pompoms' }, change: { pompom: null } } }; // prettier-ignore
    }
    if (f.do === 'fix' && f.what === 'button') {
      return { what: 'button', option: 'buttons', fix: options({ code: 'leaveOff', what: 'buttons' }, { buttons: 0 }) };
    }
    const what = f.do === 'pompom' ? 'pompom' : f.do === 'threadCord' || (f.do === 'cord' && f.name === 'tie') ? 'cord' : null; // prettier-ignore
    if (what) return { what, option: 'trim', ...(trim ? { fix: plain } : {}) };
  }
  return null;
}

/** Babies: nothing that comes off, nothing that ties (craft 11). */
export const babyTrim: Judge = {
  code: 'baby-trim',
  watches: 'a pompom, button or cord on a baby thing, and the care a baby thing needs',
  find: (r) => {
    if (r.plan.wearer !== 'baby') return [];
    const hat = r.plan.worn?.form.endsWith('hat') ?? false;
    const care = find('baby-care', 'note', beside(r, 'wearer'), { hat });
    const found = risky(r);
    return found
      ? [
          find(
            'baby-trim',
            hat || found.what !== 'button' ? 'stop' : 'warn',
            beside(r, found.option),
            { hat, what: found.what },
            found.fix
          ),
          care
        ]
      : [care];
  }
};
