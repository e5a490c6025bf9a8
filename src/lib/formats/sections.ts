import Papa from 'papaparse';
import * as z from 'zod/mini';
import { FINGER_TENSIONS } from '$lib/core/kit';
import { type ColourSection, MOST_HOLES, MOST_ROWS, MOST_SECTIONS, tensionOf } from '$lib/core/plan';
import { FORMULA, withoutGuard } from './formula';
import { readJson, TOO_DEEP } from './json';

/** What a file of sections says: one line a section, from the cast-on up, yarns by name, tension where it is its own. */
export const SECTIONS_FORMAT = 'tomble-sections';

/** A cell that a table leaves empty says nothing. */
const orEmpty = <S extends z.ZodMiniType>(schema: S) =>
  z.pipe(
    z.transform((cell: unknown) => (cell === '' ? undefined : cell)),
    z.optional(schema)
  );

const Line = z.object({
  yarn: z
    .string('must name a yarn')
    .check(z.trim(), z.minLength(1, 'must name a yarn'), z.maxLength(120, 'must have at most 120 letters')),
  rows: z.coerce.number({ error: 'must be a number' }).check(z.int('must be a whole number'), z.minimum(1, 'must be at least 1'), z.maximum(MOST_ROWS, `must be at most ${MOST_ROWS}`)), // prettier-ignore
  hole: orEmpty(z.coerce.number({ error: 'must be a number' }).check(z.int('must be a whole number'), z.minimum(1, 'must be at least 1'), z.maximum(MOST_HOLES, `must be at most ${MOST_HOLES}`))), // prettier-ignore
  fingers: orEmpty(z.enum(FINGER_TENSIONS, { error: `must be ${FINGER_TENSIONS.join(', ')}` }))
});

const File = z.object({
  format: z.literal(SECTIONS_FORMAT),
  version: z.literal(1),
  sections: z.array(Line).check(z.minLength(1), z.maxLength(MOST_SECTIONS))
});

/** What a yarn of the stash is called in a file. */
type NameOf = (id: string) => string;
/** The id of the yarn that a file calls so. */
type IdOf = (name: string) => string | undefined;

/** Sections as JSON. @example sectionsJson(sections, nameOf) // '{ "format": "tomble-sections", … }' */
export const sectionsJson = (sections: readonly ColourSection[], nameOf: NameOf): string =>
  `${JSON.stringify({ format: SECTIONS_FORMAT, version: 1, sections: sections.map((s) => ({ yarn: nameOf(s.yarn), rows: s.rows, ...tensionOf(s) })) }, null, 2)}\n`;

/** Sections as CSV (RFC 4180); cells that a spreadsheet would run are made harmless. */
export function sectionsCsv(sections: readonly ColourSection[], nameOf: NameOf): string {
  const tight = sections.some((s) => s.hole !== undefined || s.fingers !== undefined);
  return Papa.unparse(
    sections.map((s, i) => ({
      section: i + 1,
      yarn: nameOf(s.yarn),
      rows: s.rows,
      ...(tight ? { hole: s.hole ?? '', fingers: s.fingers ?? '' } : {})
    })),
    { escapeFormulae: FORMULA, newline: '\n' }
  );
}

/** Largest file of sections that is read: the longest list takes a tenth of it. */
export const LARGEST_SECTIONS = 1024 * 1024;

/** What is said of a file of sections that is larger. */
export const tooLargeSections = (bytes: number): string =>
  `The file must be at most ${LARGEST_SECTIONS / 1024} KiB; received ${Math.ceil(bytes / 1024)} KiB.`;

/** What was read, or every reason why it was not. */
export type ReadSections =
  | { readonly ok: true; readonly sections: ColourSection[] }
  | { readonly ok: false; readonly reasons: readonly string[] };

/** More than anybody reads of one file. */
const MOST_REASONS = 8;

/** Reads a list of lines as they stand in a file. @param guarded formulas in it were made harmless */
function lines(raw: readonly unknown[], idOf: IdOf, guarded: boolean): ReadSections {
  const reasons: string[] = [];
  if (raw.length === 0) reasons.push('The file must have at least one section; received none.');
  if (raw.length > MOST_SECTIONS) reasons.push(`The file must have at most ${MOST_SECTIONS} sections; received more.`); // prettier-ignore
  const sections = raw.slice(0, MOST_SECTIONS).flatMap((one, i): ColourSection[] => {
    const read = Line.safeParse(one);
    if (!read.success) {
      const [issue] = read.error.issues;
      const field = String(issue!.path[0] ?? 'line');
      const got = (one as Record<string, unknown> | null)?.[field];
      reasons.push(`Section ${i + 1}: ${field} ${issue!.message}; received ${got === undefined || got === '' ? 'nothing' : JSON.stringify(got).slice(0, 60)}.`); // prettier-ignore
      return [];
    }
    // A leading apostrophe was put there so that no spreadsheet runs it.
    const id = (guarded ? idOf(withoutGuard(read.data.yarn)) : undefined) ?? idOf(read.data.yarn);
    if (id === undefined) {
      reasons.push(`Section ${i + 1}: yarn must be one of the stash; received ${JSON.stringify(read.data.yarn)}.`);
      return [];
    }
    return [{ yarn: id, rows: read.data.rows, ...tensionOf(read.data), locked: false }];
  });
  return reasons.length ? { ok: false, reasons: reasons.slice(0, MOST_REASONS) } : { ok: true, sections };
}

/**
 * Reads sections from a file, CSV or JSON, as this application writes them.
 *
 * @returns the sections, or reasons that name section, field and what was received
 */
export function readSections(text: string, idOf: IdOf): ReadSections {
  const no = (reason: string): ReadSections => ({ ok: false, reasons: [reason] });
  if (text.length > LARGEST_SECTIONS) return no(tooLargeSections(text.length));
  if (/^[[{]/.test(text.trimStart())) {
    const json = readJson(text);
    if (!json.ok) return no(json.deep ? `The file ${TOO_DEEP}.` : 'The file must be JSON or CSV; it begins like JSON and is none.'); // prettier-ignore
    const head = z.extend(z.omit(File, { sections: true }), { sections: z.array(z.unknown()) }).safeParse(json.value);
    if (!head.success) return { ok: false, reasons: [`The file must be of the format ${SECTIONS_FORMAT}, version 1, with a list of sections.`] }; // prettier-ignore
    return lines(head.data.sections, idOf, false);
  }
  const parsed = Papa.parse<Record<string, string>>(text.trim(), { header: true, skipEmptyLines: true, preview: MOST_SECTIONS + 1, transformHeader: (h) => h.trim().toLowerCase() }); // prettier-ignore
  const fields = parsed.meta.fields ?? [];
  if (!fields.includes('yarn') || !fields.includes('rows')) return { ok: false, reasons: [`The first line must name the columns yarn and rows; received ${JSON.stringify(fields.join(', ')).slice(0, 80)}.`] }; // prettier-ignore
  return lines(parsed.data, idOf, true);
}
