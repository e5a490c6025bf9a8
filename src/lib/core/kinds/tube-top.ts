import * as z from 'zod/mini';
import { chainsPast, limbFit } from '../body';
import { type Act, choiceOption, countOption, knitRows, lengthOption } from '../plan';
import type { Kind } from './kind';
import { crochetEnd, EDGES, joinsTied, onPurlSide, promised, rest, weave } from './shared/hands';
import { chainGauge, countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { eitherWith, ownTails } from './shared/tails';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { wasteAway, wasteFor, wasteNeeded } from './shared/waste';

const strapped = { key: 'neck', is: ['straps'] } as const;
const haltered = { key: 'neck', is: ['halter'] } as const;

export const TubeTopOptions = z.object({
  wearer: wearerOption('adult', 'child'),
  chestMm: lengthOption({ group: WHO, measure: 'chest', min: 300, max: 2000, start: 560 }),
  lengthMm: lengthOption({ group: WHO, min: 80, max: 700, start: 300 }),
  sizeBy: sizeByOption(WHO, 'body', 'rows'),
  rows: countedOption({ counts: 'rows', group: WHO, min: 10, max: 600, start: 105 }),
  ...colourOptions,
  ...eitherWith(),
  neck: choiceOption({ group: ENDS, school: true, choices: ['straps', 'halter'] }),
  straps: countOption({ group: ENDS, min: 0, max: 2, start: 2, when: strapped }),
  strapMm: lengthOption({ group: ENDS, min: 100, max: 900, start: 400, when: strapped }),
  shoulderMm: lengthOption({ group: WHO, min: 80, max: 400, start: 180, when: strapped }),
  headMm: lengthOption({ group: WHO, measure: 'head', min: 200, max: 800, start: 580, when: haltered }),
  halterBy: choiceOption({ group: ENDS, choices: ['head', 'count'], when: haltered }),
  halterChains: countOption({
    group: ENDS,
    min: 10,
    max: 300,
    start: 70,
    when: { key: 'halterBy', is: ['count'], and: haltered }
  }),
  chainPer10: chainGauge,
  ...wasteNeeded
});

/** What goes over the shoulders: tried on and clipped first, then chained straight onto the upper edge. */
function neckActs(o: z.output<typeof TubeTopOptions>, yarn: string): Act[] {
  const chained = { do: 'cord', piece: 0, yarn, per10Cm: o.chainPer10 } as const;
  if (o.neck === 'halter') {
    const chains = o.halterBy === 'count' ? o.halterChains : chainsPast(o.headMm, o.chainPer10);
    return [
      { do: 'tryOn', piece: 0, clips: 1 },
      { ...chained, name: 'halter', count: 1, chains }
    ];
  }
  if (o.straps === 0) return [];
  return [
    { do: 'tryOn', piece: 0, clips: 2 * o.straps },
    { ...chained, name: 'strap', count: o.straps, mm: o.strapMm }
  ];
}

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
      ...neckActs(o, last),
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
        worn: {
          form: 'sleeve',
          over: 'chest',
          girthMm: o.chestMm,
          closed: 'no',
          straps: o.neck === 'halter' ? 1 : o.straps,
          halter: o.neck === 'halter'
        },
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
