import type { Kit } from '$lib/core/kit';
import type { Brief } from '$lib/core/plan';
import type { DrawnUp, SizeWanted } from '$lib/core/series';
import { inWorker } from './in-worker';
import type { SeriesWork } from './series.worker';

/** Draws a series up in a worker of its own, so that the page stays alive while hundreds of plans are made. */
export const drawUpSeries = (
  kit: Kit,
  brief: Brief,
  sizes: readonly SizeWanted[],
  yarns: readonly string[]
): Promise<DrawnUp> =>
  inWorker<SeriesWork, DrawnUp>(
    new Worker(new URL('./series.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.draw(kit, brief, sizes, yarns)
  );
