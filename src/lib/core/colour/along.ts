import { pieceAt } from '../knit';
import type { Executed } from '../knit';

/** Yarn of one row: which, and how much of it, m, all strands. */
export interface RowYarn {
  readonly piece: number;
  readonly copy: number;
  /** Row of the piece from 0, waste included; work row from 1, or null for one that comes out again. */
  readonly row: number;
  readonly work: number | null;
  readonly yarn: number;
  readonly metres: number;
  /** Metres of that yarn knitted until this row is done. */
  readonly until: number;
}

/**
 * The yarn of a project row by row in the order it is cranked: metres of every row and of everything before it in the same
 * yarn. Tails and threads are none of it.
 */
export function alongRows(run: Executed): RowYarn[] {
  const used = run.yarns.map(() => 0);
  const rows: RowYarn[] = [];
  run.plan.pieces.forEach(({ copies }, piece) => {
    const { fabric, gauges } = pieceAt(run, piece);
    for (let copy = 1; copy <= copies; copy++) {
      let work = 0;
      for (const r of fabric.runs) {
        const { loopMm } = gauges[r.feed]!;
        const { strands } = run.yarns[r.yarn]!;
        for (let row = r.first; row <= r.last; row++) {
          const metres = (fabric.stitches[row]! * loopMm * strands) / 1000;
          used[r.yarn]! += metres;
          rows.push({ piece, copy, row, work: r.purpose === 0 ? ++work : null, yarn: r.yarn, metres, until: used[r.yarn]! }); // prettier-ignore
        }
      }
    }
  });
  return rows;
}

/** Where a ball of a yarn ends: the row in which it is likely to, and the earliest and the latest. */
export interface BallEndRow {
  readonly yarn: number;
  /** Which ball, from 1. */
  readonly ball: number;
  readonly piece: number;
  readonly copy: number;
  /** Work row, from 1; null in waste. */
  readonly work: number | null;
  /** Rows sooner or later it may be, because the loops are not known better. */
  readonly rowsOff: number;
}

/**
 * Where balls end, one after the other, each as long as its label says; the first may be begun already.
 *
 * @param begunMetres metres left of the first ball, by the yarn's id; a whole ball where it is not named
 */
export function ballEndRows(run: Executed, begunMetres: Readonly<Record<string, number>> = {}): BallEndRow[] {
  const rows = alongRows(run);
  return run.yarns.flatMap((yarn, y): BallEndRow[] => {
    const own = rows.filter((r) => r.yarn === y);
    const all = own.at(-1)?.until ?? 0;
    const ends: BallEndRow[] = [];
    let ball = 1;
    for (let at = begunMetres[yarn.id] ?? yarn.label.metres; at < all; at += yarn.label.metres, ball++) {
      const row = own.find((r) => r.until > at)!;
      const { gauges, fabric } = pieceAt(run, row.piece);
      const spread = gauges[fabric.feed[row.row]!]!.loopSpread;
      ends.push({ yarn: y, ball, piece: row.piece, copy: row.copy, work: row.work, rowsOff: Math.ceil((spread * at) / row.metres) }); // prettier-ignore
    }
    return ends;
  });
}
