import { json } from '@sveltejs/kit';
import { kindList } from '$lib/formats/kind-list';

/** Every kind of project with its options, for programs that ask for plans. */
export const GET = (): Response => json({ kinds: kindList() });
