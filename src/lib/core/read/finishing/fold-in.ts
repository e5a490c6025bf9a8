import type { Finish } from '../../plan';
import { across, flatPiece, arrow, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** One half of a tube goes inside the other. */
export const pushInside: Procedure<Extract<Finish, { do: 'pushInside' }>> = {
  words: (f) => ({
    title: 'Push one half inside the other',
    detail: `The fold falls at work row ${f.foldRow}, where both layers are equally long. Knots lie between the layers.`,
    minutes: 0.5
  }),
  sketch: (f, at) => {
    const flat = flatPiece(at.run, f.piece);
    const y = flat.yAt(f.foldRow);
    const fold = across(flat.half, y, `fold, row ${f.foldRow}`, { dashed: true });
    return sketchOf(
      `The fold at work row ${f.foldRow} of ${flat.rows}`,
      {
        shapes: flat.shapes,
        lines: [fold.line, ...arrow([0, flat.lengthMm * 0.12], [0, y - 12], 'This half goes inside')],
        labels: [fold.label]
      },
      flat.grain
    );
  }
};

/** The brim goes up. */
export const turnUp: Procedure<Extract<Finish, { do: 'turnUp' }>> = {
  words: (f, at) => ({
    title: `Turn the brim up ${at.len(f.heightMm)}`,
    detail: 'The lining next to the fold now shows outside. The line of colour changes goes to the back.',
    minutes: 0.2
  })
};
