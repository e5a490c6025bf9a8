import { colourDifference, type Yarn } from '../kit';
import { remembered } from '../quantity';
import { PURPOSES } from '../knit';
import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of waste that cannot be told from the work: how far their colours are apart (CIEDE2000). */
export interface WasteColourFacts {
  'waste-colour-close': { waste: string; work: string; apart: number; plain: number };
}
const find = finder<WasteColourFacts>();

/** CIEDE2000 at which two yarns are plainly two colours in lamp light (own estimate, no source). */
const PLAINLY_OTHER = 20;

/** The yarns of a stash that are plainly other than some colours, written one after the other; the furthest first. */
const plainest = remembered((yarns: readonly Yarn[], work: string): readonly string[] => {
  const colours = work.split(' ');
  const far = (yarn: Yarn): number => Math.min(...colours.map((hex) => colourDifference(yarn.colour.hex, hex)));
  return yarns
    .map((yarn) => ({ id: yarn.id, d: far(yarn) }))
    .filter(({ d }) => d >= PLAINLY_OTHER)
    .sort((a, b) => b.d - a.d)
    .map(({ id }) => id);
});

/** Waste yarn that cannot be told from its neighbour when it is picked out. */
export const wasteColour: Judge = {
  code: 'waste-colour',
  watches: 'waste yarn too close in colour to the work beside it',
  find: (r) => {
    const pairs = new Map<string, { waste: number; work: number; separator: boolean }>();
    for (const piece of r.fabric.pieces) {
      const runs = piece.runs;
      runs.forEach((run, i) => {
        const next = runs[i + 1];
        if (!next || (run.purpose === 0) === (next.purpose === 0)) return;
        const [waste, work] = run.purpose === 0 ? [next, run] : [run, next];
        const separator = PURPOSES[waste.purpose] === 'separator';
        pairs.set(`${waste.yarn} ${work.yarn}`, { waste: waste.yarn, work: work.yarn, separator });
      });
    }
    const hex = (index: number): string => r.yarns[index]!.colour.hex;
    const close = [...pairs.values()].flatMap(({ waste, work, separator }) => {
      const apart = colourDifference(hex(waste), hex(work));
      return apart < PLAINLY_OTHER ? [{ waste, work, separator, apart }] : [];
    });
    if (close.length === 0) return [];
    // Only now: a large stash has many pairs.
    const plain = plainest(
      r.kit.yarns,
      [...new Set([...pairs.values()].map(({ work }) => hex(work)))].sort().join(' ')
    );
    // Yarn that the work needs only where nothing else will do; what is gone, never.
    const there = plain.filter((id) => !r.brief.without?.includes(id));
    const best = there.find((id) => !r.fabric.yarns.includes(id)) ?? there[0];
    const use =
      best && 'wasteYarn' in r.brief.options
        ? options({ code: 'wasteYarn', yarn: best }, { wasteYarn: best })
        : undefined;
    // A separator row has a colour of its own, which the waste yarn does not change.
    const leave = options({ code: 'noSeparator' }, { separator: false });
    return close.map(({ waste, work, separator, apart }): Finding =>
      find(
        'waste-colour-close',
        'warn',
        beside(r, 'wasteYarn', { piece: 0 }),
        { waste: r.fabric.yarns[waste]!, work: r.fabric.yarns[work]!, apart, plain: PLAINLY_OTHER },
        separator ? leave : use
      )
    );
  }
};
