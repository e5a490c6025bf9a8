import type { Finish } from '../../plan';
import { arrow, hairline, openEnd, sketchOf } from './pictures';
import type { Procedure } from './procedure';
import type { Point } from '../sketch';

/** A thread through every live stitch of an end. */
export const threadEdge: Procedure<Extract<Finish, { do: 'threadEdge' }>> = {
  words: (f, at) => ({
    title: `Thread the ${at.edge(f.edge)} of the ${at.piece(f.piece)}`,
    detail: `Cut ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}${f.doubled ? ' and use it doubled' : ''}. With a blunt needle pick up every live stitch once round, from inside to outside, a finger over the next one.`,
    minutes: 0.05 * at.run.fabric.pieces[f.piece]!.width
  }),
  sketch: (f, at) => {
    const end = openEnd(at.run, f.piece);
    const n = end.shapes.length;
    // In and out of the circle of stitches, one after the other.
    const points = Array.from({ length: 2 * n }, (_, i): Point => end.at(i / 2, end.r + (i % 2 ? 7 : -7)));
    const yarn = at.run.fabric.yarns.indexOf(f.yarn);
    return sketchOf(`One thread through all ${n} stitches, from inside to outside`, {
      shapes: end.shapes,
      lines: [{ points: [...points, end.at(-0.5, end.r + 34)], yarn, thickMm: 2.5, title: 'The thread' }],
      labels: end.labels
    });
  }
};

/** An end pulled together on its thread. */
export const drawShut: Procedure<Extract<Finish, { do: 'drawShut' }>> = {
  words: (f, at) => ({
    title: `Draw the ${at.edge(f.edge)} of the ${at.piece(f.piece)} shut`,
    detail:
      'Pull the thread little by little until no hole is left, pass it once more through the stitches, knot it on the wrong side.',
    minutes: 1
  }),
  sketch: (f, at) => {
    const end = openEnd(at.run, f.piece);
    const n = end.shapes.length;
    const arrows = [0, 1, 2, 3, 4, 5].flatMap((k) =>
      arrow(end.at((k * n) / 6 - 0.5, end.r * 0.82), end.at((k * n) / 6 - 0.5, end.r * 0.4), 'Drawn to the middle')
    );
    const ring = Array.from({ length: n + 1 }, (_, i): Point => end.at(i - 0.5, end.r));
    return sketchOf(`${n} stitches drawn to the middle`, {
      shapes: end.shapes,
      lines: [hairline(ring, { title: 'The drawn thread', thickMm: 1.5, yarn: end.yarn }), ...arrows],
      labels: end.labels
    });
  }
};
