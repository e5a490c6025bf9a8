import type { Kit } from '$lib/core/kit';
import { remembered } from '$lib/core/quantity';
import { judged, type Result } from '$lib/core/tomble';
import { planProject } from './projects';
import type { Project } from './records/project';

/** A plan, once for the same kit, brief and knowledge, however often the data base is read. */
const planned = remembered((kit: Kit, text: string): Result | null => {
  const found = planProject(kit, JSON.parse(text) as Pick<Project, 'brief' | 'knowledge'>);
  return found.ok ? judged(found.value) : null;
});

/** The plan of a project that is looked at among others; null where a machine or yarn it names is gone. */
export const planOf = (kit: Kit, { brief, knowledge }: Project): Result | null =>
  planned(kit, JSON.stringify({ brief, knowledge }));
