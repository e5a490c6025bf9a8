import Papa from 'papaparse';
import { FORMULA } from './formula';

/** One thing of a series as a line. */
export interface SeriesLine {
  readonly name: string;
  /** Whom it is for. */
  readonly wearer: string;
  readonly yarns: readonly string[];
  readonly rows: number;
  readonly grams: number;
  readonly minutes: number;
  readonly state: string;
  readonly doneOn: string | null;
}

/** A series as CSV (RFC 4180), a line for each thing; cells that a spreadsheet would run are made harmless. */
export const seriesCsv = (lines: readonly SeriesLine[]): string =>
  Papa.unparse(
    lines.map(({ name, wearer, yarns, rows, grams, minutes, state, doneOn }) => ({
      name,
      for: wearer,
      yarns: yarns.join(' and '),
      rows,
      grams: Math.round(grams),
      minutes: Math.round(minutes),
      state,
      'done on': doneOn ?? ''
    })),
    { escapeFormulae: FORMULA, newline: '\n' }
  );
