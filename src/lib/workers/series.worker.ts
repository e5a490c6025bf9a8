import { expose } from 'comlink';
import type { Kit } from '$lib/core/kit';
import type { Brief } from '$lib/core/plan';
import { type DrawnUp, drawUp, type SizeWanted } from '$lib/core/series';

/** What this worker does: every size is planned in every combination of yarns, and the yarns are shared out. */
const work = {
  draw: (kit: Kit, brief: Brief, sizes: readonly SizeWanted[], yarns: readonly string[]): DrawnUp =>
    drawUp(kit, brief, sizes, yarns)
};
export type SeriesWork = typeof work;

expose(work);
