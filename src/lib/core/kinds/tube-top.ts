import * as z from 'zod/mini';
import { limbFit } from '../body';
import { type Act, countOption, knitRows, lengthOption } from '../plan';
import type { Kind } from './kind';
import { crochetEnd, EDGES, joinsTied, onPurlSide, promised, rest, weave } from './shared/hands';
import { chainGauge, countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { eitherWith, ownTails } from './shared/tails';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { wasteAway, wasteFor, wasteNeeded } from './shared/waste';

export const TubeTopOptions = z.object({
  wearer: wearerOption('child', 'adult'),
  chestMm: lengthOption({ group: WHO, measure: 'chest', min: 300, max: 2000, start: 560 }), // prettier-ignore
  lengthMm: lengthOption({ group: WHO, min: 80, max: 700, start: 300 }),
  sizeBy: sizeByOption(WHO, 'body', 'rows'),
  rows: countedOption({ group: WHO, min: 10, max: 600, start: 105 }),
  ...colourOptions,
  ...eitherWith(),
  straps: countOption({ group: ENDS, min: 0, max: 2, start: 2 }),
  strapMm: lengthOption({ group: ENDS, min: 100, max: 900, start: 400 }),
  chainPer10: chainGauge,
  ...wasteNeeded
});

/** A tube round the body with crocheted edges and chained straps. */
export const tubeTop: Kind<typeof TubeTopOptions> = {
  code: 'tube-top',
  family: 'wear',
  pins: { from: 40, to: 80, usual: 48 },
  options: TubeTopOptions,
  start: (kit) => TubeTopOptions.parse(startColours(firstYarns(kit))),
  draft: (kit, brief, o) => {
    const ring = ringOn(kit, brief, firstYarn(o));
    const rowsAt = (courses: number): number =>
      ring.fewer * limbFit(o.chestMm, { ...ring.knitted, courses }).rowsFor(o.lengthMm);
    const rows = o.sizeBy === 'rows' ? o.rows : Math.max(10, Math.round(rowsAt(ring.gauge.courses.value)));
    const sections = colourSections(o, rows, 'Top');
    const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
    const waste = wasteFor(kit, o, first, last);
    const joins = sections.length - 1;
    const own = ownTails(kit, o);
    const acts: Act[] = [
      rest(0),
      ...onPurlSide(0, joinsTied(0, joins, o.joinBy)),
      ...EDGES.flatMap((edge) => [
        crochetEnd(0, edge, edge === 'cast-on' ? first : last, own(edge)),
        ...wasteAway(0, edge, waste, o)
      ]),
      ...(o.straps > 0
        ? [{ do: 'cord', name: 'strap', piece: 0, count: o.straps, yarn: last, per10Cm: o.chainPer10, mm: o.strapMm } as const] // prettier-ignore
        : []),
      weave('woven', 0)
    ];
    return {
      plan: {
        title: brief.name,
        pieces: [
          tubePiece(kit, ring, 'Top', [
            ...waste.before,
            ...sections.map((s) => knitRows(s.label, s.yarn, s.rows)),
            ...waste.after
          ])
        ],
        acts,
        promises: [promised('top', 0, { hem: { piece: 0, run: 'cast-on' }, chest: { piece: 0, run: 'hung-off' } })],
        worn: { form: 'sleeve', over: 'chest', girthMm: o.chestMm, closed: 'no', straps: o.straps },
        wearer: o.wearer,
        state: ring.gauge.state
      },
      notes: {
        unasked: { rows },
        wanted: wantedRows(rowsAt, ring, { say: 'along', mm: o.lengthMm, girthMm: o.chestMm, chest: true }) // prettier-ignore
      }
    };
  }
};
