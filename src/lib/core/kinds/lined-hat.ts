import * as z from 'zod/mini';
import { isLarge, type Kit, machineOf, rulesOf } from '../kit';
import {
  type Act,
  type Brief,
  choiceOption,
  countOption,
  type Draft,
  knitRows,
  type Section,
  sectionsOption,
  switchOption,
  yarnOption
} from '../plan';
import type { Kind } from './kind';
import { BABY_TURN_UP_MM, crownOptions, hatSizeOptions, linedActs, linedEnds, linedTubeRows } from './shared/hat';
import { linedThing, weave } from './shared/hands';
import { CHAINS_TO_10, ENDS } from './shared/options';
import { firstYarns } from './shared/pick';
import { layStripes } from './shared/stripes';
import { ringOn, tubePiece } from './shared/tube';

const contrast = { key: 'style', is: ['contrast'] } as const;
const striped = { key: 'style', is: ['striped'] } as const;
const oneYarnAtTop = { key: 'style', is: ['plain', 'contrast'] } as const;

export const LinedHatOptions = z.object({
  ...hatSizeOptions,
  style: choiceOption({ group: 'yarn', choices: ['contrast', 'plain', 'striped'] }),
  yarn: yarnOption({ group: 'yarn', when: oneYarnAtTop }),
  liningYarn: yarnOption({ group: 'yarn', when: contrast }),
  marginRows: countOption({ group: 'yarn', min: -60, max: 60, start: 6, when: contrast }),
  sections: sectionsOption({ group: 'yarn', when: striped }),
  repeat: switchOption({ group: 'yarn', start: true, when: striped }),
  ...crownOptions,
  trim: choiceOption({ group: ENDS, choices: ['none', 'pompom', 'cord'] })
});
export type LinedHatOptions = z.output<typeof LinedHatOptions>;

/** A pompom of the usual card: 10 x 7.5 cm, 70 wraps (craft 7). */
const POMPOM = { wraps: 70, cardMm: 75, count: 1, on: 'piece', from: 'wound', by: 'bow' } as const;

/** Length of one tie cord: long enough to knot under a chin (own estimate, no source). */
const CORD_MM = 250;

/** The work sections in the order they are knitted: from the outer crown over the fold to the lining's crown, or back. */
function workSections(o: LinedHatOptions, rows: number): (Section & { label: string })[] {
  if (o.style === 'striped' && o.sections.length > 0) {
    return layStripes(o.sections, rows, o.repeat).map(({ yarn, rows }, i) => ({
      yarn,
      rows,
      label: `Stripe ${i + 1}`
    }));
  }
  if (o.style !== 'contrast') return [{ yarn: o.yarn, rows, label: 'Hat' }];
  const outer = Math.min(rows - 1, Math.max(1, Math.floor((rows - o.marginRows) / 2)));
  const parts = [
    { yarn: o.yarn, rows: outer, label: 'Outside' },
    { yarn: o.liningYarn, rows: rows - outer, label: 'Lining' }
  ];
  return o.outer === 'first' ? parts : parts.reverse();
}

function draft(kit: Kit, brief: Brief, o: LinedHatOptions): Draft {
  const ring = ringOn(kit, brief, o.style === 'striped' ? (o.sections[0]?.yarn ?? o.yarn) : o.yarn);
  // A margin is kept as it was typed: an odd one asks for an odd tube, where the rows are not typed too.
  const contrasts = o.style === 'contrast' && !rulesOf(kit).evenCounts;
  const { rows, wanted, unasked } = linedTubeRows(o, ring, 'drawn', contrasts && o.marginRows % 2 !== 0);
  const sections = workSections(o, rows);
  const first = sections[0]!.yarn;
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const { operations, waste, ends } = linedEnds(kit, o, work, ring, first, sections.at(-1)!.yarn);
  // Where outside and lining are of one yarn nothing is joined.
  const joins = sections.filter((s, i) => i > 0 && s.yarn !== sections[i - 1]!.yarn).length;
  const trim: Act[] =
    o.trim === 'pompom'
      ? [{ do: 'pompom', yarn: first, ...POMPOM }]
      : o.trim === 'cord'
        ? [
            { do: 'cord', name: 'tie', piece: 0, count: 2, yarn: first, per10Cm: CHAINS_TO_10, mm: CORD_MM },
            weave('inside', 0)
          ]
        : [];
  return {
    plan: {
      title: brief.name,
      pieces: [tubePiece(kit, ring, 'Tube', operations)],
      acts: [...linedActs(o, { piece: 0, joins, first, waste, ends }), ...trim],
      promises: [linedThing('hat', 0, o.outer, o.closing === 'zip')],
      worn: { form: 'lined-hat', headMm: o.headMm, turnUpMm: o.turnUpMm },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      wanted,
      unasked,
      clamped: contrasts && (rows - o.marginRows) % 2 !== 0 ? [{ piece: 0, option: 'marginRows', asked: o.marginRows, given: o.marginRows + 1, of: 'rows', why: 'even' }] : [] // prettier-ignore
    }
  };
}

/** A tube folded into itself: two layers, both crowns drawn shut. The commonest piece of these machines. */
export const linedHat: Kind<typeof LinedHatOptions> = {
  code: 'lined-hat',
  family: 'hats',
  pins: { from: 20, to: 60, usual: 48 },
  options: LinedHatOptions,
  start: (kit, machineId) => {
    const { main, second } = firstYarns(kit);
    return LinedHatOptions.parse({
      style: second === main ? 'plain' : 'contrast',
      yarn: main,
      liningYarn: second,
      sections: [
        { yarn: main, rows: 5 },
        { yarn: second, rows: 5 }
      ],
      ...(isLarge(machineOf(kit, machineId)) ? {} : { wearer: 'baby', headMm: 250, turnUpMm: BABY_TURN_UP_MM })
    });
  },
  draft
};
