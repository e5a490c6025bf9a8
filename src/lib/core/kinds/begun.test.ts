import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import begun from '../../../../tests/fixtures/begun-edition-2.json';

/**
 * Pieces that were begun under the second edition: what the release of that day planned for every kind on a small and a large
 * ring, kept in tests/fixtures. Rows that hang on a machine cannot be laid anew.
 */
type Laid = (string | number)[];

describe('pieces begun under the second edition', () => {
  for (const [name, { options, rows }] of Object.entries(begun)) {
    const [kind, pins] = name.split(' on ') as [string, string];
    it(`${kind} on ${pins} pins: keep their pieces, pins, hole and every row; hands fold and turn as they do now`, () => {
      const kit = { ...sampleKit({ machine: { pins: Number(pins) } }), edition: 2 as const };
      const { plan, worked } = made(kind, options, kit);
      const laid = plan.pieces.map(({ label, from, to, hole, copies, operations }): Laid => [
        label,
        from,
        to,
        hole,
        copies,
        operations.map((op) => (op.op === 'knit' ? `${op.section} ${op.rows} ${op.yarn}` : op.op)).join(', ')
      ]);
      expect(laid).toEqual(rows);
      expect([worked.refusals, worked.left]).toEqual([[], []]);
    });
  }
});
