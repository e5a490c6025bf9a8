import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

/** A text in every way it can be packed. */
export interface Packed {
  readonly plain: Uint8Array<ArrayBuffer>;
  readonly br: Uint8Array<ArrayBuffer>;
  readonly gzip: Uint8Array<ArrayBuffer>;
}

/**
 * Packs a text once for everybody who asks for it.
 *
 * @param quality of brotli: 11 for what is sent for ever, less for what goes again (RFC 7932 leaves it to the packer)
 */
export async function packed(text: string, quality = 11): Promise<Packed> {
  const plain = new TextEncoder().encode(text);
  const [br, gz] = await Promise.all([
    promisify(brotliCompress)(plain, { params: { [constants.BROTLI_PARAM_QUALITY]: quality } }),
    promisify(gzip)(plain)
  ]);
  return { plain, br: new Uint8Array(br), gzip: new Uint8Array(gz) };
}

/** The first way of packing an answer that the asker knows. @example packingFor('gzip, br') // 'br' */
function packingFor(accepted: string): keyof Packed {
  const named = accepted.split(',').map((part) => part.trim().split(';')[0]);
  return named.includes('br') ? 'br' : named.includes('gzip') ? 'gzip' : 'plain';
}

/** A packed text as the asker can read it. */
export function packedResponse(request: Request, all: Packed, more: Readonly<Record<string, string>>): Response {
  const way = packingFor(request.headers.get('accept-encoding') ?? '');
  const headers: Record<string, string> = { ...more, 'content-length': String(all[way].byteLength) };
  if (way !== 'plain') headers['content-encoding'] = way;
  return new Response(all[way], { headers });
}
