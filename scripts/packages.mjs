// What ships inside the application: packages that its source names, with version and licence. `npm run packages` writes the
// list that the page "About" shows.
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { pathToFileURL } from 'node:url';
import { format } from 'prettier';

const root = new URL('..', import.meta.url);
/** What a file of source names from a package: `from 'x'`, `import('x')`, `import 'x'`. */
const NAMED = /(?:from|import)\s*\(?\s*['"]([^'".$/][^'"]*|@[^'"]+)['"]/g;

/** @param {string} specifier @returns {string} @example nameOf('@lucide/svelte/icons/plus') // '@lucide/svelte' */
export const nameOf = (specifier) =>
  specifier
    .split('/')
    .slice(0, specifier.startsWith('@') ? 2 : 1)
    .join('/');

/** @returns {Promise<{ name: string, version: string, licence: string }[]>} every package of the source, by name */
export async function packages() {
  const files = await readdir(new URL('src/', root), { recursive: true });
  const names = new Set(['svelte', '@sveltejs/kit', 'tailwindcss', 'daisyui', '@fontsource-variable/atkinson-hyperlegible-next', '@fontsource-variable/bitter']); // prettier-ignore
  for (const file of files) {
    if (!/\.(ts|svelte)$/.test(file) || /\.test\.ts$|\.d\.ts$/.test(file)) continue;
    const text = await readFile(new URL(`src/${file}`, root), 'utf8');
    for (const [, specifier = ''] of text.matchAll(NAMED)) if (!specifier.includes(':')) names.add(nameOf(specifier));
  }
  const found = await Promise.all(
    [...names].sort().map(async (name) => {
      const text = await readFile(new URL(`node_modules/${name}/package.json`, root), 'utf8').catch(() => null);
      if (text === null) return [];
      const { version, license } = JSON.parse(text);
      return [
        { name, version: String(version), licence: typeof license === 'string' ? license : String(license?.type) }
      ];
    })
  );
  return found.flat();
}

/** The list as it lies in the source. @returns {Promise<string>} */
export const listed = async () => format(JSON.stringify(await packages()), { parser: 'json', printWidth: 120 });

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href)
  await writeFile(new URL('src/lib/ui/about/packages.json', root), await listed());
