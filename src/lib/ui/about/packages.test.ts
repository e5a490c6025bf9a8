import { readFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { listed } from '../../../../scripts/packages.mjs';
import packages from './packages.json';

it('the packages that are told are those that ship, in the versions that are installed, each with its licence', async () => {
  const here = readFileSync(new URL('packages.json', import.meta.url), 'utf8');
  expect(JSON.parse(await listed())).toEqual(JSON.parse(here));
  // SPDX names, as the registry has them (spdx.org/licenses).
  for (const { name, licence } of packages) expect(licence, name).toMatch(/^(MIT|ISC|OFL-1\.1|Apache-2\.0|BSD-[23]-Clause|0BSD)$/); // prettier-ignore
});
