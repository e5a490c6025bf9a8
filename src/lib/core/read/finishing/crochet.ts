import type { Finish } from '../../plan';
import type { SketchLine } from '../sketch';
import { openEnd, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** A crocheted edge through the live stitches. */
export const crochetEdge: Procedure<Extract<Finish, { do: 'crochetEdge' }>> = {
  words: (f, at) => {
    const n = at.run.fabric.pieces[f.piece]!.width * f.perPin;
    return {
      title: `Crochet round the ${at.edge(f.edge)} of the ${at.piece(f.piece)}: ${n} stitches`,
      detail: `${f.perPin === 2 ? 'One stitch in every loop and one between: it gives when the foot or hand goes through' : 'One stitch in every loop'}, with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}. Close the round with a slip stitch.`,
      minutes: n * 0.08 + 1
    };
  },
  sketch: (f, at) => {
    const end = openEnd(at.run, f.piece);
    const n = end.shapes.length * f.perPin;
    const loops = Array.from({ length: n }, (_, i): SketchLine => {
      const from = i / f.perPin;
      const to = (i + 1) / f.perPin;
      return {
        points: [end.at(from, end.r + 6), end.at((from + to) / 2, end.r + 15), end.at(to, end.r + 6)],
        yarn: at.run.fabric.yarns.indexOf(f.yarn),
        thickMm: 2.5
      };
    });
    return sketchOf(`${n} crocheted stitches round ${end.shapes.length} loops`, {
      shapes: end.shapes,
      lines: loops,
      labels: end.labels.map((l) => ({ ...l, at: [l.at[0] * 1.12, l.at[1] * 1.12] as const }))
    });
  }
};

/** A cuff worked in rounds with a repeat. */
export const cuff: Procedure<Extract<Finish, { do: 'cuff' }>> = {
  words: (f, at) => ({
    title: `Crochet the cuffs: ${f.rounds} rounds of ${f.stitches} stitches`,
    detail: `Pick up ${f.stitches} stitches round each sleeve end, through both tubes, ${f.stitches / f.repeat === Math.floor(f.stitches / f.repeat) ? `${f.stitches / f.repeat} repeats of ${f.repeat}` : `a repeat of ${f.repeat} that does not come out`}. ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)} for both.`,
    minutes: 2 * f.rounds * f.stitches * 0.06
  })
};
