import { tryPlan } from '$lib/core/tomble';
import { LARGEST_FILE, type ReadFile, readProjectFile } from '$lib/formats/project-file';
import { inWorker } from './in-worker';
import type { LookedFile, ProjectFileWork } from './project-file.worker';

/**
 * Reads a project file in a worker of its own; what is sound is planned here, where it is shown. A file that is too large is refused
 * before its text is loaded.
 */
export async function openProjectFile(file: Blob): Promise<ReadFile> {
  if (file.size > LARGEST_FILE) return readProjectFile('x'.repeat(LARGEST_FILE + 1));
  const text = await file.text();
  const looked = await inWorker<ProjectFileWork, LookedFile>(
    new Worker(new URL('./project-file.worker.ts', import.meta.url), { type: 'module' }),
    (remote) => remote.read(text) as Promise<LookedFile>
  );
  if (!looked.ok) return looked;
  const planned = tryPlan(looked.file.kit, looked.file.brief);
  // The worker has planned the very same.
  if (!planned.ok) throw new RangeError(planned.faults[0]!.rule);
  return { ok: true, file: looked.file, result: planned.value };
}
