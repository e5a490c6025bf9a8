const bytesOf = (base64: string): Uint8Array<ArrayBuffer> => new Uint8Array(Buffer.from(base64, 'base64'));

/** A PNG of one grey pixel, made by hand after the PNG specification (W3C, third edition). */
export const PIXEL = bytesOf(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg=='
);

/** The head of a JPEG of 2 by 3 pixels, made by hand after ITU-T T.81: start, an application segment, a frame. */
export const JPEG_HEAD = new Uint8Array([
  0xff, 0xd8, 0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0, 0xff, 0xc0, 0, 11, 8, 0, 3, 0, 2,
  1, 1, 0x11, 0
]);
