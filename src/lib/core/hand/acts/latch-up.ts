import { pieceAt, workOf } from '../../knit';
import type { ActOf } from '../../plan';
import { isOpen, spaceOf } from '../layers';
import { adorn, type ActRule, firstOf, notOff, partsIn, type Table } from './rule';

export interface LatchUpFacts {
  /** Row of the work in which the stitch was lost, and the rows it ran open. */
  readonly row: number;
  readonly rows: number;
  readonly pin: number;
  /** Which copy of the piece; null where there is one. */
  readonly copy: number | null;
}

type LatchUp = ActOf<'latchUp'>;

/** What the record on a part calls a stitch that was latched up again. */
export const latchedName = ({ pin, row, copy }: Pick<LatchUp, 'pin' | 'row' | 'copy'>): string => `latched ${copy} ${pin} ${row}`; // prettier-ignore

const dropped = (act: LatchUp, t: Table) =>
  t.run.fabric.pieces[act.piece]?.faults.find(
    (f) => f.kind === 'dropped' && f.pin === act.pin && f.row === act.row && f.copy === act.copy
  );

/** A dropped stitch latched up from where it was lost, rung by rung, from the purl side. */
export const latchUp: ActRule<LatchUp, LatchUpFacts> = {
  pieces: (act) => [act.piece],
  name: (act) => `${act.pin}.${act.row}${act.copy > 1 ? `.${act.copy}` : ''}`,
  mirror: (act, over) => ({ ...act, pin: over.pins(act.piece, 'pins', [act.pin]).pins?.[0] ?? act.pin }),
  refuses: (act, t) =>
    firstOf(
      () => notOff(t, act.piece),
      () => {
        const none = { code: 'none-dropped', piece: act.piece, pin: act.pin } as const;
        if (!dropped(act, t)) return none;
        const parts = partsIn(t, act.piece);
        if (parts.some(({ part }) => part.adorned[latchedName(act)])) return none;
        // The hook works from the purl side: it must be out, or a hand must get to it.
        const shut = parts.some(
          ({ part, id }) =>
            part.form === 'lined' || !isOpen(t.s, id, spaceOf(part.layers, { half: 'whole', face: 'purl' }))
        );
        return shut ? { code: 'sealed', piece: act.piece } : undefined;
      }
    ),
  does: (act, t) => {
    for (const { part } of partsIn(t, act.piece)) adorn(part, latchedName(act));
    const { before } = workOf(pieceAt(t.run, act.piece).fabric);
    // What ran down into the waste goes with it.
    const rows = Math.min(dropped(act, t)!.over, act.row - before);
    const many = (t.run.plan.pieces[act.piece]?.copies ?? 1) > 1;
    return { row: act.row - before, rows, pin: act.pin, copy: many ? act.copy : null };
  },
  minutes: (f) => 0.5 + 0.1 * f.rows,
  times: () => 1
};
