import { projectSchema } from '$lib/formats/project-file';
import { fixedAnswer } from '$lib/server/fixed-answer';

/** JSON Schema (2020-12) of the project file. */
export const GET = fixedAnswer(projectSchema, 'application/schema+json');
