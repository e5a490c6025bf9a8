import { finder, type Finding } from '../plan';
import { isSeen } from '../read';
import { beside } from './options';
import type { Judge } from './readings';

/** Facts of a colour that nobody sees, with its rows. */
export interface StripesHiddenFacts {
  'stripes-hidden': { yarn: string; rows: number };
}
const find = finder<StripesHiddenFacts>();

/** A stripe may be chosen for a colour that the fold then puts inside. */
export const stripesHidden: Judge = {
  code: 'stripes-hidden',
  watches: 'a stripe that a fold, a crown or the inside hides altogether',
  find: (r) => {
    if (r.brief.options['style'] !== 'striped' && r.brief.colours.length === 0) return [];
    const rows = new Map<number, { seen: number; hidden: number }>();
    for (const share of r.reveal.shares) {
      const of = rows.get(share.yarn) ?? { seen: 0, hidden: 0 };
      if (isSeen(share.place)) of.seen += share.rows;
      else if (share.place !== 'removed') of.hidden += share.rows;
      rows.set(share.yarn, of);
    }
    return [...rows].flatMap(([yarn, { seen, hidden }]): Finding[] =>
      seen === 0 && hidden > 0
        ? [find('stripes-hidden', 'note', beside(r, 'sections'), { yarn: r.fabric.yarns[yarn]!, rows: hidden })]
        : []
    );
  }
};
