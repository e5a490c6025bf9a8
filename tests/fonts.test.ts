import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { codesOf, CUTS, made } from '../scripts/fonts.mjs';

const root = join(import.meta.dirname, '..');
const read = (file: string): Buffer => readFileSync(join(root, 'src', file));

const under = (folder: string): string[] =>
  readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    return statSync(path).isDirectory() ? under(path) : [path];
  });

test('the fonts that are kept are those that the script makes of the packaged ones', async () => {
  for (const [file, content] of await made()) expect(read(file).equals(Buffer.from(content)), file).toBe(true);
});

test('no letter is in two cuts, and together they are the Latin letters of the packages', () => {
  const all = CUTS.flatMap(({ ranges }) => codesOf(ranges));
  expect(new Set(all).size).toBe(all.length);
  // The ranges of the packages' own style sheets.
  for (const name of ['bitter', 'atkinson-hyperlegible-next']) {
    const sheet = readFileSync(join(root, 'node_modules/@fontsource-variable', name, 'wght.css'), 'utf8');
    for (const part of ['latin', 'latin-ext']) {
      const face = sheet.split('/*').find((f) => f.startsWith(` ${name}-${part}-wght-normal`)) ?? '';
      const whole = codesOf(/unicode-range: ([^;]*);/.exec(face)?.[1] ?? '').filter((code) => code >= 0x20);
      expect(whole.length).toBeGreaterThan(100);
      const missing = whole.filter((code) => !all.includes(code) && !(code >= 0x7f && code <= 0x9f));
      expect(missing.map((code) => code.toString(16))).toEqual([]);
    }
  }
});

test('what the application says itself is written with the first file alone', () => {
  const plain = new Set(codesOf(CUTS[0]!.ranges));
  const strange = new Map<string, string>();
  for (const folder of ['src/lib/words', 'src/lib/ui', 'src/routes', 'src/lib/draw', 'src/lib/demo'])
    for (const file of under(join(root, folder)))
      if (!file.includes('.test.'))
        for (const letter of readFileSync(file, 'utf8'))
          if (letter.charCodeAt(0) > 0x7e && !plain.has(letter.codePointAt(0)!)) strange.set(letter, file);
  expect([...strange]).toEqual([]);
});
