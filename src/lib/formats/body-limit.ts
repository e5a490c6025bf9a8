/** Largest body the server reads: 1 MiB. */
export const LARGEST_BODY = 1024 * 1024;

/**
 * Reads a body as text, giving up as soon as it is too large, whatever its headers claim.
 *
 * @returns the text, or null when it is larger than the limit
 */
export async function readLimited(request: Request, limit = LARGEST_BODY): Promise<string | null> {
  if (Number(request.headers.get('content-length') ?? 0) > limit) return null;
  const reader = request.body?.getReader();
  if (!reader) return '';
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > limit) {
      await reader.cancel();
      return null;
    }
    chunks.push(value);
  }
  return new TextDecoder().decode(Buffer.concat(chunks));
}
