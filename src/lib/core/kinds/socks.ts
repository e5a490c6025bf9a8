import { z } from 'zod';
import { limbFit } from '../body';
import type { Kit } from '../kit';
import { type Brief, castOn, choiceOption, crochetEdge, type Finish, knitRows, lengthOption, type Piece, type Plan, seamYarnMm, switchOption, yarnOption, yarnOrNoneOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { oneOrPair } from './shared/pair';
import { ENDS, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { removeWaste, type Waste, wasteFor, wasteNeeded } from './shared/waste';

export const SocksOptions = z.object({
  wearer: wearerOption('adult', 'child', 'baby'),
  footMm: lengthOption({ title: 'Foot length', group: WHO, help: 'Heel to the longest toe, standing.', measure: 'foot-length', min: 60, max: 350, start: 230 }), // prettier-ignore
  footGirthMm: lengthOption({ title: 'Foot girth', group: WHO, help: 'Round the ball of the foot.', measure: 'foot-girth', min: 80, max: 350, start: 210 }), // prettier-ignore
  cuffMm: lengthOption({ title: 'Cuff above the heel', group: WHO, min: 0, max: 400, start: 120 }),
  pair: switchOption({ title: 'A pair', group: WHO, start: true }),
  yarn: yarnOption({ title: 'Yarn', group: 'Yarn and colour', help: 'Sock yarn is knitted with two strands together.' }), // prettier-ignore
  cuffYarn: yarnOrNoneOption({ title: 'Edge of the cuff', group: 'Yarn and colour', empty: 'The same' }),
  secondYarn: yarnOrNoneOption({ title: 'Yarn of the second sock', group: 'Yarn and colour', empty: 'The same', when: { key: 'pair', is: [true] } }), // prettier-ignore
  toe: choiceOption({
    title: 'Toe',
    group: ENDS,
    choices: [
      { value: 'flat', label: 'Drawn, then sewn flat', help: 'No bulky point in the shoe.' },
      { value: 'drawn', label: 'Drawn only', help: 'For bed socks.' }
    ]
  }),
  ...wasteNeeded
});
type SocksOptions = z.output<typeof SocksOptions>;

function draft(kit: Kit, brief: Brief, o: SocksOptions): Plan {
  const ring = ringOn(kit, brief, o.yarn);
  const fitAt = (courses: number) => limbFit(o.footGirthMm, { ...ring.knitted, courses });
  const courses = ring.gauge.courses.value;
  const foot = Math.max(2, Math.round(fitAt(courses).rowsFor(o.footMm)));
  const cuff = Math.round(fitAt(courses).rowsFor(o.cuffMm));
  const wastes: Waste[] = [];
  const make = (yarn: string, label: string, more: Partial<Piece>): Piece => {
    const waste = wasteFor(kit, o, yarn, yarn);
    wastes.push(waste);
    return tubePiece(
      kit,
      ringOn(kit, brief, yarn),
      label,
      [castOn(yarn), knitRows('Foot', yarn, foot), ...(cuff > 0 ? [knitRows('Cuff', yarn, cuff)] : []), ...waste.after],
      more
    );
  };
  const pieces = oneOrPair(o.pair, o.yarn, o.secondYarn, 'Sock', make);
  const finishing = pieces.flatMap((_, p): Finish[] => {
    const yarn = p === 0 ? o.yarn : (o.secondYarn ?? o.yarn);
    return [
      { do: 'drawShut', piece: p, edge: 'cast-on' },
      ...(o.toe === 'flat'
        ? [{ do: 'sewToe', piece: p, edge: 'cast-on', yarn, lengthMm: seamYarnMm(ring.flatMm) } as const]
        : []),
      crochetEdge(p, 'hung-off', o.cuffYarn ?? yarn, ring.girthMm, 2),
      ...removeWaste(p, 'hung-off', wastes[p]!),
      { do: 'weaveIn', piece: p, tails: 3 }
    ];
  });
  return {
    title: brief.name,
    pieces,
    joins: [],
    finishing,
    worn: { form: 'sleeve', over: 'foot', girthMm: o.footGirthMm, closed: 'toe', straps: 0 },
    wearer: o.wearer,
    state: ring.gauge.state,
    wanted: wantedRows(
      (c) => fitAt(c).rowsFor(o.footMm + o.cuffMm),
      ring,
      `foot of ${o.footMm / 10} cm and a cuff of ${o.cuffMm / 10} cm, stitches pulled wide over ${o.footGirthMm / 10} cm`
    )
  };
}

/** Tubes for feet: no heel to turn, the toe drawn and sewn flat, the cuff crocheted so that it gives. */
export const socks: Kind<typeof SocksOptions> = {
  code: 'socks',
  title: 'Socks without heel',
  blurb: 'As long as the foot and the cuff; the toe is drawn, then sewn flat.',
  family: 'wear',
  pins: { from: 18, to: 26, usual: 22 },
  options: SocksOptions,
  start: (kit) => {
    const { main } = firstYarns(kit);
    return SocksOptions.parse({ yarn: main });
  },
  draft
};
