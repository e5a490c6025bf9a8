import { DATA_VERSION } from '$lib/formats/bundle/manifest';
import { NOTHING } from '$lib/formats/bundle/contents';
import { readBundle } from '$lib/formats/bundle/read';
import { writeBundle } from '$lib/formats/bundle/write';
import { joined } from './backup';
import { bringIn } from './bring-in';
import type { TombleDb } from './db';

/**
 * Brings in what a newer version wrote, once this version is as new: it is read as the backup it came from.
 *
 * @returns whether anything was brought in
 */
export async function adopt(db: TombleDb): Promise<boolean> {
  const waiting = await db.newer.toArray();
  const ripe = waiting.filter(({ dataVersion }) => dataVersion <= DATA_VERSION);
  if (ripe.length === 0) return false;
  const read = readBundle(writeBundle({ ...NOTHING, newer: ripe }));
  if (!read.ok) return false;
  const ids = new Set(ripe.map(({ id }) => id));
  await bringIn(db, (here) =>
    joined({ ...here, newer: here.newer.filter(({ id }) => !ids.has(id)) }, read.contents, 'merge')
  );
  return true;
}
