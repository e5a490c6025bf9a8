import type { Kit } from '$lib/core/kit';
import { remembered } from '$lib/core/quantity';
import type { Result } from '$lib/core/tomble';
import { planProject } from '$lib/store/projects';
import type { Project } from '$lib/store/records/project';

/** A plan, once for the same kit, brief and knowledge, however often the data base is read. */
const planned = remembered((kit: Kit, text: string): Result | null => {
  const found = planProject(kit, JSON.parse(text) as Project);
  return found.ok ? found.value : null;
});

/** The plan of a project on the bench; null where a machine or yarn it names is gone. */
export const planOf = (kit: Kit, { brief, knowledge }: Project): Result | null =>
  planned(kit, JSON.stringify({ brief, knowledge }));
