import { type Kit, yarnOf } from '../../kit';
import {
  type Act,
  castOn,
  choiceOption,
  type Edge,
  type Operation,
  switchOption,
  wasteHangOff,
  wasteRows,
  type WasteWay,
  yarnOrNoneOption
} from '../../plan';
import { furthest } from './pick';
import type { Spare } from './spare';
import { ENDS } from './options';

/** Asked where there is waste yarn. */
export const withWaste = { key: 'waste', is: ['habit', 'few', 'ten', 'fifteen'] } as const;

const wasteYarn = yarnOrNoneOption({ group: ENDS, open: true, when: withWaste });
const separator = switchOption({ group: ENDS, start: false, when: withWaste });

/** Schools of taking waste off, for pieces that have no separator row. */
export const wasteWayOption = choiceOption({ group: ENDS, school: true, choices: ['strand', 'unravel', 'cut'] });
const firstTail = choiceOption({ group: ENDS, school: true, choices: ['drop', 'tie'], when: withWaste });

/** Waste yarn for pieces that also work without it: their tails are the drawstrings. */
export const wasteIfWished = {
  waste: choiceOption({ group: ENDS, choices: ['none', 'few', 'ten', 'fifteen', 'habit'] }),
  wasteYarn,
  separator,
  wasteWay: wasteWayOption,
  firstTail
};

/** Waste yarn for pieces whose stitches must stay live until they are closed, crocheted or lifted back. */
export const wasteNeeded = {
  waste: choiceOption({ group: ENDS, choices: ['habit', 'few', 'ten', 'fifteen'] }),
  wasteYarn,
  separator,
  wasteWay: wasteWayOption,
  firstTail
};

export interface WasteChoice {
  readonly waste: 'none' | 'few' | 'ten' | 'fifteen' | 'habit';
  readonly wasteYarn: string | null;
  readonly separator: boolean;
  readonly wasteWay: 'strand' | 'unravel' | 'cut';
  readonly firstTail: 'drop' | 'tie';
  /** Yarns chosen for the whole project. */
  readonly spare?: Spare;
}

const ROWS = { none: 0, few: 5, ten: 10, fifteen: 15 } as const;

/** Waste at both ends of a piece. */
export interface Waste {
  readonly yarn: string | null;
  /** Cast-on and waste rows before the work. */
  readonly before: readonly Operation[];
  /** Waste rows after the work, and off. */
  readonly after: readonly Operation[];
  /** Rows that come away at either end, the separator included. */
  readonly rows: Readonly<Record<Edge, number>>;
}

/**
 * Lays waste yarn before and after the work by the knitter's choice or habit. A habit of no rows still gives two where
 * stitches must stay live: fewer may unravel by themselves (craft 3); a judge says so.
 *
 * @param first yarn of the first work row
 * @param last yarn of the last work row
 */
export function wasteFor(kit: Kit, choice: WasteChoice, first: string, last: string): Waste {
  const { habits } = kit;
  const byHabit = choice.waste === 'habit';
  const rows = {
    'cast-on': byHabit ? Math.max(1, habits.wasteStart) : ROWS[choice.waste as keyof typeof ROWS],
    'hung-off': byHabit ? Math.max(1, habits.wasteEnd) : ROWS[choice.waste as keyof typeof ROWS]
  };
  if (choice.waste === 'none') return { yarn: null, before: [], after: [], rows };
  const neighbours = [yarnOf(kit, first), yarnOf(kit, last)];
  const { spare } = choice;
  const yarn = choice.wasteYarn ?? spare?.waste ?? furthest(kit, neighbours, spare?.without);
  const third = choice.separator
    ? (spare?.separator ?? furthest(kit, [...neighbours, yarnOf(kit, yarn)], spare?.without))
    : null;
  const begun = { firstTail: choice.firstTail };
  const between = third ? [wasteRows(third, 1, 'separator')] : [];
  const extra = third ? 1 : 0;
  return {
    yarn,
    before: [castOn(yarn, habits.wasteStrip ? 'rag' : 'weave'), { ...wasteRows(yarn, rows['cast-on']), ...begun }, ...between.map((op) => ({ ...op, ...begun }))], // prettier-ignore
    after: [...between, wasteRows(yarn, rows['hung-off']), wasteHangOff()],
    rows: { 'cast-on': rows['cast-on'] + extra, 'hung-off': rows['hung-off'] + extra }
  };
}

/** True rows before the first work row. */
export const rowsBefore = (waste: Waste): number => (waste.yarn ? waste.rows['cast-on'] : 0);

/** By which school the waste of a piece comes off: a separator row is there to be pulled. */
const wayOf = (choice: Pick<WasteChoice, 'separator' | 'wasteWay'>): WasteWay =>
  choice.separator ? 'separator' : choice.wasteWay;

/** Takes the waste off an end once its loops are held; nothing where there is none. */
export const wasteAway = (
  piece: number,
  edge: Edge,
  waste: Waste,
  choice: Pick<WasteChoice, 'separator' | 'wasteWay'>
): Act[] => (waste.yarn ? [{ do: 'wasteOff', piece, edge, by: wayOf(choice) }] : []);

/** The work's tail at an end through its first loop, so that it cannot drop once the waste is off. */
export const firstLoop = (piece: number, edge: Edge, waste: Waste): Act[] =>
  waste.yarn ? [{ do: 'tie', piece, tails: 'first-loop', edge, how: 'knot' }] : [];
