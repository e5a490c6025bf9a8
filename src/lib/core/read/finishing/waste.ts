import type { Finish } from '../../plan';
import { across, flatPiece, sheet, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Waste yarn comes away once the stitches are held. */
export const removeWaste: Procedure<Extract<Finish, { do: 'removeWaste' }>> = {
  words: (f, at) => ({
    title: `Take the waste yarn off the ${at.edge(f.edge)} of the ${at.piece(f.piece)}`,
    detail: `${f.rows} ${f.rows === 1 ? 'row comes' : 'rows come'} away${f.edge === 'cast-on' ? '; unpick from the cast-on, it runs only that way' : ''}. Check that no stitch slipped. Keep the strip: you know its row count.`,
    minutes: 1 + f.rows * 0.15
  }),
  sketch: (f, at) => {
    const flat = flatPiece(at.run, f.piece);
    const end = f.edge === 'cast-on';
    const y = end ? flat.lengthMm : -34;
    const cut = across(flat.half, end ? flat.lengthMm : 0, `${f.rows} waste rows`);
    return sketchOf(
      `The waste lies ${end ? 'below the first' : 'above the last'} row of the work`,
      {
        shapes: [...flat.shapes, sheet(-flat.half, y, 2 * flat.half, 34, 'Waste yarn')],
        lines: [cut.line],
        labels: [cut.label]
      },
      flat.grain
    );
  }
};
