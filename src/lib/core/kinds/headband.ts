import { z } from 'zod';
import { LENGTHWISE_STRETCH } from '../body';
import { choiceOption, flatClose, halves, seam, seamYarnMm } from '../plan';
import type { Kind } from './kind';
import { headOption } from './shared/hat';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { removeBoth, ringOfTube } from './shared/ring-of-tube';
import { colourOptions, startColours } from './shared/stripes';
import { wasteNeeded } from './shared/waste';

export const HeadbandOptions = z.object({
  wearer: wearerOption('adult', 'child', 'baby'),
  headMm: headOption,
  sizeBy: sizeByOption(WHO, { head: 'The head', rows: 'A row count' }),
  rows: countedOption({ title: 'Rows', group: WHO, min: 10, max: 400, start: 86 }),
  front: choiceOption({
    title: 'Front',
    group: WHO,
    choices: [
      { value: 'twist', label: 'Twisted', help: 'Both ends folded to a U, locked into each other.' },
      { value: 'plain', label: 'Plain', help: 'End sewn to end; the seam goes to the back.' }
    ]
  }),
  ...colourOptions,
  by: choiceOption({
    title: 'Closing the ends',
    group: ENDS,
    choices: [
      { value: 'hook', label: 'With a hook', help: 'Quick and firm.' },
      { value: 'needle', label: 'With a needle', help: 'Flatter and softer.' }
    ]
  }),
  ...wasteNeeded
});

/** A tube closed flat at both ends, its ends sewn together round the head. */
export const headband: Kind<typeof HeadbandOptions> = {
  code: 'headband',
  title: 'Headband',
  blurb: 'A short tube round the head, double and warm; plain or with a twist in front.',
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
      closing: ({ ring, waste, first, last }) => ({
        joins: [
          halves('First end', 0, 'cast-on', o.by),
          halves('Last end', 0, 'hung-off', o.by),
          {
            name: o.front === 'twist' ? 'Twisted front' : 'End to end',
            a: { piece: 0, edge: 'cast-on' },
            b: { piece: 0, edge: 'hung-off' },
            by: 'mattress'
          }
        ],
        finishing: [
          flatClose(0, 'cast-on', o.by, first, ring.flatMm),
          flatClose(0, 'hung-off', o.by, last, ring.flatMm),
          ...removeBoth(waste),
          o.front === 'twist'
            ? { do: 'twist', piece: 0, seamMm: Math.round(ring.flatMm / 2), yarn: first, lengthMm: seamYarnMm(ring.flatMm / 2) } // prettier-ignore
            : seam(0, 2, first, ring.flatMm, 'mattress')
        ]
      })
    })
};
