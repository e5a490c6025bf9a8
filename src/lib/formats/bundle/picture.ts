import { imageSize } from 'image-size';
import { LARGEST_PHOTO } from '$lib/store/records/photo';

/** What `image-size` calls the types of pictures that are kept. */
const NAMES: Readonly<Record<string, string>> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' };

/**
 * What is wrong with the bytes of a picture: they must be a picture of the type that is stated, and no larger than is kept.
 *
 * @returns what they must be and what was received, or null where they are sound
 * @example pictureFault(new Uint8Array(10), 'image/png') // 'must be a picture of the type image/png; received 10 bytes that are none'
 */
export function pictureFault(bytes: Uint8Array, type: string): string | null {
  if (bytes.length > LARGEST_PHOTO)
    return `must be at most ${LARGEST_PHOTO / 1024 / 1024} MiB; received ${(bytes.length / 1024 / 1024).toFixed(1)} MiB`;
  let found: string | undefined;
  try {
    const { type: got, width, height } = imageSize(bytes);
    if (width > 0 && height > 0) found = got;
  } catch {
    found = undefined;
  }
  if (found === NAMES[type]) return null;
  return `must be a picture of the type ${type}; received ${found ? `one of the type ${found}` : `${bytes.length} bytes that are none`}`;
}
