import * as z from 'zod/mini';
import { TABLE_NAMES } from './contents';

/** Version of the bundle this build writes; older ones are read, newer ones are refused by name. */
export const BUNDLE_VERSION = 1;

/** What lies in a bundle, for whoever opens it: a list of its files with what each must amount to. */
export const Manifest = z.object({
  format: z.literal('tomble-bundle'),
  version: z.literal(BUNDLE_VERSION),
  createdAt: z.iso.datetime(),
  files: z
    .array(
      z.object({
        path: z.string().check(z.maxLength(200)),
        table: z.optional(z.enum(TABLE_NAMES)),
        records: z.optional(z.int().check(z.minimum(0))),
        bytes: z.int().check(z.minimum(0)),
        sha256: z.string().check(z.regex(/^[0-9a-f]{64}$/, 'must be 64 hexadecimal digits'))
      })
    )
    .check(z.maxLength(20_000))
});
export type Manifest = z.infer<typeof Manifest>;

export const MANIFEST = 'manifest.json';
export const tablePath = (table: string): string => `data/${table}.json`;
const ENDINGS = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' } as const;
/** Where the picture of a photograph lies: by its number, because an id may hold any letters. */
export const photoPath = (index: number, type: keyof typeof ENDINGS): string =>
  `photos/${String(index + 1).padStart(4, '0')}.${ENDINGS[type]}`;
