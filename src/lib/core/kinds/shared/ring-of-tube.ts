import { ringRows } from '../../body';
import { type Kit } from '../../kit';
import {
  type Act,
  type Brief,
  type Draft,
  type Edge,
  knitRows,
  type Promise,
  type RingWorn,
  type Wearer
} from '../../plan';
import { type CloseChoice, closeFlat, EDGES, joinsTied, onPurlSide, rest, weave } from './hands';
import { type ColourChoice, colourSections, firstYarn } from './stripes';
import { ownTails, type OwnTail, type TailChoice } from './tails';
import { even, ringOn, tubePiece, wantedRows } from './tube';
import { type Waste, wasteAway, type WasteChoice, wasteFor } from './waste';

/** A tube that lies round something lengthwise: headband, cowl, mug wrap. */
export interface RingOfTube {
  readonly kit: Kit;
  readonly brief: Brief;
  readonly options: ColourChoice & WasteChoice & TailChoice;
  readonly label: string;
  /** What the tube has to reach, mm. */
  readonly roundMm: number;
  /** Lengthwise stretch it is worn with. */
  readonly stretch: number;
  /** Rows the knitter counts instead, or null. */
  readonly rows: number | null;
  readonly worn: Omit<RingWorn, 'form'>;
  readonly wearer: Wearer;
  /** What hands do once the joins are tied, up to the tails. */
  readonly closing: (at: ClosingOf) => Act[];
  readonly promise: Promise;
}

/** What closing the ends of such a tube is planned from. */
export interface ClosingOf {
  readonly waste: Waste;
  readonly first: string;
  readonly last: string;
  /** The own tail of an end, where it is used. */
  readonly own: (edge: Edge) => OwnTail;
}

/** Drafts a tube whose ends meet, on waste yarn at both ends. */
export function ringOfTube(of: RingOfTube): Draft {
  const { kit, brief, options, roundMm, stretch } = of;
  const ring = ringOn(kit, brief, firstYarn(options));
  const rowsAt = (courses: number): number => ringRows(roundMm, courses, stretch);
  const rows = of.rows ?? even(rowsAt(ring.gauge.courses.value), 6);
  const sections = colourSections(options, rows, of.label);
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const waste = wasteFor(kit, options, first, last);
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const joinCount = sections.length - 1;
  return {
    plan: {
      title: brief.name,
      pieces: [tubePiece(kit, ring, of.label, [...waste.before, ...work, ...waste.after])],
      acts: [
        rest(0),
        ...onPurlSide(0, joinsTied(0, joinCount, options.joinBy)),
        ...of.closing({ waste, first, last, own: ownTails(kit, options) }),
        weave('woven', 0)
      ],
      promises: [of.promise],
      worn: { form: 'ring', ...of.worn },
      wearer: of.wearer,
      state: ring.gauge.state
    },
    notes: {
      unasked: { rows },
      wanted: wantedRows(rowsAt, ring, { say: 'round', mm: roundMm, percent: 100 * stretch })
    }
  };
}

/** Both ends closed flat, each rid of its waste as soon as its loops are held. */
export const closedFlat = (by: CloseChoice, choice: WasteChoice, at: ClosingOf): Act[] =>
  EDGES.flatMap((edge) => [
    closeFlat(0, edge, by, edge === 'cast-on' ? at.first : at.last, at.own(edge)),
    ...wasteAway(0, edge, at.waste, choice)
  ]);
