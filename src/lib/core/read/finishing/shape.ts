import type { Finish } from '../../plan';
import { mainYarn } from '../executed';
import type { Point } from '../sketch';
import { across, arrow, edgeY, flatPiece, hairline, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Inside out, or not. */
export const turnOut: Procedure<Extract<Finish, { do: 'turnOut' }>> = {
  words: (f, at) => ({
    title:
      f.side === 'purl' ? `Turn the ${at.piece(f.piece)} purl side out` : `Turn the ${at.piece(f.piece)} knit side out`,
    detail:
      f.side === 'purl'
        ? 'The bumpy side faces out: it foams and scrubs better. Off the machine the knit side is outside.'
        : 'The smooth side faces out; seams and tails lie inside.',
    minutes: 0.3
  })
};

/** A drawn toe sewn flat. */
export const sewToe: Procedure<Extract<Finish, { do: 'sewToe' }>> = {
  words: (f, at) => ({
    title: `Sew the toe of the ${at.piece(f.piece)} flat`,
    detail: `A drawn toe is a bulky point in a shoe: push it in, lay the folds side by side and sew across them with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
    minutes: 2.5
  }),
  sketch: (f, at) => {
    const flat = flatPiece(at.run, f.piece);
    const y = edgeY(f.edge, flat.lengthMm);
    const inner = y === 0 ? 24 : y - 24;
    const mark = across(flat.half * 0.7, inner, 'sewn across', { dashed: true });
    return sketchOf(
      'The drawn end pushed in and sewn across',
      {
        shapes: flat.shapes,
        lines: [mark.line, ...arrow([0, y === 0 ? -30 : y + 30], [0, inner], 'Pushed in')],
        labels: [mark.label]
      },
      flat.grain
    );
  }
};

/** The folds of a bag from a rectangle three times as long as it is tall. */
export const foldBag: Procedure<Extract<Finish, { do: 'foldBag' }>> = {
  words: (f, at) => ({
    title: [
      'Lay the closed tube down lengthwise',
      'Fold the left lower corner up',
      'Fold the right upper corner down',
      'Close the square and look at both seams'
    ][f.fold - 1]!,
    detail: [
      `A rectangle of ${at.len(3 * f.heightMm)} by ${at.len(f.heightMm)}: three squares side by side.`,
      `The left end turns until it lies along the upper edge of the middle square: ${at.len(f.heightMm)} of edge on ${at.len(f.heightMm)} of side.`,
      'The right end turns the other way round until it lies along the lower edge of the middle square, on the back.',
      'A square with a point at two opposite corners. The two seams run along the lines drawn; the points carry the handle.'
    ][f.fold - 1]!,
    minutes: 0.5
  }),
  sketch: (f, at) => {
    const h = f.heightMm;
    const lengthMm = 3 * h;
    const yarn = mainYarn(at.run.fabric.pieces[f.piece]!);
    const area = (points: readonly Point[], title: string, solid = 1) => ({ points, yarn, title, solid });
    const middle = area([[h, 0], [2 * h, 0], [2 * h, h], [h, h]], 'The middle square'); // prettier-ignore
    const left = area([[0, 0], [h, 0], [h, h], [0, h]], 'Left square'); // prettier-ignore
    const right = area([[2 * h, 0], [3 * h, 0], [3 * h, h], [2 * h, h]], 'Right square'); // prettier-ignore
    const leftUp = area([[h, 0], [h, h], [2 * h, 0]], 'Left end folded along the upper edge'); // prettier-ignore
    const rightDown = area([[2 * h, h], [2 * h, 0], [h, h]], 'Right end folded along the lower edge', 0.6); // prettier-ignore
    const size = { stitchMm: 7, rowMm: 5 };
    const third = (x: number) => hairline([[x, 0], [x, h]], { dashed: true }); // prettier-ignore
    const measure = {
      at: [1.5 * h, h + 22] as const,
      text: `${at.len(lengthMm)} = 3 x ${at.len(h)}`,
      anchor: 'middle' as const
    };
    const steps = [
      () =>
        sketchOf(
          'Three squares side by side',
          { shapes: [left, middle, right], lines: [third(h), third(2 * h)], labels: [measure] },
          size
        ),
      () =>
        sketchOf('The left end turns up onto the upper edge', {
          shapes: [middle, right, leftUp],
          lines: [third(2 * h), hairline([[h, h], [2 * h, 0]], { dashed: true, title: 'Fold' }), ...arrow([h * 0.35, h * 0.8], [h * 1.25, h * 0.2], 'Corner up')] // prettier-ignore
        }, size), // prettier-ignore
      () =>
        sketchOf('The right end turns down behind', {
          shapes: [rightDown, middle, leftUp],
          lines: [...arrow([h * 2.65, h * 0.2], [h * 1.85, h * 1.1], 'Other corner, behind')]
        }, size), // prettier-ignore
      () =>
        sketchOf('The square with its two seams', {
          shapes: [middle],
          lines: [
            hairline([[h, 0], [2 * h, 0]], { strong: true, title: 'Seam in front' }), // prettier-ignore
            hairline([[h, h], [2 * h, h]], { strong: true, dashed: true, title: 'Seam behind' }) // prettier-ignore
          ],
          labels: [
            { at: [1.5 * h, -10], text: 'seam in front', anchor: 'middle' },
            { at: [1.5 * h, h + 20], text: 'seam behind', anchor: 'middle' }
          ]
        }, size) // prettier-ignore
    ];
    return steps[f.fold - 1]!();
  }
};
