/** Largest body the server reads: 1 MiB. */
export const LARGEST_BODY = 1024 * 1024;

/** What is read of a body that is too large, and thrown away, so that whoever sends it hears the answer. */
const MOST_DRAINED = 64 * LARGEST_BODY;

/** A body that was read, or why it was not. */
export type Body = { readonly text: string } | { readonly refused: 'large' | 'broken-off' };

/**
 * Reads a body as text, whatever its headers claim. Of one that is too large the rest is thrown away as it comes.
 *
 * @example await readLimited(request) // { text: '{"kit": …' }
 */
export async function readLimited(request: Request, limit = LARGEST_BODY): Promise<Body> {
  const reader = request.body?.getReader();
  if (!reader) return { text: '' };
  let chunks: Uint8Array[] = [];
  let size = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      size += value.byteLength;
      if (size <= limit) chunks.push(value);
      else chunks = [];
      if (size > MOST_DRAINED) {
        await reader.cancel();
        break;
      }
    }
  } catch {
    // Who sent it has gone.
    return { refused: 'broken-off' };
  }
  return size > limit ? { refused: 'large' } : { text: new TextDecoder().decode(Buffer.concat(chunks)) };
}
