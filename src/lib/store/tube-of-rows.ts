import type { Kit, PerCm } from '$lib/core/kit';
import { newProject } from './projects';
import { Project } from './records/project';

/**
 * A tube with a section of one yarn for every count of rows, such as those of a pattern that was converted.
 *
 * @param rows of each section, from the cast-on up
 * @param gauge that it is planned at; what is known of the yarn when null
 * @example tubeOfRows(kit, 'm48', 'y-oat', [71, 10], 'Converted pattern')
 */
export function tubeOfRows(
  kit: Kit,
  machineId: string,
  yarnId: string,
  rows: readonly number[],
  name: string,
  gauge: PerCm | null = null
): Project {
  const project = newProject(kit, 'free-tube', machineId);
  const sections = rows.filter((n) => n > 0).map((n) => ({ yarn: yarnId, rows: n }));
  return Project.parse({
    ...project,
    brief: {
      ...project.brief,
      name,
      ...(gauge ? { gauge: { yarn: yarnId, ...gauge } } : {}),
      options: { ...project.brief.options, sections }
    }
  });
}
