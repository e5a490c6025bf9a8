import type { NewerProject } from '$lib/store/newer-projects';
import { onlyProject } from '$lib/store/newer-projects';
import { packBundle } from '$lib/workers/bundle';
import { downloadBytes, fileName } from '../download';
import { keeping } from '../frame/keeping';
import { db } from '../state/db';

/** Hands a project of a newer version to the knitter as a file that a newer version opens under "Your data". */
export const saveNewer = ({ id, name }: NewerProject): Promise<boolean> =>
  keeping(async () => {
    const bytes = await packBundle(await onlyProject(db(), id));
    downloadBytes(fileName(name, '.zip'), 'application/zip', new Uint8Array(bytes));
  });
