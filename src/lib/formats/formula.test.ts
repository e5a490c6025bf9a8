import fc from 'fast-check';
import Papa from 'papaparse';
import { expect, it } from 'vitest';
import { FORMULA, withoutGuard } from './formula';

const SIGNS = ['=', '+', '-', '@', '\t', '\r', '\uFF1D', '\uFF0B', '\uFF0D', '\uFF20', "'", 'a', ' ', '1'];
const anyCell = fc.array(fc.constantFrom(...SIGNS), { maxLength: 6 }).map((signs) => signs.join(''));

it('no cell that is written begins with a sign of a formula, and every one comes back as it was', () => {
  fc.assert(
    fc.property(anyCell, (cell) => {
      const text = Papa.unparse([[cell, 'x']], { escapeFormulae: FORMULA, newline: '\n' });
      const [[written]] = Papa.parse<string[]>(text).data as [[string]];
      expect(written).not.toMatch(/^[=+\-@\t\r\uFF1D\uFF0B\uFF0D\uFF20]/);
      expect(withoutGuard(written)).toBe(cell);
    })
  );
});
