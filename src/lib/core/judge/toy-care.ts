import { heldTex, tightness } from '../kit';
import { finder, type Finding } from '../plan';
import { mainGauge, pieceAt } from '../knit';
import { mainYarn } from '../read';
import { beside } from './options';
import type { Judge } from './readings';
import { options, strandsOf } from './remedies';

/** Facts of toys. */
export interface ToyCareFacts {
  'toy-eyes': object;
  'filling-shows': { yarn: string; factor: number };
  'toy-sold': object;
  'toy-parts': object;
}
const find = finder<ToyCareFacts>();

/** Tightness below which filling shows through a stuffed tube (own estimate, no source). */
const SHOWS_BELOW = 7.6;

/** Most strands that go through a guide together. */
const MOST_STRANDS = 3;

/** Toys: what comes off, what shows, what the law asks (craft 7 and 11). */
export const toyCare: Judge = {
  code: 'toy-care',
  watches: 'eyes and small parts of toys, filling that shows, and the law for toys that are sold',
  find: (r) => {
    if (r.plan.worn?.form !== 'toy') return [];
    const found: Finding[] = [];
    const eyes = r.plan.acts.some((act) => act.do === 'fix' && act.what === 'safety-eyes');
    if (eyes && r.plan.wearer === 'baby') {
      found.push(
        find('toy-eyes', 'stop', beside(r, 'eyes'), {}, options({ code: 'embroider' }, { eyes: 'embroidered' }))
      );
    }
    for (const part of r.plan.worn.parts) {
      const yarn = r.yarns[mainYarn(pieceAt(r, part.piece).fabric)]!;
      const k = tightness(heldTex(yarn), mainGauge(r, part.piece).loopMm);
      if (part.stuffing === null || k >= SHOWS_BELOW) continue;
      const more = Array.from({ length: MOST_STRANDS - yarn.strands }, (_, i) => yarn.strands + i + 1);
      found.push(
        find(
          'filling-shows',
          'warn',
          { piece: part.piece },
          { yarn: yarn.id, factor: k },
          ...more.map((strands) => strandsOf(r, yarn.id, strands))
        )
      );
      break;
    }
    found.push(find(r.brief.options['sold'] === true ? 'toy-sold' : 'toy-parts', 'note', beside(r, 'wearer'), {}));
    return found;
  }
};
