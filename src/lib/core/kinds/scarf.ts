import * as z from 'zod/mini';
import type { Kit } from '../kit';
import { type Act, type Brief, castOn, choiceOption, type Draft, drawstring, knitRows, lengthOption } from '../plan';
import type { Kind } from './kind';
import { closeFlat, closeOption, EDGES, joinsTied, onPurlSide, promised, rest, weave } from './shared/hands';
import { countedOption, ENDS, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { eitherWith, hooked, ownTails } from './shared/tails';
import { ringOn, rowsFor, tubePiece, wantedRows } from './shared/tube';
import { wasteAway, wasteFor, wasteNeeded } from './shared/waste';

/** A scarf of habit: in the middle of 340 to 450 rows (craft 7). */
const HABIT_ROWS = 400;

export const ScarfOptions = z.object({
  wearer: wearerOption('adult', 'child'),
  sizeBy: choiceOption({ group: WHO, choices: ['height', 'habit', 'length', 'rows'] }),
  heightMm: lengthOption({
    group: WHO,
    measure: 'height',
    min: 700,
    max: 2300,
    start: 1700,
    when: { key: 'sizeBy', is: ['height'] }
  }),
  lengthMm: lengthOption({ group: WHO, min: 400, max: 4000, start: 1900, when: { key: 'sizeBy', is: ['length'] } }), // prettier-ignore
  rows: countedOption({ counts: 'rows', group: WHO, min: 40, max: 2000, start: HABIT_ROWS }),
  ...colourOptions,
  ends: choiceOption({ group: ENDS, choices: ['drawn', 'straight'] }),
  closeBy: closeOption(),
  ...eitherWith({ key: 'ends', is: ['straight'], and: hooked }),
  ...wasteNeeded
});
type ScarfOptions = z.output<typeof ScarfOptions>;

/** A hand more than the body is tall (common practice, no source). */
const MORE_THAN_TALL_MM = 180;

/** Length asked for, mm; null where rows are counted. */
const lengthOf = (o: ScarfOptions): number | null =>
  o.sizeBy === 'height' ? o.heightMm + MORE_THAN_TALL_MM : o.sizeBy === 'length' ? o.lengthMm : null;

function draft(kit: Kit, brief: Brief, o: ScarfOptions): Draft {
  const ring = ringOn(kit, brief, firstYarn(o));
  const length = lengthOf(o);
  const rows = length !== null ? rowsFor(ring, length) : o.sizeBy === 'habit' ? HABIT_ROWS : o.rows;
  const sections = colourSections(o, rows, 'Scarf');
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const straight = o.ends === 'straight';
  const waste = wasteFor(kit, straight ? o : { ...o, waste: 'none' }, first, last);
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const operations = straight
    ? [...waste.before, ...work, ...waste.after]
    : [castOn(first), ...work, drawstring(last, ring.turnMm)];
  const joins = sections.length - 1;
  const own = ownTails(kit, o);
  const acts: Act[] = [
    rest(0),
    ...onPurlSide(0, joinsTied(0, joins, o.joinBy)),
    ...EDGES.flatMap((edge): Act[] =>
      straight
        ? [closeFlat(0, edge, o.closeBy, edge === 'cast-on' ? first : last, own(edge)), ...wasteAway(0, edge, waste, o)]
        : [{ do: 'draw', piece: 0, edges: [edge], tail: 'knit' }]
    ),
    weave('inside', 0)
  ];
  const end = straight ? 'straight' : 'drawn';
  return {
    plan: {
      title: brief.name,
      pieces: [tubePiece(kit, ring, 'Scarf', operations)],
      acts,
      promises: [promised('scarf', 0)],
      worn: { form: 'flat', ends: [end, end], pompoms: brief.pompom ? Math.min(2, brief.pompom.count) : 0 },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      unasked: { rows, lengthMm: (10 * rows) / ring.gauge.courses.value },
      wanted:
        length === null
          ? null
          : wantedRows((courses) => (length / 10) * courses, ring, { say: 'lengthOf', mm: length, of: 'scarf' })
    }
  };
}

/** A long tube. */
export const scarf: Kind<typeof ScarfOptions> = {
  code: 'scarf',
  family: 'wear',
  pins: { from: 20, to: 60, usual: 48 },
  options: ScarfOptions,
  start: (kit) => ScarfOptions.parse({ ...startColours(firstYarns(kit)) }),
  draft
};
