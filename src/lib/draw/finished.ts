import { finishedSketch, pieceAt } from '$lib/core/read';
import type { Readings } from '$lib/core/tomble';
import { hatScene } from './hat';
import type { Scene } from './scene';
import { sketchScene } from './sketch';

/**
 * A picture of the finished thing, or null where the plan could not be knitted.
 *
 * @param narrow pieces lie one below the other
 */
export function finishedScene(
  result: Readings,
  width: number,
  height: number,
  words = true,
  snug = false,
  narrow = false
): Scene | null {
  const { outline, yarns } = result;
  if (outline.worn) return hatScene(outline.worn, yarns, pieceAt(result, 0).fabric.width, width, height);
  const sketch = finishedSketch(result, narrow);
  return sketch && sketchScene(sketch, yarns, width, height, words, snug);
}
