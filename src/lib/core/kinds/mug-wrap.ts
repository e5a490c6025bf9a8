import * as z from 'zod/mini';
import { type Act, choiceOption, countOption, lengthOption } from '../plan';
import type { Kind } from './kind';
import { closeOption, EDGES, promised } from './shared/hands';
import { chainGauge, countedOption, ENDS, sizeByOption, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { closedFlat, ringOfTube } from './shared/ring-of-tube';
import { colourOptions, startColours } from './shared/stripes';
import { eitherWith, hooked } from './shared/tails';
import { wasteNeeded } from './shared/waste';

export const MugWrapOptions = z.object({
  mugMm: lengthOption({ group: WHAT, measure: 'mug-girth', min: 150, max: 500, start: 270 }),
  heightMm: lengthOption({ group: WHAT, measure: 'mug-height', min: 40, max: 300, start: 95 }),
  gapMm: lengthOption({ group: WHAT, min: 10, max: 120, start: 35 }),
  sizeBy: sizeByOption(WHAT, 'mug', 'rows'),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 10, max: 200, start: 45 }),
  ...colourOptions,
  closeBy: closeOption(),
  ...eitherWith(hooked),
  loopBy: choiceOption({ group: ENDS, choices: ['gap', 'count'] }),
  loopChains: countOption({ group: ENDS, min: 4, max: 120, start: 20, when: { key: 'loopBy', is: ['count'] } }),
  chainPer10: chainGauge,
  ...wasteNeeded
});

/** Room for a loop to hook over the other one: 2 to 3 cm (craft 7.11, common practice, no source). */
const HOOK_OVER_MM = 30;

/** Lengthwise stretch that keeps a wrap on a smooth mug (own estimate, no source). */
const HOLDS = 0.05;

/** A small tube closed flat, held round a mug by a loop of chain at either side. */
export const mugWrap: Kind<typeof MugWrapOptions> = {
  code: 'mug-wrap',
  family: 'carry',
  pins: { from: 16, to: 30, usual: 22 },
  options: MugWrapOptions,
  start: (kit) => MugWrapOptions.parse(startColours(firstYarns(kit))),
  draft: (kit, brief, o) =>
    ringOfTube({
      kit,
      brief,
      options: o,
      label: 'Wrap',
      roundMm: Math.max(60, o.mugMm - o.gapMm),
      stretch: HOLDS,
      rows: o.sizeBy === 'rows' ? o.rows : null,
      worn: { over: 'mug', girthMm: o.mugMm, turns: 1, twist: false, gapMm: o.gapMm },
      wearer: 'thing',
      closing: (at) => [
        ...closedFlat(o.closeBy, o, at),
        // At each end one chain from corner to corner: it makes the loop that hooks over.
        ...EDGES.map((edge): Act => ({
          do: 'cord',
          name: 'loop',
          piece: 0,
          count: 1,
          yarn: edge === 'cast-on' ? at.first : at.last,
          per10Cm: o.chainPer10,
          along: { piece: 0, run: edge },
          ...(o.loopBy === 'count' ? { chains: o.loopChains } : { reachMm: o.gapMm / 2 + HOOK_OVER_MM })
        }))
      ],
      promise: promised('wrap', 0)
    })
};
