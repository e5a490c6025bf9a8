import { expose } from 'comlink';
import { type ProjectFile, readProjectFile } from '$lib/formats/project-file';

/** A project file that can be planned, or why it cannot. */
export type LookedFile =
  { readonly ok: true; readonly file: ProjectFile } | { readonly ok: false; readonly reasons: readonly string[] };

/** What this worker does: reads a project file, whatever it may be, while the page stays alive. */
const work = {
  read(text: string): LookedFile {
    const read = readProjectFile(text);
    return read.ok ? { ok: true, file: read.file } : read;
  }
};
export type ProjectFileWork = typeof work;

expose(work);
