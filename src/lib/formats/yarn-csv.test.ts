import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { medium } from '../../../tests/support/sample';
import { readYarns, writeYarns, YARN_COLUMNS } from './yarn-csv';

const HEAD = 'name,colour name,metres,grams';
const read = (text: string) => readYarns(text, () => 'id');
const faults = (text: string): string[] => {
  const got = read(text);
  return got.ok ? [] : got.faults.map((f) => `${f.line} ${f.column}: ${f.reason}`);
};

describe('yarns as CSV', () => {
  const anyText = fc.string({ minLength: 1, maxLength: 30 }).filter((t) => t.trim() === t && !t.startsWith("'"));
  it('come back as they went, whatever their names hold', () => {
    const yarn = fc
      .record({
        name: anyText,
        colour: anyText,
        metres: fc.integer({ min: 1, max: 5000 }),
        grams: fc.integer({ min: 1, max: 2000 }),
        stock: fc.option(fc.double({ min: 0, max: 900, noNaN: true })),
        phases: fc.array(fc.constantFrom('Rust', 'Deep sea'), { maxLength: 3 })
      })
      .map((r) =>
        medium('id', '#12ab9f', {
          name: r.name,
          colour: { name: r.colour, hex: '#12ab9f' },
          label: { metres: r.metres, grams: r.grams },
          stockGrams: r.stock === null ? null : Math.round(r.stock * 10) / 10,
          phases: r.phases.map((name) => ({ name, hex: '#a0b1c2', metres: 7.5 }))
        })
      );
    fc.assert(
      fc.property(fc.array(yarn, { minLength: 1, maxLength: 8 }), (yarns) => {
        const back = read(writeYarns(yarns));
        if (!back.ok) throw new Error(JSON.stringify(back.faults));
        expect(back.yarns).toEqual(yarns);
      })
    );
  });

  it('signs in the cells do not pass for what stands between them (found at random, seed 1478579208)', () => {
    const yarn = medium('id', '#12ab9f', { name: ';#', colour: { name: ';"', hex: '#12ab9f' } });
    const many = [yarn, { ...yarn, name: ';;;;' }, { ...yarn, name: '\t;\t' }];
    const back = read(writeYarns(many));
    expect(back.ok && back.yarns.map((y) => y.name)).toEqual([';#', ';;;;', ';']);
  });

  // The characters a spreadsheet takes for a formula: OWASP, CSV injection (from memory of the guide).
  it.each(['=HYPERLINK("x")', '+1', '-2', '@sum'])('a name such as %j leaves as plain text', (name) => {
    const text = writeYarns([medium('id', '#000000', { name })]);
    const cell = Papa.parse<string[]>(text.slice(1)).data[1]![0];
    expect(cell).toBe(`'${name}`);
  });

  it('begins with a byte order mark and names its columns', () => {
    expect(writeYarns([medium('id', '#000000')]).startsWith(`\uFEFF${YARN_COLUMNS.join(',')}\n`)).toBe(true);
  });

  it.each([
    ['commas', `${HEAD}\nReed,Ember,200,100`],
    ['semicolons and decimal commas', `name;colour name;metres;grams\nReed;Ember;"200,0";100,0`],
    ['tabs', 'name\tcolour name\tmetres\tgrams\nReed\tEmber\t200\t100'],
    ['a byte order mark', `\uFEFF${HEAD}\nReed,Ember,200,100`],
    ['other order, other case, windows line ends', 'GRAMS,Metres,Colour Name,Name\r\n100,200,Ember,Reed\r\n\r\n'],
    ['quotes', `${HEAD}\n"Reed","Ember","200","100"`]
  ])('reads %s', (_what, text) => {
    const got = read(text);
    expect(
      got.ok && got.yarns.map((y) => [y.name, y.colour.name, y.label.metres, y.label.grams, y.weightClass])
    ).toEqual([['Reed', 'Ember', 200, 100, 4]]);
  });

  it.each<[string, string, string[]]>([
    [
      'no columns',
      'a,b\n1,2',
      [
        '1 : The first line must name the columns name, colour name, metres, grams; name, colour name, metres, grams are missing, received "a, b".'
      ]
    ],
    [
      'nothing',
      '',
      [
        '1 : The first line must name the columns name, colour name, metres, grams; name, colour name, metres, grams are missing, received nothing.'
      ]
    ],
    ['no lines', HEAD, ['1 : The file has no yarn in it.']],
    [
      'words for metres',
      `${HEAD}\nReed,Ember,many,100`,
      ['2 metres: metres must be a number from 1 to 5000; received "many".']
    ],
    [
      'an empty name on line 3',
      `${HEAD}\nReed,Ember,200,100\n,Tide,200,100`,
      ['3 name: name must not be empty; received nothing.']
    ],
    [
      'a class of 9',
      `${HEAD},class\nReed,Ember,200,100,9`,
      ['2 class: class must be a whole number from 0 to 7; received "9".']
    ],
    [
      'an unknown word',
      `${HEAD},wash\nReed,Ember,200,100,never`,
      ['2 wash: wash must be one of machine, hand; received "never".']
    ],
    [
      'a line break in a cell before the fault',
      `${HEAD},fibre\nReed,Ember,200,100,"wool,\nmostly"\nMill,Oat,0,100,wool`,
      ['4 metres: metres must be a number from 1 to 5000; received "0".']
    ],
    ['too many cells', `${HEAD}\nReed,Ember,200,100,more`, ['2 : The line must have at most 4 cells; received 5.']]
  ])('refuses %s, with line, column and reason', (_what, text, reasons) => expect(faults(text)).toEqual(reasons));

  it('an open quotation mark is named', () =>
    expect(faults(`${HEAD}\n"Reed,Ember,200,100`).join()).toContain('never closed'));

  it('one bad cell and nothing is taken', () => {
    const lines = Array.from({ length: 200 }, (_, i) => `Reed ${i},Ember,${i === 150 ? 'x' : 200},100`);
    const got = read([HEAD, ...lines].join('\n'));
    expect(got.ok).toBe(false);
    expect(faults([HEAD, ...lines].join('\n'))).toEqual([
      '152 metres: metres must be a number from 1 to 5000; received "x".'
    ]);
  });

  it('reads 50,000 lines, and names a few of 50,000 faults', () => {
    const lines = Array.from({ length: 50_000 }, (_, i) => `Reed ${i};Ember;"200,5";100`);
    const got = read(['name;colour name;metres;grams', ...lines].join('\n'));
    expect(got.ok && got.yarns.length).toBe(50_000);
    const bad = read(['name;colour name;metres;grams', ...lines.map(() => ';;x;y')].join('\n'));
    expect(!bad.ok && [bad.faults.length, bad.more]).toEqual([50, 50_000 * 4 - 50]);
    expect(faults(['name;colour name;metres;grams', ...lines, lines[0], lines[0]].join('\n')).join()).toContain(
      'at most 50000 lines; received 50002'
    );
  });

  it('a phase longer than any ball, and one of no length, are answered where they stand', () => {
    const heads = `${HEAD},phases`;
    expect(faults(`${heads}\nA,B,200,100,Rust #c2552d 5000`)).toEqual([
      '2 phases: phases must give every phase 0.1 to 2000 metres; received "Rust #c2552d 5000".'
    ]);
    expect(faults(`${heads}\nA,B,200,100,Rust #c2552d 0`)).toHaveLength(1);
    expect(faults(`${HEAD}\nA\u0000,B,200,100`)).toEqual([
      '2 name: name must hold letters that can be shown, without control signs; received "A\\u0000".'
    ]);
  });
});
