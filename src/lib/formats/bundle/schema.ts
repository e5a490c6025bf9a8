import * as z from 'zod/mini';
import { TABLES } from './contents';
import { Manifest } from './manifest';

/** JSON Schemas of a backup: of its manifest, and of the list in every file of data. */
export function bundleSchema(): object {
  const how = { io: 'input', target: 'draft-2020-12' } as const;
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: '/api/schema/bundle',
    title: 'Tomble backup',
    description: 'manifest.json is $defs.manifest; data/<table>.json is a list of $defs.<table>.',
    $ref: '/api/schema/bundle/manifest',
    // Each has an address of its own, so that what it refers to is found within it.
    $defs: Object.fromEntries(
      Object.entries({ manifest: Manifest, ...TABLES }).map(([name, schema]) => [
        name,
        { ...z.toJSONSchema(schema, how), $id: `/api/schema/bundle/${name}` }
      ])
    )
  };
}
