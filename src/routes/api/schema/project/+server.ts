import { json } from '@sveltejs/kit';
import { projectSchema } from '$lib/formats/project-file';
import type { RequestHandler } from './$types';

/** JSON Schema (2020-12) of the project file. */
export const GET: RequestHandler = () =>
  json(projectSchema(), { headers: { 'content-type': 'application/schema+json' } });
