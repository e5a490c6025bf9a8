import type { Finish } from '../../plan';
import { type SketchLine } from '../sketch';
import { arrow, flatEnd, flatPiece, hairline, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** A flattened end closed straight across. */
export const flatClose: Procedure<Extract<Finish, { do: 'flatClose' }>> = {
  words: (f, at) => {
    const n = at.run.fabric.pieces[f.piece]!.width;
    const half = Math.floor(n / 2);
    const left = n - 2 * half;
    const pairs =
      f.layers === 4 ? `${half} groups of four, one stitch from each layer` : `${half} pairs, pin 1 with pin ${n}`;
    const odd = left ? ` One stitch is left over: take it together with its neighbour.` : '';
    return {
      title:
        f.layers === 4
          ? 'Close both ends together, straight across'
          : `Close the ${at.edge(f.edge)} of the ${at.piece(f.piece)} straight across`,
      detail: `Flatten it so that the line of joins is at one side: ${pairs}.${odd} ${f.by === 'hook' ? 'Hook through all layers, draw the yarn through, and on to the next' : 'Sew through all layers, stitch by stitch'}, with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
      why:
        f.by === 'hook'
          ? 'With a hook: quick, a firm ridge that also carries weight. With a needle: flatter.'
          : 'With a needle: flat and soft. With a hook: quicker and firmer.',
      minutes: half * (f.layers === 4 ? 0.18 : 0.12) + 1
    };
  },
  sketch: (f, at) => {
    const end = flatEnd(at.run, f.piece, f.layers);
    const seam: SketchLine = {
      points: Array.from({ length: end.half }, (_, i) => [i * 10 + 5, end.bottom / 2 + (i % 2 ? 4 : -4)] as const),
      yarn: at.run.fabric.yarns.indexOf(f.yarn),
      thickMm: 2.5,
      title: f.by === 'hook' ? 'The hooked chain' : 'The sewing thread'
    };
    return sketchOf(`Which pins face each other: ${end.half} ${f.layers === 4 ? 'groups of four' : 'pairs'}`, {
      shapes: end.shapes,
      lines: [...end.lines, seam],
      labels: end.labels
    });
  }
};

/** Two corners tied off into ears. */
export const ears: Procedure<Extract<Finish, { do: 'ears' }>> = {
  words: (f, at) => ({
    title: 'Shape the two ears',
    detail: `On the head the corners stand up by themselves. For round ears gather each corner ${at.len(60)} down with ${at.len(f.lengthMm / 2)} of ${at.yarn(f.yarn)}, twice round, knotted inside.`,
    minutes: 3
  }),
  sketch: (f, at) => {
    const rows = at.run.fabric.pieces[f.piece]!;
    const flat = flatPiece(at.run, f.piece, { from: 0, to: Math.max(1, Math.floor(rows.rows / 2)) });
    const reach = flat.half * 0.62;
    const cut = (side: 1 | -1): SketchLine =>
      hairline([[side * flat.half, reach], [side * (flat.half - reach), 0]], { strong: true, dashed: true, title: 'Gathered here' }); // prettier-ignore
    return sketchOf(
      'Each corner gathered along a slanting line',
      { shapes: flat.shapes, lines: [cut(-1), cut(1), ...arrow([0, -26], [-flat.half * 0.8, -8], 'An ear')] },
      flat.grain
    );
  }
};
