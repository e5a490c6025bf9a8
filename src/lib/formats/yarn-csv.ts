import Papa from 'papaparse';
import { classOfLabel, proposeBehaviour, Yarn } from '$lib/core/kit';
import { echo, readNumber } from '$lib/core/quantity';
import { FORMULA, withoutGuard } from './formula';

/** Columns of the yarn table, in order. Only the first four must be there. */
export const YARN_COLUMNS = [
  'name',
  'colour name',
  'metres',
  'grams',
  'colour',
  'class',
  'fibre',
  'strands',
  'stretch',
  'strength',
  'surface',
  'wash',
  'grams at hand',
  'phases'
] as const;
type Column = (typeof YARN_COLUMNS)[number];
const NEEDED: readonly Column[] = ['name', 'colour name', 'metres', 'grams'];

/** Most lines read from one file. */
const MOST_LINES = 50_000;

/** Largest file that is read. */
export const LARGEST_CSV = 32 * 1024 * 1024;

/** What is wrong with one cell, or with the file as a whole where there is no column. */
interface CsvFault {
  readonly line: number;
  readonly column: string;
  readonly reason: string;
}

/** Yarns of a file, or everything that is wrong with it; never both. */
export type ReadYarns =
  | { readonly ok: true; readonly yarns: readonly Yarn[] }
  | { readonly ok: false; readonly faults: readonly CsvFault[]; readonly more: number };

/** Faults shown at once. */
const MOST_FAULTS = 50;

const phasesText = (yarn: Yarn): string => yarn.phases.map((p) => `${p.name} ${p.hex} ${p.metres}`).join(' | ');

/** Yarns as CSV with a byte order mark, so that spreadsheets read the letters right. Formulas are made harmless. */
export function writeYarns(yarns: readonly Yarn[]): string {
  const data = yarns.map((y) => [
    y.name,
    y.colour.name,
    y.label.metres,
    y.label.grams,
    y.colour.hex,
    y.weightClass,
    y.fibre,
    y.strands,
    y.behaviour.stretch,
    y.behaviour.strength,
    y.behaviour.surface,
    y.behaviour.wash,
    y.stockGrams ?? '',
    phasesText(y)
  ]);
  return `\uFEFF${Papa.unparse({ fields: [...YARN_COLUMNS], data }, { escapeFormulae: FORMULA, newline: '\n' })}\n`;
}

/**
 * What stands between cells, by the line of column names alone: names of yarns may hold any of these signs, names of
 * columns hold none.
 */
function delimiterOf(text: string): string {
  const heading = text.split(/\r?\n/, 1)[0] ?? '';
  const count = (sign: string): number => heading.split(sign).length;
  return [',', ';', '\t'].reduce((best, sign) => (count(sign) > count(best) ? sign : best));
}

const words: Readonly<Record<'stretch' | 'strength' | 'surface' | 'wash', readonly string[]>> = {
  stretch: ['little', 'some', 'much'],
  strength: ['weak', 'fair', 'strong'],
  surface: ['smooth', 'fuzzy', 'clingy'],
  wash: ['machine', 'hand']
};

const USUAL = { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' } as const;

/** The cell that a value of a yarn's record is read from, where it is called otherwise. */
const CELL_OF: Readonly<Record<string, Column>> = {
  name: 'name',
  colour: 'colour name',
  fibre: 'fibre',
  phases: 'phases'
};

/** What the record asks of one phase. */
const PHASE_RULES: Readonly<Record<string, string>> = {
  name: 'must name every phase with 1 to 40 letters that can be shown',
  hex: 'must give every phase a colour such as #c2552d',
  metres: 'must give every phase 0.1 to 2000 metres'
};

/** Reads one line of cells. */
function readLine(
  cell: (column: Column) => string,
  id: string,
  fail: (column: Column, rule: string, got: string) => void
): Yarn | null {
  let good = true;
  const no = (column: Column, rule: string, got: string): undefined => {
    good = false;
    fail(column, rule, got);
    return undefined;
  };
  const text = (column: Column, most: number): string => {
    const value = cell(column);
    if (value === '' && NEEDED.includes(column)) no(column, 'must not be empty', value);
    if (value.length > most) no(column, `must have at most ${most} letters`, value);
    return value;
  };
  const number = (column: Column, min: number, max: number, whole = false): number | null => {
    const value = cell(column);
    if (value === '' && !NEEDED.includes(column)) return null;
    const read = readNumber(value);
    const rule = `must be a ${whole ? 'whole ' : ''}number from ${min} to ${max}`;
    if (read === undefined || read < min || read > max || (whole && !Number.isInteger(read)))
      return no(column, rule, value) ?? null;
    return read;
  };
  const name = text('name', 60);
  const colourName = text('colour name', 40);
  const fibre = text('fibre', 80);
  const metres = number('metres', 1, 5000);
  const grams = number('grams', 1, 2000);
  const weightClass = number('class', 0, 7, true);
  const strands = number('strands', 1, 3, true) ?? 1;
  const stockGrams = number('grams at hand', 0, 100_000);
  const hex = cell('colour') || '#8a8f94';
  if (!/^#[0-9a-f]{6}$/i.test(hex)) no('colour', 'must be a colour such as #c2552d', hex);
  const said = Object.fromEntries(
    (Object.keys(words) as (keyof typeof words)[]).flatMap((column) => {
      const value = cell(column).toLowerCase();
      if (value === '') return [];
      if (!words[column].includes(value)) no(column, `must be one of ${words[column].join(', ')}`, value);
      return [[column, value]];
    })
  );
  const phases = cell('phases')
    .split('|')
    .map((part) => part.trim())
    .filter(Boolean)
    .map((part) => {
      const [, phase = '', colour = '', run = ''] = /^(.+) (#[0-9a-f]{6}) ([\d.,]+)$/i.exec(part) ?? [];
      const long = readNumber(run);
      if (!phase || long === undefined) no('phases', 'must be like "Rust #c2552d 12 | Sea #1f5f73 9"', part);
      return { name: phase, hex: colour, metres: long ?? 0 };
    });
  if (!good || metres === null || grams === null) return null;
  const yarn = Yarn.safeParse({
    id,
    name,
    weightClass: weightClass ?? classOfLabel(metres, grams),
    label: { metres, grams },
    strands,
    colour: { name: colourName, hex },
    fibre,
    behaviour: { ...proposeBehaviour(fibre, USUAL).behaviour, ...said },
    phases,
    stockGrams
  });
  if (yarn.success) return yarn.data;
  // What only the whole record can tell, said of the cell it came from.
  for (const { path, message } of yarn.error.issues) {
    const column = CELL_OF[String(path[0])] ?? 'name';
    const of = PHASE_RULES[String(path[2])];
    fail(column, of ?? (message.startsWith('must') ? message : 'must be sound'), cell(column));
  }
  return null;
}

/**
 * Reads yarns from CSV: comma, semicolon or tab between cells, decimal point or comma, quotes, byte order mark. One bad
 * cell and nothing is taken; every fault names line, column, rule and what was received.
 *
 * @param text the whole file
 * @param newId makes the id of each new yarn
 */
export function readYarns(text: string, newId: () => string = () => crypto.randomUUID()): ReadYarns {
  const whole = (reason: string): ReadYarns => ({ ok: false, faults: [{ line: 1, column: '', reason }], more: 0 });
  if (text.length > LARGEST_CSV) return whole(`The file must be at most ${LARGEST_CSV / 1024 / 1024} MiB.`);
  const plain = text.replace(/^\uFEFF/, '');
  const parsed = Papa.parse<string[]>(plain, { skipEmptyLines: false, delimiter: delimiterOf(plain) });
  const [head, ...lines] = parsed.data;
  const names = (head ?? []).map((name) => name.trim().toLowerCase());
  const missing = NEEDED.filter((column) => !names.includes(column));
  if (missing.length) {
    return whole(
      `The first line must name the columns ${NEEDED.join(', ')}; ${missing.join(', ')} ${missing.length > 1 ? 'are' : 'is'} missing, received ${echo(names.join(', '))}.`
    );
  }
  if (lines.length > MOST_LINES + 1)
    return whole(`The file must have at most ${MOST_LINES} lines; received ${lines.length}.`);
  const yarns: Yarn[] = [];
  const faults: CsvFault[] = [];
  let count = 0;
  const complain = (fault: CsvFault): void => {
    if (count++ < MOST_FAULTS) faults.push(fault);
  };
  const quotes = parsed.errors.find((e) => e.type === 'Quotes');
  if (quotes)
    complain({ line: (quotes.row ?? 0) + 1, column: '', reason: 'A quotation mark is opened and never closed.' });
  const at = new Map(names.map((name, i) => [name, i]));
  let line = 1 + (head ?? []).join('').split('\n').length - 1;
  for (const cells of lines) {
    line += 1;
    const start = line;
    // A quoted cell may hold line breaks of its own.
    line += cells.join('').split('\n').length - 1;
    if (cells.every((c) => c.trim() === '')) continue;
    if (cells.length > names.length) {
      complain({
        line: start,
        column: '',
        reason: `The line must have at most ${names.length} cells; received ${cells.length}.`
      });
      continue;
    }
    const yarn = readLine(
      (column) => withoutGuard((cells[at.get(column) ?? -1] ?? '').trim()),
      newId(),
      (column, rule, got) => complain({ line: start, column, reason: `${column} ${rule}; received ${echo(got)}.` })
    );
    if (yarn) yarns.push(yarn);
  }
  if (count > 0) return { ok: false, faults, more: count - faults.length };
  return yarns.length ? { ok: true, yarns } : whole('The file has no yarn in it.');
}
