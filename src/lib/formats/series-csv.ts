import Papa from 'papaparse';

/** One thing of a series as a line. */
export interface SeriesLine {
  readonly name: string;
  readonly size: string;
  readonly yarns: readonly string[];
  readonly rows: number;
  readonly grams: number;
  readonly minutes: number;
  readonly state: string;
  readonly doneOn: string | null;
}

/** Text that a spreadsheet would take for a formula is set apart (common practice, OWASP: CSV injection). */
const plain = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);

/** A series as CSV (RFC 4180), a line for each thing. */
export const seriesCsv = (lines: readonly SeriesLine[]): string =>
  Papa.unparse(
    lines.map(({ name, size, yarns, rows, grams, minutes, state, doneOn }) => ({
      name: plain(name),
      size: plain(size),
      yarns: plain(yarns.join(' and ')),
      rows,
      grams: Math.round(grams),
      minutes: Math.round(minutes),
      state,
      'done on': doneOn ?? ''
    }))
  );
