import { createHash } from 'node:crypto';
import type { RequestHandler } from '@sveltejs/kit';

import { type Packed, packed, packedResponse } from './packed';

/** An answer that is the same for as long as the server runs. */
interface Fixed extends Packed {
  readonly etag: string;
}

async function fix(value: unknown): Promise<Fixed> {
  const all = await packed(JSON.stringify(value));
  return { ...all, etag: `"${createHash('sha256').update(all.plain).digest('base64url').slice(0, 22)}"` };
}

/**
 * Answers with what never changes while the server runs: made and packed at the first request, and not sent again to those
 * who have it.
 *
 * @param make the value that is sent as JSON
 * @param type its media type
 * @example export const GET = fixedAnswer(() => ({ kinds: kindList() }));
 */
export function fixedAnswer(make: () => unknown, type = 'application/json'): RequestHandler {
  let fixed: Promise<Fixed> | undefined;
  return async ({ request }) => {
    const answer = await (fixed ??= fix(make()));
    const headers = { etag: answer.etag, vary: 'accept-encoding', 'cache-control': 'no-cache' };
    if (request.headers.get('if-none-match') === answer.etag) return new Response(null, { status: 304, headers });
    return packedResponse(request, answer, { ...headers, 'content-type': type });
  };
}
