import { ringRows } from '../../body';
import { type Kit } from '../../kit';
import { type Brief, type Finish, type Join, knitRows, type Plan, type RingWorn, type Wearer } from '../../plan';
import { type ColourChoice, colourSections, firstYarn } from './stripes';
import { even, type Ring, ringOn, tubePiece, wantedRows } from './tube';
import { removeWaste, type Waste, type WasteChoice, wasteFor } from './waste';

/** A tube that lies round something lengthwise: headband, cowl, mug wrap. */
export interface RingOfTube {
  readonly kit: Kit;
  readonly brief: Brief;
  readonly options: ColourChoice & WasteChoice;
  readonly label: string;
  /** What the tube has to reach, mm. */
  readonly roundMm: number;
  /** Lengthwise stretch it is worn with. */
  readonly stretch: number;
  /** Rows the knitter counts instead, or null. */
  readonly rows: number | null;
  readonly worn: Omit<RingWorn, 'form'>;
  readonly wearer: Wearer;
  readonly closing: (at: { ring: Ring; waste: Waste; first: string; last: string }) => {
    finishing: Finish[];
    joins: Join[];
  };
}

/** Drafts a tube whose ends meet, on waste yarn at both ends. */
export function ringOfTube(of: RingOfTube): Plan {
  const { kit, brief, options, roundMm, stretch } = of;
  const ring = ringOn(kit, brief, firstYarn(options));
  const rowsAt = (courses: number): number => ringRows(roundMm, courses, stretch);
  const rows = of.rows ?? even(rowsAt(ring.gauge.courses.value), 6);
  const sections = colourSections(options, rows, of.label);
  const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
  const waste = wasteFor(kit, options, first, last);
  const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
  const joinCount = sections.length - 1;
  const { finishing, joins } = of.closing({ ring, waste, first, last });
  return {
    title: brief.name,
    pieces: [tubePiece(kit, ring, of.label, [...waste.before, ...work, ...waste.after])],
    joins,
    finishing: [
      ...(joinCount > 0 ? [{ do: 'checkJoins', piece: 0, joins: joinCount } as const] : []),
      ...finishing,
      { do: 'weaveIn', piece: 0, tails: 2 }
    ],
    worn: { form: 'ring', ...of.worn },
    wearer: of.wearer,
    state: ring.gauge.state,
    unasked: { rows },
    wanted: wantedRows(
      rowsAt,
      ring,
      `${roundMm / 10} cm to reach round, worn ${Math.round(stretch * 100)} % longer than at rest`
    )
  };
}

/** Waste off both ends. */
export const removeBoth = (waste: Waste): Finish[] => [
  ...removeWaste(0, 'cast-on', waste),
  ...removeWaste(0, 'hung-off', waste)
];
