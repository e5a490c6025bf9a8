import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { brotliCompress, gzip } from 'node:zlib';
import type { RequestHandler } from '@sveltejs/kit';

/** An answer that is the same for as long as the server runs, in every way it can be packed. */
interface Fixed {
  readonly etag: string;
  readonly plain: Uint8Array<ArrayBuffer>;
  readonly br: Uint8Array<ArrayBuffer>;
  readonly gzip: Uint8Array<ArrayBuffer>;
}

async function fix(value: unknown): Promise<Fixed> {
  const plain = new TextEncoder().encode(JSON.stringify(value));
  const etag = `"${createHash('sha256').update(plain).digest('base64url').slice(0, 22)}"`;
  const [br, gz] = await Promise.all([promisify(brotliCompress)(plain), promisify(gzip)(plain)]);
  return { etag, plain, br: new Uint8Array(br), gzip: new Uint8Array(gz) };
}

/** The first way of packing an answer that the asker knows. */
function packing(accepted: string): 'br' | 'gzip' | 'plain' {
  const named = accepted.split(',').map((part) => part.trim().split(';')[0]);
  return named.includes('br') ? 'br' : named.includes('gzip') ? 'gzip' : 'plain';
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
    const headers: Record<string, string> = { etag: answer.etag, vary: 'accept-encoding', 'cache-control': 'no-cache' };
    if (request.headers.get('if-none-match') === answer.etag) return new Response(null, { status: 304, headers });
    const packed = packing(request.headers.get('accept-encoding') ?? '');
    if (packed !== 'plain') headers['content-encoding'] = packed;
    headers['content-type'] = type;
    headers['content-length'] = String(answer[packed].byteLength);
    return new Response(answer[packed], { headers });
  };
}
