import { z } from 'zod';
import type { Kit } from '../kit';
import { isLarge, machineOf } from '../kit';
import {
  type Brief,
  choiceOption,
  type Finish,
  flatClose,
  hookYarnMm,
  knitRows,
  type Plan,
  switchOption
} from '../plan';
import type { Kind } from './kind';
import { hatSizeOptions, linedTubeRows, turnUpOption } from './shared/hat';
import { ENDS } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { ringOn, tubePiece } from './shared/tube';
import { removeWaste, wasteFor, wasteNeeded } from './shared/waste';

export const EarHatOptions = z.object({
  ...hatSizeOptions,
  turnUpMm: turnUpOption(20),
  ...colourOptions,
  by: choiceOption({
    title: 'Closing straight across',
    group: ENDS,
    choices: [
      { value: 'hook', label: 'With a hook', help: 'Quick and firm, a ridge inside.' },
      { value: 'needle', label: 'With a needle', help: 'Flatter and softer.' }
    ]
  }),
  gathered: switchOption({ title: 'Gather the corners into round ears', group: ENDS, start: true }),
  ...wasteNeeded
});
type EarHatOptions = z.output<typeof EarHatOptions>;

function draft(kit: Kit, brief: Brief, o: EarHatOptions): Plan {
  const ring = ringOn(kit, brief, firstYarn(o));
  const { rows, wanted, unasked } = linedTubeRows(o, ring);
  const sections = colourSections(o, rows, 'Hat');
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const waste = wasteFor(kit, o, first, last);
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const joins = sections.length - 1;
  const finishing: Finish[] = [
    ...(joins > 0 ? [{ do: 'checkJoins', piece: 0, joins } as const] : []),
    { do: 'pushInside', piece: 0, foldRow: Math.floor(rows / 2) },
    flatClose(0, 'hung-off', o.by, first, ring.flatMm, 4),
    ...removeWaste(0, 'cast-on', waste),
    ...removeWaste(0, 'hung-off', waste),
    ...(o.gathered ? [{ do: 'ears', piece: 0, yarn: first, lengthMm: hookYarnMm(60) } as const] : []),
    { do: 'weaveIn', piece: 0, tails: 2 },
    ...(o.turnUpMm > 0 ? [{ do: 'turnUp', piece: 0, heightMm: o.turnUpMm } as const] : [])
  ];
  return {
    title: brief.name,
    pieces: [tubePiece(kit, ring, 'Tube', [...waste.before, ...work, ...waste.after])],
    joins: [{ name: 'Straight top', a: { piece: 0, edge: 'cast-on' }, b: { piece: 0, edge: 'hung-off' }, by: o.by }],
    finishing,
    worn: { form: 'ear-hat', headMm: o.headMm, turnUpMm: o.turnUpMm },
    wearer: o.wearer,
    state: ring.gauge.state,
    wanted,
    unasked
  };
}

/** A lined hat closed straight across through four layers: its corners are ears. */
export const earHat: Kind<typeof EarHatOptions> = {
  code: 'ear-hat',
  title: 'Ear hat',
  blurb: 'Closed straight across instead of drawn: two corners stand up as ears.',
  family: 'hats',
  pins: { from: 20, to: 60, usual: 48 },
  options: EarHatOptions,
  start: (kit, machineId) =>
    EarHatOptions.parse({
      style: 'two',
      ...startColours(firstYarns(kit)),
      ...(isLarge(machineOf(kit, machineId)) ? {} : { wearer: 'baby', headMm: 250, turnUpMm: 0 })
    }),
  draft
};
