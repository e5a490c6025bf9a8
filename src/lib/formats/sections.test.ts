import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { ColourSection } from '$lib/core/plan';
import { LARGEST_SECTIONS, readSections, sectionsCsv, sectionsJson } from './sections';

const yarns: Readonly<Record<string, string>> = {
  a: 'Reedwick, Ember',
  b: '=SUM(A1)',
  c: '"Quoted", tide',
  d: '-dash',
  e: "'=SUM(A1)",
  f: '\uFF1DSUM(A1)',
  g: "'''@x"
};
const nameOf = (id: string): string => yarns[id]!;
const idOf = (name: string): string | undefined => Object.keys(yarns).find((id) => yarns[id] === name);
const tension = fc.record({ hole: fc.integer({ min: 1, max: 5 }), fingers: fc.constantFrom('loose' as const, 'usual' as const, 'firm' as const) }, { requiredKeys: [] }); // prettier-ignore
const section = fc.record({ yarn: fc.constantFrom(...Object.keys(yarns)), rows: fc.integer({ min: 1, max: 5000 }), locked: fc.constant(false) }).chain((s) => tension.map((t): ColourSection => ({ ...s, ...t }))); // prettier-ignore

describe('files of sections', () => {
  it('come back as they went out, as CSV and as JSON', () => {
    fc.assert(
      fc.property(fc.array(section, { minLength: 1, maxLength: 60 }), (sections: ColourSection[]) => {
        expect(readSections(sectionsJson(sections, nameOf), idOf)).toEqual({ ok: true, sections });
        expect(readSections(sectionsCsv(sections, nameOf), idOf)).toEqual({ ok: true, sections });
      })
    );
  });

  it('have nothing that a spreadsheet would run', () => {
    const csvOf = (yarn: string): string => sectionsCsv([{ yarn, rows: 3, locked: false }], nameOf);
    expect(csvOf('b')).toContain(`,"'=SUM(A1)",`);
    // In full width as well, which some take for the same (OWASP, CSV Injection); and a name that begins with an apostrophe keeps it.
    expect(csvOf('f')).toContain(`,"'\uFF1DSUM(A1)",`);
    expect(csvOf('e')).toContain(`,"''=SUM(A1)",`);
  });

  it.each([
    ['', 'must name the columns yarn and rows'],
    ['yarn,rows\n', 'at least one section; received none'],
    ['yarn,rows\nMoss,5', 'Section 1: yarn must be one of the stash; received "Moss"'],
    ['yarn,rows\n"Reedwick, Ember",0', 'Section 1: rows must be at least 1; received "0"'],
    ['yarn,rows\n"Reedwick, Ember",many', 'Section 1: rows must be a number; received "many"'],
    ['yarn,rows,hole\n"Reedwick, Ember",3,9', 'Section 1: hole must be at most 5; received "9"'],
    ['yarn,rows,fingers\n"Reedwick, Ember",3,tight', 'Section 1: fingers must be loose, usual, firm; received "tight"'],
    [
      '{"format":"tomble-sections","version":1,"sections":[{"yarn":7,"rows":3}]}',
      'Section 1: yarn must name a yarn; received 7.'
    ],
    ['{"format":"other"}', 'format tomble-sections'],
    ['{"format"', 'it begins like JSON and is none'],
    [
      `${'['.repeat(20_000)}${']'.repeat(20_000)}`,
      'The file must nest lists and objects at most 64 deep; received more.'
    ],
    [`yarn,rows\n${'"Reedwick, Ember",1\n'.repeat(401)}`, 'must have at most 400 sections; received more'],
    ['x'.repeat(LARGEST_SECTIONS + 1), 'The file must be at most 1024 KiB; received 1025 KiB.']
  ])('%j is refused with what is wrong', (text, reason) => {
    const read = readSections(text, idOf);
    expect(read.ok ? '' : read.reasons.join(' ')).toContain(reason);
  });

  it('any text is read or refused, never thrown at', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.json(),
          fc.string().map((s) => `yarn,rows\n${s}`)
        ),
        (text) => {
          const read = readSections(text, idOf);
          if (!read.ok) expect(read.reasons.length).toBeGreaterThan(0);
        }
      ),
      { numRuns: 300 }
    );
  });
});
