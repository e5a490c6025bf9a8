import * as z from 'zod/mini';

/** Version of the bundle this build writes; older ones are read, newer ones are refused by name. */
export const BUNDLE_VERSION = 1;

/** Version of the records this build writes, that of the data base; records of newer ones are kept as they come. */
export const DATA_VERSION = 10;

/** Most files of one bundle. */
export const MOST_FILES = 20_000;

/** What lies in a bundle, for whoever opens it: a list of its files with what each must amount to. */
export const Manifest = z.object({
  format: z.literal('tomble-bundle'),
  version: z.literal(BUNDLE_VERSION),
  /** Version of the records; backups from before it was written have those of the ninth or older. */
  dataVersion: z.optional(z.int().check(z.minimum(1), z.maximum(1_000_000))),
  createdAt: z.iso.datetime(),
  files: z
    .array(
      z.object({
        path: z.string().check(z.minLength(1), z.maxLength(200)),
        table: z.optional(z.string().check(z.maxLength(60))),
        records: z.optional(z.int().check(z.minimum(0))),
        bytes: z.int().check(z.minimum(0)),
        sha256: z.string().check(z.regex(/^[0-9a-f]{64}$/, 'must be 64 hexadecimal digits'))
      })
    )
    .check(z.maxLength(MOST_FILES))
});
export type Manifest = z.infer<typeof Manifest>;

export const MANIFEST = 'manifest.json';
export const tablePath = (table: string): string => `data/${table}.json`;

const ENDINGS: Readonly<Record<string, string>> = { 'image/jpeg': 'jpg', 'image/png': 'png', 'image/webp': 'webp' };
/** How the name of a picture's file ends; of a type that is not known here, its own name. */
export const endingOf = (type: unknown): string =>
  ENDINGS[String(type)] ?? (String(type).split('/').at(-1)!.replace(/[^a-z0-9]/g, '') || 'bin'); // prettier-ignore

/** Where the picture of a photograph lies: by its number, because an id may hold any letters. */
export const photoPath = (index: number, ending: string): string =>
  `photos/${String(index + 1).padStart(4, '0')}.${ending}`;

/** Where bytes of something in the bin lie. */
export const binPath = (index: number): string => `bin/${String(index + 1).padStart(4, '0')}.bin`;

/** What stands in a record of the bin in the place of its bytes. */
export const FILE = '$file';

/** Files of a bundle that are written for other programs and not read back. */
export const isForOthers = (path: string): boolean => path === 'README.txt' || path.startsWith('csv/');
