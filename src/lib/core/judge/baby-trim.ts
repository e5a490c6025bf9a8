import type { Fix } from '../plan';
import { beside } from './options';
import type { Judge, Readings } from './readings';

/** What on a finished thing comes off or ties. */
function risky(r: Readings): { what: string; option: string; fix?: Fix } | null {
  const trim = 'trim' in r.brief.options;
  const plain: Fix = { label: 'Leave the top plain', change: { options: { trim: 'none' } } };
  for (const f of r.plan.acts) {
    if (f.do === 'pompom' && r.brief.pompom) {
      return {
        what: 'a pompom comes off and is swallowed',
        option: 'pompom',
        fix: { label: 'Leave the pompoms off', change: { pompom: null } }
      };
    }
    if (f.do === 'pompom')
      return { what: 'a pompom comes off and is swallowed', option: 'trim', ...(trim ? { fix: plain } : {}) };
    if (f.do === 'threadCord' || (f.do === 'cord' && f.name === 'tie'))
      return { what: 'cords can strangle', option: 'trim', ...(trim ? { fix: plain } : {}) };
  }
  return null;
}

/** Babies: nothing that comes off, nothing that ties (craft 11). */
export const babyTrim: Judge = {
  code: 'baby-trim',
  watches: 'a pompom or cord on a baby thing, and the care a baby thing needs',
  find: (r) => {
    if (r.plan.wearer !== 'baby') return [];
    const hat = r.plan.worn?.form.endsWith('hat');
    const rules = 'Hospital units have their own rules for fibre and washing: ask them first.';
    const care = {
      code: 'baby-care',
      weight: 'note' as const,
      place: beside(r, 'wearer'),
      sentence: hat ? `No hat on a sleeping baby. ${rules}` : `No loose fibres near a baby. ${rules}`
    };
    const found = risky(r);
    if (!found) return [care];
    return [
      {
        code: 'baby-trim',
        weight: 'stop',
        place: beside(r, found.option),
        sentence: `Not on a baby's ${hat ? 'hat' : 'things'}: ${found.what}.`,
        ...(found.fix ? { fix: found.fix } : {})
      },
      care
    ];
  }
};
