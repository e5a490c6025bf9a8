import { attach, blocks, type Finish, hookYarnMm, type Join, type Piece, seam } from '../../../plan';
import { riseOf } from './counts';
import type { Ground } from './ground';
import type { Sleeves } from './sleeves';

/** Of the rows along a front edge, so many stitches are picked up for the band (common practice: three of four). */
const BAND_STITCHES_A_ROW = 0.75;

/** The checklist of a garment: block, sew, chain off what was held, sleeves, bands, hem, waste, ends. */
export function finishGarment(
  g: Ground,
  pieces: readonly Piece[],
  joins: readonly Join[],
  sleeve: { readonly at: number; readonly drafted: Sleeves; readonly aroundMm: number } | null
): Finish[] {
  const { c, o, wide, tall } = g;
  const bandYarn = o.bandYarn ?? o.yarn;
  const bandMm = 2 * tall(riseOf(c.front)) + 2 * wide(c.neck);
  const hem = (c.onePiece ? 2 * (c.half - 1) : 2 * c.half) + 2 * c.half + 2 * c.side;
  const flat = pieces.flatMap((part, piece) => {
    if (part.mode === 'tube') return [];
    const rows = part.operations.reduce((sum, op) => sum + (op.op === 'knit' && op.purpose === 'work' ? op.rows : 0), 0); // prettier-ignore
    return [{ piece, copies: part.copies, widthMm: wide(part.to - part.from + 1), heightMm: tall(rows) }];
  });
  const seams = joins.map((join, i): Finish => {
    const rows = join.a.edge === 'side' ? (join.a.rows?.to ?? riseOf(c.back)) : 0;
    const onSleeve = sleeve !== null && join.a.piece === sleeve.at;
    const along = onSleeve ? sleeve.drafted.lengthMm : rows > 0 ? tall(rows) : wide(c.shoulder);
    return seam(join.a.piece, i, o.yarn, along, join.by);
  });
  const underarms = 4 * c.held;
  return [
    ...blocks(flat),
    ...seams,
    ...(underarms > 0
      ? [{ do: 'chainHeld', piece: 0, stitches: underarms, where: 'at both underarms, front and back', yarn: o.yarn, lengthMm: hookYarnMm(wide(underarms)) } as const] // prettier-ignore
      : []),
    ...(sleeve ? [attach(sleeve.at, 0, 2, 'into the armhole', o.yarn, sleeve.aroundMm)] : []),
    { do: 'edging', what: 'front bands and neck', alongMm: Math.round(bandMm), stitches: Math.round((bandMm * g.ring.gauge.courses.value * BAND_STITCHES_A_ROW) / 10), yarn: bandYarn, lengthMm: hookYarnMm(bandMm) }, // prettier-ignore
    { do: 'edging', what: 'hem, through the live stitches', alongMm: Math.round(wide(hem)), stitches: hem, yarn: bandYarn, lengthMm: hookYarnMm(wide(hem)) }, // prettier-ignore
    ...pieces.flatMap((part, piece): Finish[] => {
      const second = part.operations[1];
      return second?.op === 'knit' && second.purpose === 'waste'
        ? [{ do: 'removeWaste', piece, edge: 'cast-on', rows: second.rows }]
        : [];
    }),
    { do: 'weaveIn', piece: 0, tails: 2 * pieces.length }
  ];
}
