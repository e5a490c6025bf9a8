import type { Operation } from '../plan';
import { describe, expect, it } from 'vitest';
import { made, medium, sampleKit } from '../../../../tests/support/sample';
import second from '../../../../tests/fixtures/begun-edition-2.json';
import fifth from '../../../../tests/fixtures/begun-edition-5.json';
import fourth from '../../../../tests/fixtures/begun-edition-4.json';
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

/** An operation as the fixture names it: since the fourth edition with what is shaped. */
function named(op: Operation, edition: number): string {
  if (op.op === 'knit') return `${op.section} ${op.rows} ${op.yarn}`;
  const shapes = op.op === 'decrease' || op.op === 'increase' || op.op === 'hold';
  return shapes && edition >= 4 ? `${op.op} ${op.side} ${op.stitches}` : op.op;
}

/** Yarns of the fixtures since the fifth edition: enough to choose a waste yarn from. */
const MANY = [
  medium('red', '#b03020'),
  medium('blue', '#205080'),
  medium('fir', '#2f6b3a'),
  medium('lemon', '#e8d44d')
];

/** A cut as the fixture names it, its length left out: hands' yarn follows what is known now. */
const cutOf = (cut: string): string => cut.replace(/ x \d+ /, ' ');

const ofEdition = (edition: 2 | 3 | 4 | 5, fixture: Readonly<Record<string, Begun>>) => {
  describe(`pieces begun under edition ${edition}`, () => {
    for (const [name, { options, rows, tails, cuts }] of Object.entries(fixture)) {
      const [kind, on] = name.split(' on ') as [string, string];
      const pins = on.split(',')[0]!;
      it(`${kind} on ${on} pins: keep their pieces, pins, hole, rows and tails; hands fold and turn as they do now`, () => {
        const kit = {
          ...sampleKit({ machine: { pins: Number(pins) }, ...(edition >= 5 ? { yarns: MANY } : {}) }),
          edition
        };
        const { plan, worked } = made(kind, options, kit);
        const laid = plan.pieces.map(({ label, from, to, hole, copies, operations }): Laid => [
          label,
          from,
          to,
          hole,
          copies,
          operations.map((op) => named(op, edition)).join(', ')
        ]);
        expect(laid).toEqual(rows);
        expect([worked.refusals, worked.left]).toEqual([[], []]);
        const left = plan.pieces.map(({ operations }) =>
          operations.flatMap((op) =>
            op.op === 'castOn' || op.op === 'newEnd' ? [op.tailMm] : op.op === 'hangOff' ? [op.threadMm] : []
          )
        );
        if (tails) expect(left).toEqual(tails);
        // Ladders are chained in one go now, with fewer ends; the armholes of a waistcoat are edged.
        const kept = (cut: string): boolean =>
          !cut.startsWith('ladder ') && !(kind === 'waistcoat' && cut.startsWith('edge '));
        const cut = worked.cuts.map(({ yarn: of, what, count }) => `${what} ${count} ${of}`);
        if (cuts) expect(cut.filter(kept)).toEqual(cuts.map(cutOf).filter(kept));
        if (edition < 4)
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
ofEdition(4, fourth);
ofEdition(5, fifth);
