import type { Yarn } from '$lib/core/kit';
import { heightOfRow, type TubeOutline } from '$lib/core/read';
import type { Scene, Shape, Texture } from './scene';
import { labelOf, workDone, partsOf, RING_HEIGHT, type TubeView } from './tube-parts';

/** A tube at the crank in layers: what hangs is drawn once, and slides out from under the ring row by row. */
export interface TubeLayers {
  readonly behind: Scene;
  /** All rows, as if the last one were knitted. */
  readonly body: Scene;
  readonly ring: Scene;
  /** Where the body is cut off, pixels from above: rows that are not knitted yet lie over it. */
  readonly cutPx: number;
  /** How far the body is pushed up after so many rows, pixels. */
  readonly upPx: (rows: number) => number;
  /** Where the count stands beside the newest row. */
  readonly count: { readonly x: number; readonly y: number } | null;
  /** Rows of the work after so many in all: what that count is; none before its first row. */
  readonly counted: (rows: number) => number;
  readonly label: (rows: number) => string;
}

/**
 * The layers of a hanging tube. What they show together after so many rows is what `tubeScene` draws.
 *
 * @example tubeLayers(tube, yarns, 48, view).upPx(tube.rows) // 0
 */
export function tubeLayers(
  tube: TubeOutline,
  yarns: readonly Yarn[],
  pins: number,
  view: Omit<TubeView, 'rowsDone'>
): TubeLayers {
  const { width, height, slim } = view;
  const none = partsOf(tube, yarns, pins, { ...view, rowsDone: 0 });
  const whole = partsOf(tube, yarns, pins, { ...view, rowsDone: tube.rows });
  const scene = (shapes: readonly Shape[], textures: readonly Texture[] = []): Scene => ({ width, height, label: '', textures, shapes }); // prettier-ignore
  return {
    behind: scene(none.coming),
    body: scene([...whole.hanging, ...whole.ruler], whole.textures),
    ring: scene(whole.ring),
    cutPx: RING_HEIGHT,
    upPx: (rows) => (rows <= 0 ? height : (tube.heightMm - heightOfRow(tube.bands, Math.min(rows, tube.rows))) * whole.pxPerMm), // prettier-ignore
    count: slim ? null : { x: whole.rulerX + 12, y: RING_HEIGHT + (tube.flat ? 28 : 15) },
    counted: (rows) => workDone(tube, rows),
    label: (rows) => labelOf(tube, Math.min(rows, tube.rows), rows)
  };
}
