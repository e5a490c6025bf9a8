import * as z from 'zod/mini';
import { Id, shownText } from '$lib/core/kit/text';

/** Largest picture that is kept, bytes. */
export const LARGEST_PHOTO = 4 * 1024 * 1024;

/** Kinds of pictures every browser shows. */
const PHOTO_TYPES = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** What a picture belongs to: a record of a table. */
const Owner = z.object({ table: z.string().check(z.minLength(1), z.maxLength(60)), id: Id });

/** A picture of a project. Stays in this browser and in its backups. */
export const Photo = z.object({
  id: Id,
  owner: Owner,
  type: z.enum(PHOTO_TYPES),
  /** The picture as a file holds it. */
  bytes: z.instanceof(Uint8Array).check(z.refine((bytes) => bytes.length <= LARGEST_PHOTO, 'must be at most 4 MiB')),
  caption: z._default(shownText(200), ''),
  takenAt: z.iso.datetime()
});
export type Photo = z.infer<typeof Photo>;
