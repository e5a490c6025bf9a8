import type { Look } from '$lib/core/read';
import type { Speech } from '$lib/words';
import type { Scene, Shape } from '../scene';
import { benchOf } from './bench';
import { fabric, lays, loopsOf } from './loops';
import { moves, tool, turn } from './moves';
import { bumperOver, bumpers, pin, rim } from './pins';
import { cards, guide, heldLoops, tails, working } from './yarn';

/** Least distance between two pins at which their numbers stand apart, px. */
const LEAST_STEP = 29;

/** The pin the eye goes to: where a loop is moved, a pin rises, or the yarn is. */
function focusOf({ moves: list, risen, working: own, shown }: Look): number {
  const moved = list.flatMap(({ from }) => (from.on === 'pin' || from.on === 'fabric' ? [from.pin] : []));
  return moved[Math.floor((moved.length - 1) / 2)] ?? risen[0]?.pin ?? own?.pin ?? shown[Math.floor(shown.length / 2)]!;
}

/** A look with as many pins as there is room for, those round the hand's place. */
function fitted(look: Look, width: number): Look {
  const room = Math.max(3, Math.floor(width / LEAST_STEP) - 2);
  if (look.shown.length <= room) return look;
  const at = Math.max(0, look.shown.indexOf(focusOf(look)));
  const first = Math.max(0, Math.min(at - Math.floor(room / 2), look.shown.length - room));
  return { ...look, shown: look.shown.slice(first, first + room) };
}

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
  const b = benchOf(fitted(look, width), width, height, hexes, say);
  const shapes: Shape[] = [
    ...cards(b),
    ...guide(b),
    ...rim(b),
    ...fabric(b),
    ...lays(b, false),
    ...b.look.shown.flatMap((n) => loopsOf(b, n, false)),
    ...bumpers(b),
    ...b.look.shown.flatMap((n) => pin(b, n)),
    ...lays(b, true),
    ...b.look.shown.flatMap((n) => loopsOf(b, n, true)),
    ...working(b),
    ...bumperOver(b),
    ...tails(b),
    ...heldLoops(b),
    ...tool(b),
    ...moves(b),
    ...turn(b)
  ];
  return { width, height, label, textures: [], shapes };
}
