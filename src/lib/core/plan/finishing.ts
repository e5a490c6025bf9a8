import type { Edge, EdgeRef, Finish, Join } from './language';

/**
 * Builders for what hands do after the machine, each with the yarn that practice gives it. Kinds put these together;
 * the words, drawings and minutes of every action stand in `read/finishing`.
 */

/** Length to hold on to at the end of any seam (handbook section 6: plus 15 cm). */
const HOLD_MM = 150;

/** A crocheted edge or a chain takes about four times its length (handbook section 6). */
const HOOK_FACTOR = 4;

/** Mattress stitch and sewing take about three times the seam (handbook section 6). */
const NEEDLE_FACTOR = 3;

/** Yarn for a hooked edge of that length. @example hookYarnMm(180) // 870 */
export const hookYarnMm = (edgeMm: number): number => Math.round(HOOK_FACTOR * edgeMm + HOLD_MM);

/** Yarn for a sewn seam of that length. @example seamYarnMm(180) // 690 */
export const seamYarnMm = (seamMm: number): number => Math.round(NEEDLE_FACTOR * seamMm + HOLD_MM);

/**
 * Blocks pieces, those of one size together: the words about steam and pins are read once.
 *
 * @param pieces number, copies and measures of each, mm
 */
export function blocks(
  pieces: readonly { piece: number; copies?: number; widthMm: number; heightMm: number }[]
): Finish[] {
  const sizes = new Map<string, (typeof pieces)[number][]>();
  for (const p of pieces) {
    const key = [p.copies ?? 1, Math.round(p.widthMm), Math.round(p.heightMm)].join(' ');
    sizes.set(key, [...(sizes.get(key) ?? []), p]);
  }
  return [...sizes.values()].map(([first, ...others]) => ({
    do: 'block',
    piece: first!.piece,
    also: others.map(({ piece }) => piece),
    widthMm: first!.widthMm,
    heightMm: first!.heightMm
  }));
}

/** Closes a flattened end straight across; its two halves are the partners of a join. */
export function flatClose(
  piece: number,
  edge: Edge,
  by: 'hook' | 'needle',
  yarn: string,
  widthMm: number,
  layers: 2 | 4 = 2
): Finish {
  const lengthMm = by === 'hook' ? hookYarnMm(widthMm) : seamYarnMm(widthMm);
  return { do: 'flatClose', piece, edge, by, yarn, lengthMm, layers };
}

/** The two halves of a flattened end as a join. */
export function halves(name: string, piece: number, edge: Edge, by: 'hook' | 'needle'): Join {
  const half = (side: 'front' | 'back'): EdgeRef => ({ piece, edge, half: side });
  return { name, a: half('front'), b: half('back'), by };
}

/** A crocheted edge round an end: one stitch in every pin's loop, or one in and one between. */
export function crochetEdge(piece: number, edge: Edge, yarn: string, girthMm: number, perPin: 1 | 2): Finish {
  return { do: 'crochetEdge', piece, edge, yarn, lengthMm: hookYarnMm(girthMm), perPin };
}

/**
 * Chains of a length at a hook gauge.
 *
 * @param per10Cm chain stitches to 10 cm
 * @example chain(0, 'strap', 'y', 1, 400, 15).stitches // 60
 */
export function chain(
  piece: number,
  what: 'loop' | 'strap' | 'drawstring',
  yarn: string,
  count: number,
  chainMm: number,
  per10Cm: number
): Extract<Finish, { do: 'chain' }> {
  const stitches = Math.max(1, Math.round((chainMm * per10Cm) / 100));
  return { do: 'chain', piece, what, yarn, count, chainMm, stitches, lengthMm: hookYarnMm(chainMm) };
}

/** Sews or chains a join of the plan. */
export function seam(piece: number, join: number, yarn: string, seamMm: number, by: Join['by']): Finish {
  const lengthMm = by === 'hook' || by === 'ladder' ? hookYarnMm(seamMm) : seamYarnMm(seamMm);
  return { do: 'seam', piece, join, yarn, seamMm: Math.round(seamMm), lengthMm };
}

/** A thread drawn tight round a tube at a row: once round, once more, and ends to knot. */
export function waist(piece: number, row: number, yarn: string, girthMm: number): Finish {
  return { do: 'waist', piece, row, yarn, lengthMm: Math.round(2 * girthMm + 2 * HOLD_MM) };
}

/** Sews a part onto another, round its own end. */
export function attach(piece: number, to: number, count: number, where: string, yarn: string, girthMm: number): Finish {
  return { do: 'attach', piece, to, count, where, yarn, lengthMm: seamYarnMm(girthMm) };
}
