import * as z from 'zod/mini';
import { pompomMm, USUAL_CARD_MM, USUAL_WRAPS } from '../body';
import { choiceOption, countOption, lengthOption, yarnOption } from '../plan';
import type { Kind } from './kind';
import { WHAT } from './shared/options';
import { firstYarns } from './shared/pick';

export const PompomOptions = z.object({
  wearer: choiceOption({ group: WHAT, choices: ['thing', 'adult', 'child', 'baby'] }),
  count: countOption({ group: WHAT, min: 1, max: 200, start: 1 }),
  cardMm: lengthOption({ group: WHAT, min: 20, max: 200, start: USUAL_CARD_MM }), // prettier-ignore
  wraps: countOption({ group: WHAT, min: 10, max: 400, start: USUAL_WRAPS }), // prettier-ignore
  yarn: yarnOption({ group: 'yarn' })
});

/** Pompoms by themselves; any other project can wear them too. */
export const pompom: Kind<typeof PompomOptions> = {
  code: 'pompom',
  family: 'hang',
  pins: { from: 1, to: 200, usual: 48 },
  options: PompomOptions,
  start: (kit) => PompomOptions.parse({ yarn: firstYarns(kit).main }),
  draft: (_kit, brief, o) => ({
    plan: {
      title: brief.name,
      pieces: [],
      acts: [{ do: 'pompom', yarn: o.yarn, wraps: o.wraps, cardMm: o.cardMm, count: o.count, on: 'alone', from: 'wound', by: 'bow' }], // prettier-ignore
      promises: [],
      worn: { form: 'pompom', yarn: o.yarn, sizeMm: pompomMm(o.cardMm), count: o.count },
      wearer: o.wearer,
      state: 'rested'
    },
    notes: { wanted: null }
  })
};
