import { tightness } from '../kit';
import { heldTex } from '../kit';
import type { Finding } from '../plan';
import { mainYarn } from '../read';
import { beside } from './options';
import type { Judge } from './readings';

/** Tightness below which filling shows through a stuffed tube (own estimate, no source). */
const SHOWS_BELOW = 7.6;

/** Toys: what comes off, what shows, what the law asks (craft 7 and 11). */
export const toyCare: Judge = {
  code: 'toy-care',
  watches: 'eyes and small parts of toys, filling that shows, and the law for toys that are sold',
  find: (r) => {
    if (r.plan.worn?.form !== 'toy') return [];
    const found: Finding[] = [];
    const eyes = r.plan.acts.some((act) => act.do === 'fix' && act.what === 'safety-eyes');
    if (eyes && r.plan.wearer === 'baby') {
      found.push({
        code: 'toy-eyes',
        weight: 'stop',
        place: beside(r, 'eyes'),
        sentence: 'No safety eyes for a child under 3: a small part that comes off is swallowed.',
        fix: { label: 'Embroider the eyes', change: { options: { eyes: 'embroidered' } } }
      });
    }
    for (const part of r.plan.worn.parts) {
      const yarn = mainYarn(r.fabric.pieces[part.piece]!);
      const k = tightness(heldTex(r.yarns[yarn]!), r.gauges[part.piece]![yarn]!.loopMm);
      if (part.stuffing === null || k >= SHOWS_BELOW) continue;
      const strands = r.yarns[yarn]!.strands;
      found.push({
        code: 'filling-shows',
        weight: 'warn',
        place: { piece: part.piece },
        sentence: `${r.yarns[yarn]!.name} knits loose here (tightness ${k.toFixed(1)}): filling will show between the stitches.`,
        ...(strands < 3
          ? { fix: { label: `Knit ${strands + 1} strands together`, change: { strands: { [r.yarns[yarn]!.id]: strands + 1 } } } } // prettier-ignore
          : {})
      });
      break;
    }
    const sold = r.brief.options['sold'] === true;
    found.push({
      code: sold ? 'toy-sold' : 'toy-parts',
      weight: 'note',
      place: beside(r, 'wearer'),
      sentence: sold
        ? 'Toys that are sold or given away must meet the law of the place (for example EN 71 or ASTM F963): ask there before the first one goes out.'
        : 'Pull at every limb and ear before it goes to a child: small parts are a choking hazard under 3.'
    });
    return found;
  }
};
