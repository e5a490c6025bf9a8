import { lengthOfRows, pieceAt } from '../../knit';
import type { ActOf } from '../../plan';
import { spreadOn } from '../buttons';
import { BUTTON_MM, FACE_MM, HOLD_MM } from '../lengths';
import type { CutWhat } from '../state';
import { endsShut } from '../layers';
import { addCut, addCutTails } from '../tails';
import { adorn, type ActRule, firstOf, notOff, partsIn, type Table } from './rule';

export interface FixFacts {
  readonly cutMm: number;
  readonly count: number;
  /** Height of its row above the first one, mm; null where no row was named. */
  readonly atMm: number | null;
  /** Work rows of buttons, from the first row up, and the room between them; null for anything else. */
  readonly rows: readonly number[] | null;
  readonly gapMm: number;
}

/** Yarn each small thing takes. */
const YARN: Readonly<Record<ActOf<'fix'>['what'], { mm: number; what: CutWhat }>> = {
  face: { mm: FACE_MM, what: 'face' },
  'safety-eyes': { mm: FACE_MM, what: 'face' },
  button: { mm: BUTTON_MM, what: 'button' },
  patch: { mm: FACE_MM + HOLD_MM, what: 'patch' },
  tag: { mm: BUTTON_MM, what: 'patch' }
};

/** The half of the rows that it sits on, where its row is known. */
function halfOfRow(t: Table, { piece, row }: ActOf<'fix'>): 'first' | 'last' | undefined {
  if (row === undefined) return undefined;
  return row <= Math.floor(pieceAt(t.run, piece).fabric.work.count / 2) ? 'first' : 'last';
}

/** Whether the piece has a stitch over that pin, in the row that is named or its first one. */
function hasPin(t: Table, { piece, row = 1, pin }: ActOf<'fix'>): boolean {
  const { fabric } = pieceAt(t.run, piece);
  const at = fabric.work.first + row - 1;
  return pin !== undefined && pin >= fabric.low[at]! && pin <= fabric.high[at]!;
}

/** What is sewn flat onto one layer, with a hand behind it. */
const isFlat = (what: ActOf<'fix'>['what']): boolean => what === 'patch' || what === 'tag';

/** A face, a button, a patch. Safety eyes are pressed through from inside, so they go in before the filling. */
export const fix: ActRule<ActOf<'fix'>, FixFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => act.what,
  mirror: (act, over) => (act.along ? { ...act, along: { ...act.along, over: over.ref(act.along.over) } } : act),
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        if (act.row !== undefined) {
          const { count } = pieceAt(t.run, act.piece).fabric.work;
          if (act.row > count) return { code: 'nothing-there', piece: act.piece, run: 'row' };
        }
        if (act.pin !== undefined && !hasPin(t, act)) return { code: 'nothing-there', piece: act.piece, run: 'pin' };
        // Sewn later it would catch the layer behind it.
        if (isFlat(act.what) && partsIn(t, act.piece).some(({ part, id }) => part.form === 'lined' || part.filled || endsShut(t.s, id))) return { code: 'sealed', piece: act.piece }; // prettier-ignore
        if (act.what !== 'safety-eyes') return undefined;
        const late = partsIn(t, act.piece).some(({ part, id }) => part.filled || endsShut(t.s, id));
        return late ? { code: 'eyes-late', piece: act.piece } : undefined;
      }
    ),
  does: (act, t) => {
    const { mm, what } = act.glued ? { mm: 0, what: 'patch' as const } : YARN[act.what];
    for (const { part, id } of partsIn(t, act.piece)) {
      // Glue takes no thread.
      if (!act.glued) {
        addCut(t.s, { yarn: act.yarn, what, mm, count: act.count * part.times });
        addCutTails(t.s, id, act.yarn, act.what, { count: act.count, half: halfOfRow(t, act) });
      }
      adorn(part, act.what, act.count);
    }
    const { along } = act;
    const spaced = along && spreadOn(t, along, along.perFour);
    const atMm = act.row === undefined ? null : lengthOfRows(t.run, act.piece, 1, act.row);
    return { cutMm: mm, count: act.count, atMm, rows: spaced?.rows ?? null, gapMm: spaced?.gapMm ?? 0 };
  },
  minutes: (f) => 5 * f.count
};
