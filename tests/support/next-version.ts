import { readFileSync } from 'node:fs';
import { strToU8, zipSync } from 'fflate';
import { hashOf } from '$lib/formats/bundle/contents';

/** A backup as the next version will write it: with fields, choices, kinds, tables and files that this one does not know. */
const FIXTURE = JSON.parse(readFileSync('tests/fixtures/next-version.json', 'utf8')) as {
  dataVersion: number;
  createdAt: string;
  files: Record<string, { text?: unknown; base64?: string; listed?: object }>;
};

/** Its files but the manifest, as bytes. */
export const nextFiles: Readonly<Record<string, Uint8Array>> = Object.fromEntries(
  Object.entries(FIXTURE.files).map(([path, { text, base64 }]) => [
    path,
    base64 === undefined ? strToU8(`${JSON.stringify(text, null, 1)}\n`) : new Uint8Array(Buffer.from(base64, 'base64'))
  ])
);

/** The whole backup as a ZIP file. @param dataVersion what it says of itself */
export function nextBundle(dataVersion: number = FIXTURE.dataVersion): Uint8Array {
  const files = Object.entries(nextFiles).map(([path, bytes]) => ({ path, bytes: bytes.length, sha256: hashOf(bytes), ...FIXTURE.files[path]!.listed })); // prettier-ignore
  const manifest = { format: 'tomble-bundle', version: 1, dataVersion, createdAt: FIXTURE.createdAt, files };
  return zipSync({ ...nextFiles, 'manifest.json': strToU8(JSON.stringify(manifest)) });
}
