import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of things on a line, mm. */
export interface GarlandRoomFacts {
  'garland-crowded': { count: number; wideMm: number; spacingMm: number };
  'cord-care': object;
}
const find = finder<GarlandRoomFacts>();

/** Things on a line need room, and lines are cords. */
export const garlandRoom: Judge = {
  code: 'garland-room',
  watches: 'a garland whose things touch each other, and the care with long cords',
  find: (r) => {
    const { worn } = r.plan;
    if (worn?.form !== 'garland') return [];
    const wide =
      worn.motif === null ? (worn.pompom?.sizeMm ?? 0) : (r.sizes.pieces[worn.motif]?.flatWidthMm.value ?? 0);
    const found: Finding[] = [];
    if (wide > worn.spacingMm && worn.count > 1) {
      const fits = Math.max(1, Math.floor(worn.lineMm / wide));
      found.push(
        find(
          'garland-crowded',
          'warn',
          beside(r, 'count'),
          { count: worn.count, wideMm: wide, spacingMm: worn.spacingMm },
          'count' in r.brief.options ? options({ code: 'hang', count: fits }, { count: fits }) : undefined
        )
      );
    }
    found.push(find('cord-care', 'note', {}, {}));
    return found;
  }
};
