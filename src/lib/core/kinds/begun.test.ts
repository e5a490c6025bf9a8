import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import second from '../../../../tests/fixtures/begun-edition-2.json';
import third from '../../../../tests/fixtures/begun-edition-3.json';

/**
 * Pieces that were begun under an older edition: what the release of that day planned for every kind on a small and a large
 * ring, kept in tests/fixtures. Rows and tails that hang on a machine cannot be laid anew.
 */
type Laid = (string | number)[];
interface Begun {
  readonly options: object;
  readonly rows: readonly (readonly (string | number)[])[];
  readonly tails?: readonly (readonly number[])[];
  readonly cuts?: readonly string[];
}

/** A cut as the fixture names it, its length left out: hands' yarn follows what is known now. */
const cutOf = (cut: string): string => cut.replace(/ x \d+ /, ' ');

const ofEdition = (edition: 2 | 3, fixture: Readonly<Record<string, Begun>>) => {
  describe(`pieces begun under edition ${edition}`, () => {
    for (const [name, { options, rows, tails, cuts }] of Object.entries(fixture)) {
      const [kind, pins] = name.split(' on ') as [string, string];
      it(`${kind} on ${pins} pins: keep their pieces, pins, hole, rows and tails; hands fold and turn as they do now`, () => {
        const kit = { ...sampleKit({ machine: { pins: Number(pins) } }), edition };
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
        const left = plan.pieces.map(({ operations }) =>
          operations.flatMap((op) =>
            op.op === 'castOn' || op.op === 'newEnd' ? [op.tailMm] : op.op === 'hangOff' ? [op.threadMm] : []
          )
        );
        if (tails) expect(left).toEqual(tails);
        // Ladders are chained in one go now, with fewer ends.
        const kept = (cut: string): boolean => !cut.startsWith('ladder ');
        const cut = worked.cuts.map(({ yarn: of, what, count }) => `${what} ${count} ${of}`);
        if (cuts) expect(cut.filter(kept)).toEqual(cuts.map(cutOf).filter(kept));
        expect(
          plan.pieces.some((piece) =>
            piece.operations.some((op) => op.op === 'knit' && (op.firstTailMm ?? op.lastTailMm) !== undefined)
          )
        ).toBe(false);
      });
    }
  });
};
ofEdition(2, second);
ofEdition(3, third);
