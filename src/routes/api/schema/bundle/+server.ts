import { bundleSchema } from '$lib/formats/bundle/schema';
import { fixedAnswer } from '$lib/server/fixed-answer';

/** JSON Schemas (2020-12) of a backup. */
export const GET = fixedAnswer(bundleSchema, 'application/schema+json');
