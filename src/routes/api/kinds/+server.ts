import { kindList } from '$lib/formats/kind-list';
import { fixedAnswer } from '$lib/server/fixed-answer';

/** Every kind of project with its options, for programs that ask for plans. */
export const GET = fixedAnswer(() => ({ kinds: kindList() }));
