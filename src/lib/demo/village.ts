import type { Kit } from '$lib/core/kit';
import { settled } from '$lib/store/projects';
import { type CrankEvent, progressOf } from '$lib/store/records/crank-event';
import type { Person } from '$lib/store/records/person';
import type { Project } from '$lib/store/records/project';
import { demoFinished } from './finished';
import { demoKit } from './kit';
import { demoPeople } from './people';
import { demoProjects } from './projects';

/** The demo village as it stands in the data base: its kit, its people, what is planned, on the machine and in the log. */
export function village(): {
  readonly kit: Kit;
  readonly people: readonly Person[];
  readonly projects: readonly Project[];
  readonly events: readonly CrankEvent[];
} {
  return {
    kit: demoKit,
    people: demoPeople,
    projects: [
      ...demoProjects.map(({ project, actions }) => {
        const begun = progressOf(actions).rows > 0 || project.measured !== null;
        return begun ? settled(demoKit, project) : project;
      }),
      ...demoFinished.map(({ project }) => settled(demoKit, project))
    ],
    events: [
      ...demoProjects.flatMap(({ project, actions }) =>
        actions.map((what) => ({ projectId: project.id, at: project.updatedAt, what }))
      ),
      ...demoFinished.flatMap(({ project, cranked: { from, rows, seconds, yarn } }) =>
        Array.from({ length: rows }, (_, i) => ({
          projectId: project.id,
          at: new Date(Date.parse(from) + i * seconds * 1000).toISOString(),
          what: { do: 'row', yarn } as const
        }))
      )
    ]
  };
}
