import { pieceAt } from '../knit';
import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of waste beyond the knitter's habit, at both ends of a piece. */
export interface WasteMoreFacts {
  'waste-more': { rows: readonly [number, number]; habit: readonly [number, number]; metres: number };
}
const find = finder<WasteMoreFacts>();

/** More waste than habit asks at either end: it holds no better, and takes yarn and turns. */
export const wasteMore: Judge = {
  code: 'waste-more',
  watches: 'more waste yarn at both ends than the knitter usually knits',
  find: (r) => {
    const { wasteStart, wasteEnd } = r.kit.habits;
    if (r.brief.options['waste'] === 'habit') return [];
    let metres = 0;
    let most: readonly [number, number] | null = null;
    r.plan.pieces.forEach((_, p) => {
      const { planned, fabric, gauges } = pieceAt(r, p);
      const waste = fabric.runs.filter((run) => run.purpose === 1);
      const [first, last] = [waste[0], waste.at(-1)];
      if (!first || !last || first === last) return;
      const rows = [first, last].map((run) => run.last - run.first + 1) as [number, number];
      const over = [rows[0] - Math.max(1, wasteStart), rows[1] - Math.max(1, wasteEnd)] as const;
      if (over[0] <= 0 || over[1] <= 0) return;
      most ??= rows;
      const loopMm = gauges[first.feed]!.loopMm;
      metres += (planned.copies * (over[0] + over[1]) * fabric.width * loopMm) / 1000;
    });
    if (!most) return [];
    const less = options({ code: 'wasteHabit' }, { waste: 'habit' });
    const found: Finding = find(
      'waste-more',
      'note',
      beside(r, 'waste'),
      { rows: most, habit: [wasteStart, wasteEnd], metres },
      less
    );
    return [found];
  }
};
