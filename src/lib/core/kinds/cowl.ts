import * as z from 'zod/mini';
import { LENGTHWISE_STRETCH } from '../body';
import { choiceOption, lengthOption } from '../plan';
import type { Kind } from './kind';
import { EDGES, promised } from './shared/hands';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { ringOfTube } from './shared/ring-of-tube';
import { colourOptions, startColours } from './shared/stripes';
import { firstWith } from './shared/tails';
import { wasteAway, wasteNeeded } from './shared/waste';

export const CowlOptions = z.object({
  wearer: wearerOption('adult', 'child'),
  headMm: lengthOption({ group: WHO, measure: 'head', min: 200, max: 800, start: 560 }),
  turns: choiceOption({ group: WHO, choices: ['once', 'twice'] }),
  sizeBy: sizeByOption(WHO, 'head', 'rows'),
  rows: countedOption({ counts: 'rows', group: WHO, min: 10, max: 800, start: 86 }),
  ...colourOptions,
  by: choiceOption({ group: ENDS, choices: ['needle', 'hook'] }),
  ...firstWith(),
  ...wasteNeeded
});

/** A loop twice round hangs loose (own estimate, no source). */
const LOOSE_STRETCH = 0.05;

/** A tube whose two ends are joined to a ring. */
export const cowl: Kind<typeof CowlOptions> = {
  code: 'cowl',
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
      closing: ({ waste, first, own }) => [
        {
          do: 'join',
          name: 'end-to-end',
          a: [{ piece: 0, run: 'cast-on' }],
          b: [{ piece: 0, run: 'hung-off' }],
          by: o.by === 'needle' ? 'graft' : 'hook',
          yarn: first,
          ...own('cast-on')
        },
        ...EDGES.flatMap((edge) => wasteAway(0, edge, waste, o))
      ],
      promise: promised('cowl', 0)
    });
  }
};
