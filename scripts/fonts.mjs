// The letters of the application, cut from the packaged fonts: what its own words are written with in one small file, accents
// and further Latin letters in files that are asked for only where a knitter writes them. `npm run fonts` makes them again.
import { readFile, writeFile } from 'node:fs/promises';
import { format } from 'prettier';
import subset from 'subset-font';

const root = new URL('..', import.meta.url);
/** The weights that are used, from running text to headings. */
const WEIGHT = { min: 400, max: 700 };
/**
 * Kerning, figures of one width, and accents that sit where they belong; swashes and fractions are left out.
 *
 * @type {NonNullable<Parameters<typeof subset>[2]> & { keepFeatures: string[] }}
 */
const CUT = {
  targetFormat: 'woff2',
  keepFeatures: ['kern', 'tnum', 'lnum', 'ccmp', 'locl', 'mark', 'mkmk', 'calt'],
  variationAxes: { wght: WEIGHT }
};

/** @param {string} ranges as they stand in CSS @returns {number[]} */
export const codesOf = (ranges) =>
  ranges.split(',').flatMap((range) => {
    const [from, to = from] = range.replace('U+', '').trim().split('-');
    const first = Number.parseInt(from ?? '', 16);
    return Array.from({ length: Number.parseInt(to ?? '', 16) - first + 1 }, (_, i) => first + i);
  });

/** What is cut: from the file `of` of the package, the letters of `ranges`; together they are all of the Latin script. */
export const CUTS = [
  {
    cut: 'plain',
    of: 'latin',
    ranges:
      'U+0020-007E, U+00A0, U+00B0-00B1, U+00B7, U+00BC-00BE, U+00D7, U+2009, U+2013-2014, U+2018-2019, U+201C-201D, U+2026, U+202F, U+2212'
  },
  {
    cut: 'accents',
    of: 'latin',
    ranges:
      'U+00A1-00AF, U+00B2-00B6, U+00B8-00BB, U+00BF-00D6, U+00D8-00FF, U+0131, U+0152-0153, U+02BB-02BC, U+02C6, U+02DA, U+02DC, U+0304, U+0308, U+0329, U+2000-2008, U+200A-2012, U+2015-2017, U+201A-201B, U+201E-2025, U+2027-202E, U+2030-206F, U+20AC, U+2122, U+2191, U+2193, U+2215, U+FEFF, U+FFFD'
  },
  {
    cut: 'further',
    of: 'latin-ext',
    ranges:
      'U+0100-0130, U+0132-0151, U+0154-02BA, U+02BD-02C5, U+02C7-02CC, U+02CE-02D7, U+02DD-02FF, U+1D00-1DBF, U+1E00-1E9F, U+1EF2-1EFF, U+20A0-20AB, U+20AD-20C0, U+2113, U+2C60-2C7F, U+A720-A7FF'
  }
];

/** Cuts for paper: a PDF has no variable fonts, so each weight is a file of its own, with the letters every browser file has. */
const PAPER = [
  { name: 'bitter', weight: 700, file: 'paper-heading' },
  { name: 'atkinson-hyperlegible-next', weight: 400, file: 'paper-text' },
  { name: 'atkinson-hyperlegible-next', weight: 700, file: 'paper-bold' }
];

const FONTS = [
  { family: 'Bitter Variable', name: 'bitter' },
  { family: 'Atkinson Hyperlegible Next Variable', name: 'atkinson-hyperlegible-next' }
];

/** The files and the style sheet that names them, by their places under `src`. */
export async function made() {
  /** @type {Map<string, Buffer | string>} */
  const files = new Map();
  const faces = [];
  for (const { family, name } of FONTS)
    for (const { cut, of, ranges } of CUTS) {
      const whole = await readFile(
        new URL(`node_modules/@fontsource-variable/${name}/files/${name}-${of}-wght-normal.woff2`, root)
      );
      const file = `fonts/${name}-${cut}.woff2`;
      const letters = String.fromCodePoint(...codesOf(ranges));
      files.set(file, await subset(whole, letters, CUT));
      faces.push(`@font-face {
  font-family: '${family}'; font-style: normal; font-display: swap; font-weight: ${WEIGHT.min} ${WEIGHT.max};
  src: url('./${file}') format('woff2-variations');
  unicode-range: ${ranges};
}`);
    }
  for (const { name, weight, file } of PAPER)
    for (const of of ['latin', 'latin-ext']) {
      const whole = await readFile(
        new URL(`node_modules/@fontsource-variable/${name}/files/${name}-${of}-wght-normal.woff2`, root)
      );
      const ranges = CUTS.filter((cut) => cut.of === of).map((cut) => cut.ranges);
      const letters = String.fromCodePoint(...ranges.flatMap(codesOf));
      const cut = { ...CUT, targetFormat: 'truetype', variationAxes: { wght: weight } };
      files.set(`fonts/${file}-${of}.ttf`, await subset(whole, letters, /** @type {any} */ (cut)));
    }
  const sheet = `/* Made by scripts/fonts.mjs. Letters that no word of the application has are asked for where a knitter writes them. */\n${faces.join('\n\n')}\n`;
  files.set('fonts.css', await format(sheet, { parser: 'css', printWidth: 120, singleQuote: true }));
  return files;
}

if (import.meta.filename === process.argv[1])
  for (const [file, content] of await made()) await writeFile(new URL(`src/${file}`, root), content);
