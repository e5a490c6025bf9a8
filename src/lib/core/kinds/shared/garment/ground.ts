import { type Kit, rulesOf, yarnOf } from '../../../kit';
import { type Clamped, type Brief, castOn, type Operation, type Piece, type Side, wasteRows } from '../../../plan';
import { keptPins, panelPiece, SEAM_STITCH, startingAt } from '../panel';
import { furthest } from '../pick';
import { begun, even, type Ring, ringOn } from '../tube';
import { type Counts, countsOf } from './counts';
import type { GarmentChoice } from './options';

/** Pins of a piece, both included. */
export type Pins = Readonly<Record<'from' | 'to', number>>;

/** What every part of a garment is drafted on: the ring, the counts, and the lengths that stitches and rows give. */
export interface Ground {
  readonly kit: Kit;
  readonly o: GarmentChoice;
  readonly ring: Ring;
  readonly c: Counts;
  readonly wasteYarn: string;
  readonly waste: number;
  /** The edge where the yarn must begin, so that it stands at the low one after so many rows. */
  readonly lowAfter: (rows: number) => Side;
  /** The work's own ends do what they can reach. */
  readonly ownTails: boolean;
  /** Every piece begins from the reusable strip. */
  readonly strip: boolean;
  /** Cast-on and waste rows of a piece whose first row stays open and whose work begins with the yarn at this edge. */
  readonly start: (begins: Side) => readonly Operation[];
  /** Shoulders are held in groups: asked for, and wide enough for it. */
  readonly sloped: boolean;
  readonly pins: { readonly half: Pins; readonly whole: Pins };
  /** Pins of a piece of so many stitches, where the knitter has its place on the ring. */
  readonly at: (stitches: number) => Pins;
  readonly wide: (stitches: number) => number;
  readonly tall: (rows: number) => number;
  readonly panel: (label: string, at: Pins, ops: readonly Operation[], copies?: number) => Piece;
}

/** A first pin that was chosen and leaves no room for the piece, or lies where stitches are lost. */
const offPlace = (o: GarmentChoice, from: number): Clamped[] =>
  o.place === 'own' && o.firstPin !== from
    ? [{ piece: 0, option: 'firstPin', asked: o.firstPin, given: from, of: 'pin', why: 'place' }]
    : [];

/** Lays the ground of a garment. */
export function groundOf(kit: Kit, brief: Brief, o: GarmentChoice): Ground {
  const ring = startingAt(ringOn(kit, brief, o.yarn), o);
  const counts = countsOf(o, ring);
  const at = (stitches: number): Pins => keptPins(ring.machine, o, stitches);
  const widest = Math.max(counts.side, counts.onePiece ? 2 * (counts.half - SEAM_STITCH) : counts.half);
  const c = { ...counts, clamped: [...counts.clamped, ...offPlace(o, at(widest).from)] };
  const { courses, wales } = ring.gauge;
  const wasteYarn = o.wasteYarn ?? o.spare?.waste ?? furthest(kit, [yarnOf(kit, o.yarn)], o.spare?.without);
  // An even number leaves the yarn where it began; one more takes it across.
  const waste = even(Math.max(2, kit.habits.wasteStart));
  const strip = kit.habits.wasteStrip && rulesOf(kit).stripForAll;
  return {
    kit,
    o,
    ring,
    c,
    wasteYarn,
    waste,
    strip,
    ownTails: rulesOf(kit).ownTails,
    lowAfter: (rows) => (rows % 2 === 0 ? 'low' : 'high'),
    start: (begins) =>
      begun(ring, [
        castOn(wasteYarn, strip ? 'rag' : 'e-wrap'),
        wasteRows(wasteYarn, begins === ring.starts ? waste : waste + 1)
      ]),
    sloped: o.shoulders === 'sloped' && c.shoulder >= c.groups && c.neck >= 2,
    pins: {
      half: at(c.half),
      whole: at(2 * (c.half - SEAM_STITCH))
    },
    at,
    wide: (stitches) => (10 * stitches) / wales.value,
    tall: (rows) => (10 * rows) / courses.value,
    panel: (label, at, ops, copies = 1) => panelPiece(ring, label, o.mode, at, ops, copies)
  };
}
