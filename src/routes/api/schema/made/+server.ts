import { json } from '@sveltejs/kit';
import { madeSchema } from '$lib/formats/made-schema';
import type { RequestHandler } from './$types';

/** JSON Schema (2020-12) of `made` in the answer of the planning service. */
export const GET: RequestHandler = () => json(madeSchema(), { headers: { 'content-type': 'application/schema+json' } });
