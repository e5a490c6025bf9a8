import {
  castOn,
  type Clamped,
  chainOff,
  knitRows,
  type Piece,
  type RimPart,
  type Shaping,
  shapedRows,
  type FittedSlope,
  increaseEvents,
  type Side,
  trySlope,
  typedSlope,
  wasteRows
} from '../../../plan';
import { SEAM_STITCH, usable } from '../panel';
import { laterIn, leftOf, typedTrouble } from '../taper';
import { even, rowsFor, tubePiece } from '../tube';
import type { Ground } from './ground';
import type { SleeveChoice } from './options';

/** Of the stitches at its top, so many a sleeve may lack at the wrist on either edge (own estimate, no source). */
const WRIST_NARROWER = 0.18;

/** Both sleeves of a garment. */
export interface Sleeves {
  readonly piece: Piece;
  /** A tube has no seam, and its wrist hangs on waste. */
  readonly tube: boolean;
  /** How many panels make one sleeve. */
  readonly parts: number;
  readonly shaping: readonly Shaping[];
  /** Once round the top of one sleeve. */
  readonly top: readonly RimPart[];
  readonly rows: number;
  /** At the top of one panel; of the ring for a tube. */
  readonly stitches: number;
  readonly clamped: readonly Clamped[];
}

/** The whole ring: the girth is what the pins give. */
function asTube(g: Ground, o: SleeveChoice, at: number, rows: number): Sleeves {
  const { girthMm } = g.ring;
  const ops = [
    castOn(g.wasteYarn),
    wasteRows(g.wasteYarn, g.waste),
    knitRows('Sleeve', g.o.yarn, rows),
    chainOff(g.o.yarn, girthMm)
  ];
  return {
    piece: tubePiece(g.kit, g.ring, 'Sleeve', ops, { copies: 2 }),
    tube: true,
    parts: 1,
    shaping: [],
    top: [{ edge: { piece: at, run: 'hung-off' } }],
    rows,
    stitches: g.ring.machine.pins,
    clamped: []
  };
}

/** What a typed slope of a sleeve cannot do as it stands, if anything. */
function sleeveTrouble(
  typed: FittedSlope,
  { fits, most, begins, rows }: { fits: boolean; most: number; begins: Side; rows: number }
): Shaping['trouble'] {
  const mend = { remedy: { code: 'spread' }, options: { sleeveSlope: null } } as const;
  const why = { is: 'typed-other', takes: typed.slope.stitches, wants: most } as const;
  if (!fits) return { why, option: 'sleeveSlope', mend };
  return typedTrouble('sleeveSlope', leftOf(typed), laterIn(typed.slope.at, begins, begins), rows);
}

/** As wide as the armhole asks, widening from the wrist to the top; one wider than the ring comes in parts. */
function asPanel(g: Ground, o: SleeveChoice, at: number, rows: number, armholeMm: number): Sleeves {
  const { gauge } = g.ring;
  const most = usable(g.ring, g.o.mode);
  const around = Math.max(4, Math.round((armholeMm / 10) * gauge.wales.value));
  const parts = Math.ceil(around / Math.max(1, most - 2 * SEAM_STITCH));
  const own = o.sizeBy === 'counts';
  const top = Math.min(most, own ? o.sleeveStitches : Math.ceil(around / parts) + 2 * SEAM_STITCH);
  const wider = Math.min(Math.floor(top * WRIST_NARROWER), Math.floor(rows / 2) - 1);
  // The far edge comes a row later, so the last row is left for it.
  const typed = o.sleeveSlope ? typedSlope(o.sleeveSlope, rows - 1) : null;
  const tried = trySlope(Math.max(0, wider), rows - 1, g.ring.slopes);
  // A line that was typed is kept as long as a stitch is left at the wrist.
  const fits = typed && 2 * typed.slope.stitches < top - 1;
  const slope = fits ? typed.slope : tried.ok ? tried.slope : null;
  const pins = g.at(top);
  const grown = slope?.stitches ?? 0;
  const cuff = { from: pins.from + grown, to: pins.to - grown };
  const events = slope ? (['low', 'high'] as const).flatMap((side) => increaseEvents(slope, side, 0)) : [];
  const begins = g.ring.starts;
  const trouble = typed && sleeveTrouble(typed, { fits: fits === true, most: Math.floor((top - 2) / 2), begins, rows });
  // From the strip the wrist stays open until it is edged; else the wrap is its edge.
  const start = g.strip
    ? g.start(begins).map((op) => (op.op === 'castOn' ? { ...op, pins: cuff } : op))
    : [{ ...castOn(g.o.yarn, 'e-wrap'), pins: cuff }];
  const ops = [...start, ...shapedRows('Sleeve', g.o.yarn, rows, events, begins), chainOff(g.o.yarn, g.wide(top))];
  return {
    piece: g.panel('Sleeve', pins, ops, 2 * parts),
    tube: false,
    parts,
    shaping:
      slope && slope.stitches > 0
        ? [{ piece: at, what: { of: 'sleeve' }, gaps: slope.gaps, at: slope.at, leftRows: slope.leftRows, ...(trouble ? { trouble } : {}) }] // prettier-ignore
        : [],
    top: [{ edge: { piece: at, run: 'hung-off' }, inSeams: 2 * SEAM_STITCH, times: parts }],
    rows,
    stitches: top,
    clamped: own && o.sleeveStitches > top ? [{ piece: at, option: 'sleeveStitches', asked: o.sleeveStitches, given: top, of: 'stitches', why: 'room' }] : [] // prettier-ignore
  };
}

/**
 * Drafts the sleeves.
 *
 * @param at number of their piece in the plan
 * @param armholeMm once round the armhole they are sewn into
 */
export function draftSleeves(g: Ground, o: SleeveChoice, at: number, armholeMm: number): Sleeves {
  const rows = o.sizeBy === 'counts' ? o.sleeveRows : even(rowsFor(g.ring, o.sleeveMm), 4);
  return o.sleeves === 'tube' ? asTube(g, o, at, rows) : asPanel(g, o, at, rows, armholeMm);
}
