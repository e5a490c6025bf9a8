import * as z from 'zod/mini';
import type { Kit } from '../kit';
import { isLarge, machineOf } from '../kit';
import { type Act, type Brief, choiceOption, type Draft, edgeOfHalf, knitRows, otherEdge, switchOption } from '../plan';
import type { Kind } from './kind';
import { hatSizeOptions, linedTubeRows, outerOption, turnUpOption } from './shared/hat';
import { EDGES, joinsTied, linedThing, onPurlSide, rest, weave } from './shared/hands';
import { ENDS } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { ownTails, tailOption } from './shared/tails';
import { ringOn, tubePiece } from './shared/tube';
import { wasteAway, wasteFor, wasteNeeded } from './shared/waste';

export const EarHatOptions = z.object({
  ...hatSizeOptions,
  turnUpMm: turnUpOption(20),
  ...colourOptions,
  by: choiceOption({ group: ENDS, choices: ['hook', 'needle'] }),
  outer: outerOption,
  topWith: tailOption(),
  gathered: switchOption({ group: ENDS, start: true }),
  ...wasteNeeded
});
type EarHatOptions = z.output<typeof EarHatOptions>;

function draft(kit: Kit, brief: Brief, o: EarHatOptions): Draft {
  const ring = ringOn(kit, brief, firstYarn(o));
  const { rows, wanted, unasked } = linedTubeRows(o, ring, 'straight');
  const sections = colourSections(o, rows, 'Hat');
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const waste = wasteFor(kit, o, first, last);
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const joins = sections.length - 1;
  const outer = edgeOfHalf(o.outer);
  const inner = otherEdge(outer);
  // The lining's own tail, which hangs outside while the top is closed.
  const { own } = ownTails(kit, { firstWith: o.topWith, lastWith: o.topWith })(inner);
  const acts: Act[] = [
    rest(0),
    ...onPurlSide(0, joinsTied(0, joins, o.joinBy)),
    // Closed from the lining's side, so that ridge and tails lie inside once it is turned.
    { do: 'fold', piece: 0, how: 'inside', enters: outer },
    ...(own ? [{ do: 'lead', piece: 0, tail: own, to: 'corner' } as const] : []),
    {
      do: 'join',
      name: 'straight-top',
      a: [{ piece: 0, run: outer }],
      b: [{ piece: 0, run: inner }],
      by: o.by,
      yarn: o.outer === 'first' ? last : first,
      ...(own ? { own } : {}),
      across: true
    },
    ...EDGES.flatMap((edge) => wasteAway(0, edge, waste, o)),
    { do: 'turn', piece: 0, out: o.outer },
    ...(o.gathered ? [{ do: 'waist', piece: 0, at: 'corners', yarn: first } as const] : []),
    weave('inside', 0),
    ...(o.turnUpMm > 0 ? [{ do: 'fold', piece: 0, how: 'brim', heightMm: o.turnUpMm } as const] : [])
  ];
  return {
    plan: {
      title: brief.name,
      pieces: [tubePiece(kit, ring, 'Tube', [...waste.before, ...work, ...waste.after])],
      acts,
      promises: [linedThing('hat', 0, o.outer, true)],
      worn: { form: 'ear-hat', headMm: o.headMm, turnUpMm: o.turnUpMm },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: { wanted, unasked }
  };
}

/** A lined hat closed straight across through four layers: its corners are ears. */
export const earHat: Kind<typeof EarHatOptions> = {
  code: 'ear-hat',
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
