import { z } from 'zod';
import type { Kit } from '../kit';
import { attach, type Brief, countOption, type Finish, flatClose, halves, type Join, knitRows, lengthOption, type Plan, seam, switchOption, yarnOrNoneOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { countedOption, ENDS, sizeByOption, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { removeBoth } from './shared/ring-of-tube';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { cordPiece, ringOn, rowsFor, tubePiece, wantedRows } from './shared/tube';
import { removeWaste, wasteFor, wasteNeeded } from './shared/waste';

/** The rule that decides the rows: three times as long as tall (handbook section 7). */
export const BAG_RATIO = 3;

const withHandle = { key: 'handle', is: [true] } as const;

export const FoldedBagOptions = z.object({
  sizeBy: sizeByOption(WHAT, { ratio: 'Three times as long as tall', rows: 'A row count' }),
  rows: countedOption({ title: 'Rows', group: WHAT, min: 12, max: 400, start: 110 }),
  ...colourOptions,
  handle: switchOption({ title: 'A handle', group: ENDS, help: 'A short tube closed at both ends.', start: true }), // prettier-ignore
  handleRows: countOption({ title: 'Rows of the handle', group: ENDS, min: 4, max: 40, start: 8, when: withHandle }), // prettier-ignore
  strap: switchOption({
    title: 'A long strap',
    group: ENDS,
    help: 'A cord from point to point, to wear over the shoulder.',
    start: false
  }),
  strapMm: lengthOption({
    title: 'Length of the strap',
    group: ENDS,
    min: 200,
    max: 2000,
    start: 900,
    when: { key: 'strap', is: [true] }
  }),
  strapPins: countOption({
    title: 'Pins of the strap',
    group: ENDS,
    min: 2,
    max: 6,
    start: 4,
    when: { key: 'strap', is: [true] }
  }),
  handleYarn: yarnOrNoneOption({ title: 'Yarn of the handle', group: 'Yarn and colour', empty: 'The same', when: withHandle }), // prettier-ignore
  ...wasteNeeded
});
type FoldedBagOptions = z.output<typeof FoldedBagOptions>;

function draft(kit: Kit, brief: Brief, o: FoldedBagOptions): Plan {
  const ring = ringOn(kit, brief, firstYarn(o));
  const rows = o.sizeBy === 'rows' ? o.rows : rowsFor(ring, BAG_RATIO * ring.flatMm);
  const lengthMm = (10 * rows) / ring.gauge.courses.value;
  const sections = colourSections(o, rows, 'Bag');
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const waste = wasteFor(kit, o, first, last);
  const handleYarn = o.handleYarn ?? first;
  const handleRing = ringOn(kit, brief, handleYarn);
  const handleWaste = wasteFor(kit, o, handleYarn, handleYarn);
  const side = { fromMm: ring.flatMm, toMm: Math.max(ring.flatMm, lengthMm - ring.flatMm) };
  const joins: Join[] = [
    halves('First end', 0, 'cast-on', 'hook'),
    halves('Last end', 0, 'hung-off', 'hook'),
    { name: 'Seam in front', a: { piece: 0, edge: 'cast-on' }, b: { piece: 0, edge: 'cast-on', along: side }, by: 'mattress' }, // prettier-ignore
    { name: 'Seam behind', a: { piece: 0, edge: 'hung-off' }, b: { piece: 0, edge: 'hung-off', along: side }, by: 'mattress' } // prettier-ignore
  ];
  const joinCount = sections.length - 1;
  const folds = ([1, 2, 3, 4] as const).map((fold): Finish => ({
    do: 'foldBag',
    piece: 0,
    fold,
    heightMm: ring.flatMm
  }));
  const finishing: Finish[] = [
    ...(joinCount > 0 ? [{ do: 'checkJoins', piece: 0, joins: joinCount } as const] : []),
    flatClose(0, 'cast-on', 'hook', first, ring.flatMm),
    flatClose(0, 'hung-off', 'hook', last, ring.flatMm),
    ...removeBoth(waste),
    ...folds.slice(0, 2),
    seam(0, 2, first, ring.flatMm, 'mattress'),
    folds[2]!,
    seam(0, 3, last, ring.flatMm, 'mattress'),
    folds[3]!
  ];
  if (o.handle) {
    joins.push(halves('Handle, first end', 1, 'cast-on', 'hook'), halves('Handle, last end', 1, 'hung-off', 'hook'));
    finishing.push(
      flatClose(1, 'cast-on', 'hook', handleYarn, handleRing.flatMm),
      flatClose(1, 'hung-off', 'hook', handleYarn, handleRing.flatMm),
      ...removeWaste(1, 'cast-on', handleWaste),
      ...removeWaste(1, 'hung-off', handleWaste),
      attach(1, 0, 1, 'one end at each of the two points', handleYarn, ring.flatMm)
    );
  }
  if (o.strap) {
    finishing.push(attach(o.handle ? 2 : 1, 0, 1, 'one end at each of the two points', handleYarn, ring.flatMm / 2));
  }
  finishing.push({ do: 'weaveIn', piece: 0, tails: o.handle ? 8 : 4 });
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  return {
    title: brief.name,
    pieces: [
      tubePiece(kit, ring, 'Bag', [...waste.before, ...work, ...waste.after]),
      ...(o.handle
        ? [tubePiece(kit, handleRing, 'Handle', [...handleWaste.before, knitRows('Handle', handleYarn, o.handleRows), ...handleWaste.after])] // prettier-ignore
        : []),
      ...(o.strap
        ? [cordPiece(handleRing, 'Strap', Math.min(o.strapPins, ring.machine.pins), rowsFor(handleRing, o.strapMm))]
        : [])
    ],
    joins,
    finishing,
    worn: { form: 'folded-bag' },
    wearer: 'thing',
    state: ring.gauge.state,
    unasked: { rows },
    wanted: wantedRows((courses) => (BAG_RATIO * ring.flatMm * courses) / 10, ring, `three times the flat width of ${(ring.flatMm / 10).toFixed(1)} cm`) // prettier-ignore
  };
}

/** A tube closed flat at both ends and folded into a square pouch with two points. */
export const foldedBag: Kind<typeof FoldedBagOptions> = {
  code: 'folded-bag',
  title: 'Folded bag',
  blurb: 'A flat tube three times as long as tall, folded into a pouch with two points.',
  family: 'carry',
  pins: { from: 36, to: 80, usual: 48 },
  options: FoldedBagOptions,
  start: (kit) => FoldedBagOptions.parse(startColours(firstYarns(kit))),
  draft
};
