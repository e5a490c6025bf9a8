import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { hat, medium, sampleKit } from '../../../tests/support/sample';
import { ROW_COLUMNS, rowTable } from './row-table';

const parse = (csv: string) => Papa.parse<Record<string, string>>(csv, { header: true });

describe('rowTable', () => {
  const result = hat({ waste: 'few', separator: true });
  const table = parse(rowTable(result));

  it('has one line for every row of the fabric, counted in all and in the section', () => {
    const piece = result.fabric.pieces[0]!;
    expect(table.errors).toEqual([]);
    expect(table.meta.fields).toEqual([...ROW_COLUMNS]);
    expect(table.data.map((line) => Number(line['row in all']))).toEqual(
      Array.from({ length: piece.rows }, (_, i) => i + 1)
    );
    let expected = 0;
    let section = '';
    for (const line of table.data) {
      expected = line['section'] === section ? expected + 1 : 1;
      section = line['section']!;
      expect(Number(line['row in section'])).toBe(expected);
    }
  });

  it('agrees with the yarn use about stitches of each yarn', () => {
    const count = new Map<string, number>();
    for (const line of table.data)
      count.set(line['colour']!, (count.get(line['colour']!) ?? 0) + Number(line['stitches']));
    expect([...count.values()].reduce((a, b) => a + b)).toBe(result.fabric.pieces[0]!.rows * 48);
  });

  it('leaves the counter empty on a machine that has none', () => {
    const none = hat({}, sampleKit({ machine: { counter: 'none' } }));
    expect(new Set(parse(rowTable(none)).data.map((line) => line['counter shows']))).toEqual(new Set(['']));
  });

  // The characters a spreadsheet takes for a formula: OWASP, CSV injection (from memory of the guide).
  it.each(['=1+1', '+1', '-1', '@now'])('makes a name such as %j harmless', (name) => {
    const kit = sampleKit({ yarns: [{ ...medium('red', '#b03020'), name }, medium('blue', '#205080')] });
    const cell = parse(rowTable(hat({ yarn: 'red', liningYarn: 'blue' }, kit))).data[0]!['yarn'];
    expect(cell).toBe(`'${name}`);
  });

  it('keeps quotes, commas and line breaks inside their cell', () => {
    const name = 'Old "river", 2\nply';
    const kit = sampleKit({ yarns: [{ ...medium('red', '#b03020'), name }, medium('blue', '#205080')] });
    expect(parse(rowTable(hat({ yarn: 'red', liningYarn: 'blue' }, kit))).data[0]!['yarn']).toBe(name);
  });
});
