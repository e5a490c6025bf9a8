import { z } from 'zod';
import { limbFit } from '../body';
import { chain, countOption, crochetEdge, type Finish, knitRows, lengthOption } from '../plan';
import type { Kind } from './kind';
import { chainGauge, countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { removeBoth } from './shared/ring-of-tube';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { wasteFor, wasteNeeded } from './shared/waste';

export const TubeTopOptions = z.object({
  wearer: wearerOption('child', 'adult'),
  chestMm: lengthOption({ title: 'Chest', group: WHO, help: 'Round the fullest part, tape level.', measure: 'chest', min: 300, max: 2000, start: 560 }), // prettier-ignore
  lengthMm: lengthOption({ title: 'Length as worn', group: WHO, min: 80, max: 700, start: 300 }),
  sizeBy: sizeByOption(WHO, { body: 'The body', rows: 'A row count' }),
  rows: countedOption({ title: 'Rows', group: WHO, min: 10, max: 600, start: 105 }),
  ...colourOptions,
  straps: countOption({ title: 'Straps', group: ENDS, min: 0, max: 2, start: 2 }),
  strapMm: lengthOption({ title: 'Length of a strap', group: ENDS, min: 100, max: 900, start: 400 }),
  chainPer10: chainGauge,
  ...wasteNeeded
});

/** A tube round the body with crocheted edges and chained straps. */
export const tubeTop: Kind<typeof TubeTopOptions> = {
  code: 'tube-top',
  title: 'Tube top',
  blurb: 'A tube round the body, edges crocheted, straps chained.',
  family: 'wear',
  pins: { from: 40, to: 80, usual: 48 },
  options: TubeTopOptions,
  start: (kit) => TubeTopOptions.parse(startColours(firstYarns(kit))),
  draft: (kit, brief, o) => {
    const ring = ringOn(kit, brief, firstYarn(o));
    const rowsAt = (courses: number): number => limbFit(o.chestMm, { ...ring.knitted, courses }).rowsFor(o.lengthMm);
    const rows = o.sizeBy === 'rows' ? o.rows : Math.max(10, Math.round(rowsAt(ring.gauge.courses.value)));
    const sections = colourSections(o, rows, 'Top');
    const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
    const waste = wasteFor(kit, o, first, last);
    const joins = sections.length - 1;
    // The edge must give as wide as the body it goes over.
    const edgeMm = Math.max(o.chestMm, ring.girthMm);
    const finishing: Finish[] = [
      ...(joins > 0 ? [{ do: 'checkJoins', piece: 0, joins } as const] : []),
      crochetEdge(0, 'cast-on', first, edgeMm, 1),
      crochetEdge(0, 'hung-off', last, edgeMm, 1),
      ...removeBoth(waste),
      ...(o.straps > 0 ? [chain(0, 'strap', last, o.straps, o.strapMm, o.chainPer10)] : []),
      { do: 'weaveIn', piece: 0, tails: 4 + 2 * o.straps }
    ];
    return {
      title: brief.name,
      pieces: [
        tubePiece(kit, ring, 'Top', [
          ...waste.before,
          ...sections.map((s) => knitRows(s.label, s.yarn, s.rows)),
          ...waste.after
        ])
      ],
      joins: [],
      finishing,
      worn: { form: 'sleeve', over: 'chest', girthMm: o.chestMm, closed: 'no', straps: o.straps },
      wearer: o.wearer,
      state: ring.gauge.state,
      unasked: { rows },
      wanted: wantedRows(rowsAt, ring, `${o.lengthMm / 10} cm along a chest of ${o.chestMm / 10} cm, stitches pulled wide`) // prettier-ignore
    };
  }
};
