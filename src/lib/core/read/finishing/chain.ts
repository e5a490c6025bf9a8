import type { Finish } from '../../plan';
import type { SketchLine } from '../sketch';
import { across, flatPiece, hairline, sketchOf } from './pictures';
import type { Procedure } from './procedure';

const WHAT = { loop: 'loop', strap: 'strap', drawstring: 'drawstring' } as const;
const HOW = {
  loop: 'Fasten both ends of each at a corner.',
  strap: 'Sew each on at front and back, twice through.',
  drawstring: 'Knot both ends so that they cannot slip back.'
} as const;

/** A chain worked with a hook. */
export const chain: Procedure<Extract<Finish, { do: 'chain' }>> = {
  words: (f, at) => ({
    title: `Chain ${f.count === 1 ? `a ${WHAT[f.what]}` : `${f.count} ${WHAT[f.what]}s`} of ${at.len(f.chainMm)}: ${f.stitches} chains${f.count > 1 ? ' each' : ''}`,
    detail: `In ${at.yarn(f.yarn)}, ${at.len(f.lengthMm)} of it${f.count > 1 ? ' for each' : ''}. ${HOW[f.what]}`,
    minutes: f.count * (0.05 * f.stitches + 1)
  }),
  sketch: (f, at) => {
    const drawn = Math.min(f.stitches, 24);
    const lines = Array.from({ length: drawn }, (_, i): SketchLine => ({
      points: [
        [i * 12, 0],
        [i * 12 + 5, -4],
        [i * 12 + 12, 0],
        [i * 12 + 5, 4],
        [i * 12, 0]
      ],
      yarn: at.run.fabric.yarns.indexOf(f.yarn),
      thickMm: 2.2
    }));
    const text = drawn < f.stitches ? `${f.stitches} chains, ${drawn} drawn` : `${f.stitches} chains`;
    return sketchOf(`A chain of ${f.stitches}`, { lines, labels: [{ at: [drawn * 6, 26], text, anchor: 'middle' }] });
  }
};

/** Tie cords of a hat. */
export const ties: Procedure<Extract<Finish, { do: 'ties' }>> = {
  words: (f, at) => ({
    title: `Chain ${f.count} cords of ${at.len(f.lengthMm)}`,
    detail: `In ${at.yarn(f.yarn)}, fastened at the sides of the brim.`,
    minutes: 3 * f.count
  })
};

/** A cord drawn through a channel. */
export const threadCord: Procedure<Extract<Finish, { do: 'threadCord' }>> = {
  words: (f, at) => ({
    title: 'Thread the cord through the channel',
    detail: `Begin at the marker column, once round, out beside where it went in: ${at.len(f.lengthMm)} of cord, both ends knotted together.`,
    minutes: 2
  }),
  sketch: (f, at) => {
    const flat = flatPiece(at.run, f.piece);
    const [doubled] = at.run.fabric.pieces[f.piece]!.doubled;
    const rows = doubled ? (doubled.to - doubled.from + 1) / 2 : 4;
    const y = flat.lengthMm * (1 - rows / 2 / Math.max(1, flat.rows - rows));
    const mark = across(flat.half, y, 'cord', { thickMm: 4 });
    const below = flat.lengthMm * (1 - rows / Math.max(1, flat.rows - rows));
    return sketchOf(
      `The cord runs inside the doubled edge of ${rows} rows`,
      {
        shapes: flat.shapes,
        lines: [mark.line, hairline([[-flat.half, below], [flat.half, below]], { dashed: true, title: 'Row 1, lifted back' })], // prettier-ignore
        labels: [mark.label]
      },
      flat.grain
    );
  }
};
