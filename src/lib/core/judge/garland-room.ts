import { showLength } from '../quantity';
import { beside } from './options';
import type { Finding } from '../plan';
import type { Judge } from './readings';

/** Things on a line need room, and lines are cords. */
export const garlandRoom: Judge = {
  code: 'garland-room',
  watches: 'a garland whose things touch each other, and the care with long cords',
  find: (r) => {
    const { worn } = r.plan;
    if (worn?.form !== 'garland') return [];
    const wide =
      worn.motif === null ? (worn.pompom?.sizeMm ?? 0) : (r.sizes.pieces[worn.motif]?.flatWidthMm.value ?? 0);
    const { units } = r.kit.habits;
    const found: Finding[] = [];
    if (wide > worn.spacingMm && worn.count > 1) {
      const fits = Math.max(1, Math.floor(worn.lineMm / wide));
      found.push({
        code: 'garland-crowded',
        weight: 'warn',
        place: beside(r, 'count'),
        sentence: `${worn.count} do not fit side by side: each is ${showLength(wide, units)} wide, from middle to middle there are ${showLength(worn.spacingMm, units)}.`,
        ...('count' in r.brief.options ? { fix: { label: `Hang ${fits}`, change: { options: { count: fits } } } } : {})
      });
    }
    found.push({
      code: 'cord-care',
      weight: 'note',
      place: {},
      sentence: 'Hang it where small children and animals cannot reach the cord, and away from lamps that grow hot.'
    });
    return found;
  }
};
