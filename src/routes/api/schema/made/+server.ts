import { madeSchema } from '$lib/formats/made-schema';
import { fixedAnswer } from '$lib/server/fixed-answer';

/** JSON Schema (2020-12) of `made` in the answer of the planning service. */
export const GET = fixedAnswer(madeSchema, 'application/schema+json');
