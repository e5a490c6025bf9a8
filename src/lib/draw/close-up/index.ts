import type { Look } from '$lib/core/read';
import type { Speech } from '$lib/words';
import type { Scene, Shape } from '../scene';
import { benchOf } from './bench';
import { fabric, lays, loopsOf } from './loops';
import { moves, tool, turn } from './moves';
import { bumpers, pin, rim } from './pins';
import { cards, guide, heldLoops, tails, working } from './yarn';

/**
 * The pins close up, seen from the middle of the ring as the fabric hangs there: low pins on the left, the purl side
 * towards the eye, the guide outside. Everything stands where the look of the moment says.
 *
 * @param hexes colours of the yarns in the order of the fabric
 * @param label what the picture is called
 * @example closeUp(moment.sight.look, ['#b03020'], say, 'Set the loops', 640, 400)
 */
export function closeUp(
  look: Look,
  hexes: readonly string[],
  say: Speech,
  label: string,
  width: number,
  height: number
): Scene {
  // prettier-ignore
  const b = benchOf(look, width, height, hexes, say);
  const shapes: Shape[] = [
    ...cards(b),
    ...guide(b),
    ...rim(b),
    ...fabric(b),
    ...lays(b, false),
    ...look.shown.flatMap((n) => loopsOf(b, n, false)),
    ...bumpers(b),
    ...look.shown.flatMap((n) => pin(b, n)),
    ...lays(b, true),
    ...look.shown.flatMap((n) => loopsOf(b, n, true)),
    ...working(b),
    ...tails(b),
    ...heldLoops(b),
    ...tool(b),
    ...moves(b),
    ...turn(b)
  ];
  return { width, height, label, textures: [], shapes };
}
