import * as z from 'zod/mini';
import { LENGTHWISE_STRETCH } from '../body';
import { choiceOption } from '../plan';
import type { Kind } from './kind';
import { headOption } from './shared/hat';
import { closeOption, promised, whole } from './shared/hands';
import { countedOption, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { closedFlat, ringOfTube } from './shared/ring-of-tube';
import { colourOptions, startColours } from './shared/stripes';
import { firstWith, lastWith } from './shared/tails';
import { wasteNeeded } from './shared/waste';

export const HeadbandOptions = z.object({
  wearer: wearerOption('adult', 'child', 'baby'),
  headMm: headOption,
  sizeBy: sizeByOption(WHO, 'head', 'rows'),
  rows: countedOption({ counts: 'rows', group: WHO, min: 10, max: 400, start: 86 }),
  front: choiceOption({ group: WHO, choices: ['twist', 'plain'] }),
  ...colourOptions,
  by: closeOption('needle'),
  ...firstWith(),
  ...lastWith({ key: 'by', is: ['hook', 'needle'] }),
  ...wasteNeeded
});

/** A tube closed flat at both ends, its ends sewn together round the head. */
export const headband: Kind<typeof HeadbandOptions> = {
  code: 'headband',
  family: 'wear',
  pins: { from: 20, to: 60, usual: 48 },
  options: HeadbandOptions,
  start: (kit) => HeadbandOptions.parse(startColours(firstYarns(kit))),
  draft: (kit, brief, o) =>
    ringOfTube({
      kit,
      brief,
      options: o,
      label: 'Headband',
      roundMm: o.headMm,
      stretch: LENGTHWISE_STRETCH,
      rows: o.sizeBy === 'rows' ? o.rows : null,
      worn: { over: 'head', girthMm: o.headMm, turns: 1, twist: o.front === 'twist', gapMm: 0 },
      wearer: o.wearer,
      closing: (at) => [
        ...closedFlat(o.by, o, at),
        { do: 'fold', piece: 0, how: 'flat' },
        ...(o.front === 'twist' ? [{ do: 'fold', piece: 0, how: 'twist' } as const] : []),
        {
          do: 'join',
          name: o.front === 'twist' ? 'front-twisted' : 'end-to-end',
          a: [{ piece: 0, run: 'first-end' }],
          b: [{ piece: 0, run: 'last-end' }],
          by: 'needle',
          yarn: at.first,
          ...at.own('cast-on')
        },
        // Sewn from outside through all layers; turned over, the ridge lies inside.
        { do: 'turn', piece: 0, out: 'back' }
      ],
      promise: promised(
        'headband',
        0,
        { upper: { piece: 0, run: 'upper' }, lower: { piece: 0, run: 'lower' } },
        { inside: whole('knit'), ridgesInside: true }
      )
    })
};
