import { colourDifference, yarnName } from '../kit';
import type { Finding } from '../plan';
import { PURPOSES } from '../knit';
import { rowRuns } from '../read';
import { beside } from './options';
import type { Judge } from './readings';

/** CIEDE2000 at which two yarns are plainly two colours in lamp light (own estimate, no source). */
const PLAINLY_OTHER = 20;

/** Waste yarn that cannot be told from its neighbour when it is picked out. */
export const wasteColour: Judge = {
  code: 'waste-colour',
  watches: 'waste yarn too close in colour to the work beside it',
  find: (r) => {
    const pairs = new Map<string, { waste: number; work: number; separator: boolean }>();
    for (const piece of r.fabric.pieces) {
      const runs = rowRuns(piece);
      runs.forEach((run, i) => {
        const next = runs[i + 1];
        if (!next || (run.purpose === 0) === (next.purpose === 0)) return;
        const [waste, work] = run.purpose === 0 ? [next, run] : [run, next];
        const separator = PURPOSES[waste.purpose] === 'separator';
        pairs.set(`${waste.yarn} ${work.yarn}`, { waste: waste.yarn, work: work.yarn, separator });
      });
    }
    const far = (hex: string): number =>
      Math.min(...[...pairs.values()].map(({ work }) => colourDifference(hex, r.yarns[work]!.colour.hex)));
    const best = r.kit.yarns.reduce<{ id: string; d: number; name: string } | undefined>((found, yarn) => {
      if (pairs.size === 0) return found;
      const d = far(yarn.colour.hex);
      return !found || d > found.d ? { id: yarn.id, d, name: yarnName(yarn) } : found;
    }, undefined);
    return [...pairs.values()].flatMap(({ waste, work, separator }): Finding[] => {
      const d = colourDifference(r.yarns[waste]!.colour.hex, r.yarns[work]!.colour.hex);
      if (d >= PLAINLY_OTHER) return [];
      // A separator row has a colour of its own, which the waste yarn does not change.
      const leave = { label: 'Leave the separator row out', change: { options: { separator: false } } };
      const use =
        best && best.d >= PLAINLY_OTHER && 'wasteYarn' in r.brief.options
          ? { label: `Use ${best.name}`, change: { options: { wasteYarn: best.id } } }
          : undefined;
      const fix = separator ? leave : use;
      return [
        {
          code: 'waste-colour-close',
          weight: 'warn',
          place: beside(r, 'wasteYarn', { piece: 0 }),
          sentence: `The waste yarn ${yarnName(r.yarns[waste]!)} is hard to tell from ${yarnName(r.yarns[work]!)} (colour difference ${d.toFixed(0)}, ${PLAINLY_OTHER} is plain): its stitches will be missed when it comes out.`,
          ...(fix ? { fix } : {})
        }
      ];
    });
  }
};
