import { finder, type Finding } from '../plan';
import { CHAIN_STRETCH, chainsPast } from '../body';
import { options } from './remedies';
import type { Judge } from './readings';

/** Facts of a chain that is too short to be worn, mm. */
export interface StrapShortFacts {
  /** A halter that does not pass the head. */
  'halter-short': { chains: number; reachMm: number; headMm: number };
  /** Straps that do not reach from the front over the shoulder to the back. */
  'strap-short': { strapMm: number; needsMm: number };
}
const find = finder<StrapShortFacts>();

/** Halter over the head, straps over the shoulder (craft 7.5). */
export const strapShort: Judge = {
  code: 'strap-short',
  watches: 'a halter that does not pass the head, straps that do not reach over the shoulder',
  find: (r) => {
    const found: Finding[] = [];
    const { headMm, chainPer10, shoulderMm } = r.brief.options;
    for (const did of r.worked.done) {
      if (did.do !== 'cord' || !did.facts) continue;
      const { chains, mm } = did.facts;
      if (did.act.name === 'halter' && typeof headMm === 'number' && typeof chainPer10 === 'number') {
        const reachMm = mm * (1 + CHAIN_STRETCH);
        const enough = chainsPast(headMm, chainPer10);
        if (reachMm < headMm)
          found.push(
            find(
              'halter-short',
              'warn',
              { option: 'halterChains' },
              { chains, reachMm, headMm },
              options({ code: 'chains', chains: enough }, { halterBy: 'count', halterChains: enough })
            )
          );
      }
      if (did.act.name === 'strap' && typeof shoulderMm === 'number' && mm < 2 * shoulderMm) {
        const needsMm = 10 * Math.ceil((2 * shoulderMm) / 10);
        found.push(
          find(
            'strap-short',
            'warn',
            { option: 'strapMm' },
            { strapMm: mm, needsMm },
            options({ code: 'strap', mm: needsMm }, { strapMm: needsMm })
          )
        );
      }
    }
    return found;
  }
};
