import type { Finish } from '../../plan';
import type { Point } from '../sketch';
import { hairline, openEnd, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Both crowns knotted to one another between the layers. */
export const joinCrowns: Procedure<Extract<Finish, { do: 'joinCrowns' }>> = {
  words: () => ({
    title: 'Tie the two crowns together',
    detail:
      'Reach in between the layers and knot the two closing tails to one another, so that the lining cannot slip.',
    minutes: 0.75
  })
};

/** Outer and inner edge joined stitch by stitch before they are drawn. */
export const zipEdges: Procedure<Extract<Finish, { do: 'zipEdges' }>> = {
  words: (f, at) => ({
    title: 'Zip both edges together',
    detail: `One thread of ${at.len(f.lengthMm)} in ${at.yarn(f.yarn)}: one stitch of the outer edge, one of the inner, all ${f.stitches} pairs. Never catch the running thread itself: it snaps.`,
    why: 'Zipped first: flat, without a lump. Drawing each end by itself is quicker.',
    minutes: 0.1 * f.stitches
  }),
  sketch: (f, at) => {
    const end = openEnd(at.run, f.piece);
    const n = end.shapes.length;
    const inner = Array.from({ length: n }, (_, i) => ({
      points: [-3, 3].flatMap((a): Point[] => [end.at(i + a * 0.05, end.r - 18), end.at(i + a * 0.05, end.r - 24)]),
      yarn: end.yarn,
      title: `Stitch ${i + 1} of the lining`
    }));
    const pairs = Array.from({ length: n }, (_, i) => hairline([end.at(i, end.r), end.at(i, end.r - 21)]));
    return sketchOf(`${f.stitches} pairs: each outer stitch with the inner one beside it`, {
      shapes: [...end.shapes, ...inner],
      lines: pairs,
      labels: end.labels
    });
  }
};

/** Two zipped edges drawn little by little. */
export const drawBoth: Procedure<Extract<Finish, { do: 'drawBoth' }>> = {
  words: () => ({
    title: 'Draw both edges shut in turn',
    detail: 'A little on the one thread, a little on the other. Pulling one too fast leaves inner loops hanging.',
    minutes: 1.5
  })
};
