import type { Yarn } from '$lib/core/kit';
import type { TubeOutline } from '$lib/core/read';
import type { Scene } from './scene';
import { partsOf, type TubeView } from './tube-parts';

/**
 * The hanging tube: newest row at the top under the ring, the cast-on at the bottom. At the crank only what is
 * knitted hangs, and a dotted outline shows what is still to come.
 */
export function tubeScene(tube: TubeOutline, yarns: readonly Yarn[], pins: number, view: TubeView): Scene {
  const { coming, hanging, ring, ruler, textures, label } = partsOf(tube, yarns, pins, view);
  const { width, height } = view;
  return { width, height, label, textures, shapes: [...coming, ...hanging, ...ring, ...ruler] };
}
