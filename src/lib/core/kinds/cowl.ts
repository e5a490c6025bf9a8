import { z } from 'zod';
import { LENGTHWISE_STRETCH } from '../body';
import { choiceOption, lengthOption } from '../plan';
import type { Kind } from './kind';
import { EDGES, promised } from './shared/hands';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { ringOfTube } from './shared/ring-of-tube';
import { colourOptions, startColours } from './shared/stripes';
import { wasteAway, wasteNeeded } from './shared/waste';

export const CowlOptions = z.object({
  wearer: wearerOption('adult', 'child'),
  headMm: lengthOption({
    title: 'Head girth',
    group: WHO,
    help: 'A cowl must go over the head.',
    measure: 'head',
    min: 200,
    max: 800,
    start: 560
  }),
  turns: choiceOption({
    title: 'Round the neck',
    group: WHO,
    choices: [
      { value: 'once', label: 'Once', help: 'Snug: it stretches over the head.' },
      { value: 'twice', label: 'Twice', help: 'Long and loose.' }
    ]
  }),
  sizeBy: sizeByOption(WHO, { head: 'The head', rows: 'A row count' }),
  rows: countedOption({ title: 'Rows', group: WHO, min: 10, max: 800, start: 86 }),
  ...colourOptions,
  by: choiceOption({
    title: 'Joining the ends',
    group: ENDS,
    choices: [
      { value: 'needle', label: 'Graft', help: 'Loop to loop: no seam to see or feel.' },
      { value: 'hook', label: 'With a hook', help: 'Quicker, a ridge inside.' }
    ]
  }),
  ...wasteNeeded
});

/** A loop twice round hangs loose (own estimate, no source). */
const LOOSE_STRETCH = 0.05;

/** A tube whose two ends are joined to a ring. */
export const cowl: Kind<typeof CowlOptions> = {
  code: 'cowl',
  title: 'Cowl',
  blurb: 'A tube joined to a ring round the neck, once snug or twice loose.',
  family: 'wear',
  pins: { from: 20, to: 60, usual: 48 },
  options: CowlOptions,
  start: (kit) => CowlOptions.parse(startColours(firstYarns(kit))),
  draft: (kit, brief, o) => {
    const turns = o.turns === 'twice' ? 2 : 1;
    return ringOfTube({
      kit,
      brief,
      options: o,
      label: 'Cowl',
      roundMm: o.headMm * turns,
      stretch: turns === 2 ? LOOSE_STRETCH : LENGTHWISE_STRETCH,
      rows: o.sizeBy === 'rows' ? o.rows : null,
      worn: { over: 'neck', girthMm: o.headMm, turns, twist: false, gapMm: 0 },
      wearer: o.wearer,
      closing: ({ waste, first }) => [
        { do: 'join', name: 'end-to-end', a: [{ piece: 0, run: 'cast-on' }], b: [{ piece: 0, run: 'hung-off' }], by: o.by === 'needle' ? 'graft' : 'hook', yarn: first }, // prettier-ignore
        ...EDGES.flatMap((edge) => wasteAway(0, edge, waste, o))
      ],
      promise: promised('cowl', 0)
    });
  }
};
