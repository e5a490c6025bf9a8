import { releaseProxy, wrap } from 'comlink';
import type { Kit } from '$lib/core/kit';
import type { Brief } from '$lib/core/plan';
import type { DrawnUp, SizeWanted } from '$lib/core/series';
import type { SeriesWork } from './series.worker';

/** Draws a series up in a worker of its own, so that the page stays alive while hundreds of plans are made. */
export async function drawUpSeries(
  kit: Kit,
  brief: Brief,
  sizes: readonly SizeWanted[],
  yarns: readonly string[]
): Promise<DrawnUp> {
  const worker = new Worker(new URL('./series.worker.ts', import.meta.url), { type: 'module' });
  const remote = wrap<SeriesWork>(worker);
  try {
    const failed = new Promise<never>((_, no) => (worker.onerror = () => no(new Error('The worker does not start.'))));
    return await Promise.race([remote.draw(kit, brief, sizes, yarns), failed]);
  } finally {
    remote[releaseProxy]();
    worker.terminate();
  }
}
