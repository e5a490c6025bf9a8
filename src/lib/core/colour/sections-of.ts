import { type Piece, sameTension, type Section, type SectionTension, tensionOf } from '../plan';

/** A stretch of rows in one yarn, as tight all through. */
export type Stretch = Pick<Section, 'yarn' | 'rows'> & SectionTension;

/** The yarn and tension of every work row of a piece, gathered: what the plan has, or what was set on the tube. */
export function sectionsOf(piece: Piece): Stretch[] {
  const laid: Stretch[] = [];
  for (const op of piece.operations) {
    if (op.op !== 'knit' || op.purpose !== 'work') continue;
    const last = laid.at(-1);
    if (last?.yarn === op.yarn && sameTension(last, op)) laid[laid.length - 1] = { ...last, rows: last.rows + op.rows };
    else laid.push({ yarn: op.yarn, rows: op.rows, ...tensionOf(op) });
  }
  return laid;
}
