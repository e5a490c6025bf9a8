import * as z from 'zod/mini';
import type { Kit } from '../kit';
import { type Act, type Brief, countOption, type Draft, type Edge, knitRows, lengthOption, type RunRef, switchOption, yarnOrNoneOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { closeFlat, closeOption, joinsTied, onPurlSide, promised, rest, weave, whole } from './shared/hands';
import { countedOption, ENDS, sizeByOption, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { eitherWith, ownTails } from './shared/tails';
import { cordPiece, ringOn, rowsFor, tubePiece, wantedRows } from './shared/tube';
import { type Waste, wasteAway, wasteFor, wasteNeeded } from './shared/waste';

/** The rule that decides the rows: three times as long as tall (craft 7). */
const BAG_RATIO = 3;

const withHandle = { key: 'handle', is: [true] } as const;

export const FoldedBagOptions = z.object({
  sizeBy: sizeByOption(WHAT, 'ratio', 'rows'),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 12, max: 400, start: 110 }),
  ...colourOptions,
  handle: switchOption({ group: ENDS, start: true }), // prettier-ignore
  handleRows: countOption({ group: ENDS, min: 4, max: 40, start: 8, when: withHandle }), // prettier-ignore
  strap: switchOption({ group: ENDS, start: false }),
  strapMm: lengthOption({ group: ENDS, min: 200, max: 2000, start: 900, when: { key: 'strap', is: [true] } }),
  strapPins: countOption({ group: ENDS, min: 2, max: 6, start: 4, when: { key: 'strap', is: [true] } }),
  handleYarn: yarnOrNoneOption({ group: 'yarn', open: true, when: withHandle }), // prettier-ignore
  closeBy: closeOption(),
  ...eitherWith(),
  ...wasteNeeded
});
type FoldedBagOptions = z.output<typeof FoldedBagOptions>;

function draft(kit: Kit, brief: Brief, o: FoldedBagOptions): Draft {
  const ring = ringOn(kit, brief, firstYarn(o));
  const rows = o.sizeBy === 'rows' ? o.rows : rowsFor(ring, BAG_RATIO * ring.flatMm);
  const sections = colourSections(o, rows, 'Bag');
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const waste = wasteFor(kit, o, first, last);
  const handleYarn = o.handleYarn ?? first;
  const handleRing = ringOn(kit, brief, handleYarn);
  const handleWaste = wasteFor(kit, o, handleYarn, handleYarn);
  const thirds = thirdsOf(rows);
  const long = (run: 'upper' | 'lower', third: keyof typeof thirds): RunRef => ({ piece: 0, run, rows: thirds[third] });
  const close = (piece: number, edge: Edge, yarn: string, its: Waste): Act[] => [
    closeFlat(piece, edge, o.closeBy, yarn, own(edge)),
    ...wasteAway(piece, edge, its, o)
  ];
  const own = ownTails(kit, o);
  // Closed loop through loop either tail ends where it hangs, on the upper fold; hooked, it ends at the lower one.
  const hookedOwn = (edge: Edge): boolean => o.closeBy === 'hook' && own(edge).own !== undefined;
  const led = (edge: Edge, notch: 'upper' | 'lower'): Act[] => {
    const { own: tail } = own(edge);
    const lies = hookedOwn(edge) ? 'lower' : 'upper';
    return tail && lies !== notch ? [{ do: 'lead', piece: 0, tail, to: 'other-fold' }] : [];
  };
  const acts: Act[] = [
    rest(0),
    ...onPurlSide(0, joinsTied(0, sections.length - 1, o.joinBy)),
    ...close(0, 'cast-on', first, waste),
    ...close(0, 'hung-off', last, waste),
    { do: 'fold', piece: 0, how: 'flat' },
    { do: 'fold', piece: 0, how: 'pouch-right' },
    { do: 'fold', piece: 0, how: 'pouch-left' },
    { do: 'fold', piece: 0, how: 'pouch-over' },
    // From the notches of the opening down to the bottom corners, along columns, each as long as the tube is wide.
    ...led('hung-off', 'upper'),
    {
      do: 'join',
      name: 'bag-right',
      a: [long('upper', 'right')],
      b: [long('upper', 'middle')],
      by: 'mattress',
      yarn: last,
      ...own('hung-off')
    },
    ...led('cast-on', 'lower'),
    {
      do: 'join',
      name: 'bag-left',
      a: [long('lower', 'left')],
      b: [long('lower', 'middle')],
      by: 'mattress',
      yarn: first,
      ...own('cast-on')
    }
  ];
  const strap = o.handle ? 2 : 1;
  if (o.handle) {
    // Its short ends are the folds. Both its tails lie at one of them: there one of the two sews it on.
    const atTails = hookedOwn('hung-off') ? 'lower' : 'upper';
    const short = [atTails, atTails === 'upper' ? 'lower' : 'upper'] as const;
    acts.push(
      ...close(1, 'cast-on', handleYarn, handleWaste),
      ...close(1, 'hung-off', handleYarn, handleWaste),
      { do: 'fold', piece: 1, how: 'flat' },
      {
        do: 'sewOn',
        piece: 1,
        to: 0,
        place: 'bag-tips',
        runs: short.map((run) => ({ piece: 1, run })),
        split: true,
        yarn: handleYarn,
        ...own('hung-off')
      }
    );
  }
  if (o.strap) {
    acts.push({ do: 'sewOn', piece: strap, to: 0, place: 'bag-tips', runs: [{ piece: strap, run: 'cast-on' }, { piece: strap, run: 'hung-off' }], yarn: handleYarn }); // prettier-ignore
  }
  acts.push(weave('inside'));
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  return {
    plan: {
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
      acts,
      promises: [
        promised('bag', 0, { mouth: { piece: 0, run: 'first-end' } }, { inside: whole('knit') }),
        ...(o.handle ? [promised('handle', 1)] : [])
      ],
      worn: { form: 'folded-bag' },
      wearer: 'thing',
      state: ring.gauge.state
    },
    notes: {
      unasked: { rows },
      wanted: wantedRows((courses) => (BAG_RATIO * ring.flatMm * courses) / 10, ring, { say: 'threeFlat', mm: ring.flatMm }) // prettier-ignore
    }
  };
}

/**
 * Rows of the three squares the closed tube is laid in: left, middle, right. A row that is over goes to the middle,
 * two go to
 * either side of it, so that a seam's edges differ by one row at most, which is eased in.
 *
 * @example thirdsOf(110) // rows 1 to 37, 38 to 73, 74 to 110
 */
function thirdsOf(rows: number) {
  const third = Math.floor(rows / BAG_RATIO);
  const over = rows - BAG_RATIO * third;
  const side = over === 2 ? third + 1 : third;
  return {
    left: { from: 1, to: side },
    middle: { from: side + 1, to: rows - side },
    right: { from: rows - side + 1, to: rows }
  };
}

/** A tube closed flat at both ends and folded into a square pouch with two points. */
export const foldedBag: Kind<typeof FoldedBagOptions> = {
  code: 'folded-bag',
  family: 'carry',
  pins: { from: 36, to: 80, usual: 48 },
  options: FoldedBagOptions,
  start: (kit) => FoldedBagOptions.parse(startColours(firstYarns(kit))),
  draft
};
