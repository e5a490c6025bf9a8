import type { Finish } from '../../plan';
import { across, flatPiece, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Filling. */
export const stuff: Procedure<Extract<Finish, { do: 'stuff' }>> = {
  words: (f, at) => ({
    title: `Stuff the ${at.piece(f.piece)}: about ${f.grams < 10 ? f.grams.toFixed(1) : Math.round(f.grams)} g`,
    detail: `Small pulls of filling, the far end first, until it is ${at.len(f.girthMm)} round and no filling shows between the stitches. The weight is an estimate.`,
    minutes: 1 + f.grams * 0.15
  })
};

/** A thread drawn round a tube: head and body from one piece. */
export const waist: Procedure<Extract<Finish, { do: 'waist' }>> = {
  words: (f, at) => ({
    title: `Draw a waist at row ${f.row} of the ${at.piece(f.piece)}`,
    detail: `Run ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)} through every second stitch of row ${f.row}, draw it, once more round, knot, and lose the ends inside.`,
    minutes: 2
  }),
  sketch: (f, at) => {
    const flat = flatPiece(at.run, f.piece);
    const mark = across(flat.half, flat.yAt(f.row), `row ${f.row}`);
    return sketchOf(
      `The waist at row ${f.row} of ${flat.rows}`,
      { shapes: flat.shapes, lines: [mark.line], labels: [mark.label] },
      flat.grain
    );
  }
};

/** A part sewn onto another. */
export const attach: Procedure<Extract<Finish, { do: 'attach' }>> = {
  words: (f, at) => ({
    title: f.count === 1 ? `Sew the ${at.piece(f.piece)} on` : `Sew the ${f.count} ${at.piece(f.piece)}s on`,
    detail: `${f.where[0]!.toUpperCase()}${f.where.slice(1)} of the ${at.piece(f.to)}: mattress stitch once round its open end, twice where small hands pull. ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}${f.count > 1 ? ' for each' : ''}.`,
    minutes: 3 * f.count
  })
};

/** Eyes and mouth. */
export const face: Procedure<Extract<Finish, { do: 'face' }>> = {
  words: (f, at) => ({
    title: f.eyes === 'safety' ? 'Set the safety eyes, sew the face' : 'Embroider the face',
    detail:
      f.eyes === 'safety'
        ? `Press the eyes through from outside before the part is stuffed and closed, washers tight. Mouth with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`
        : `Eyes and mouth with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}, ends lost inside.`,
    why:
      f.eyes === 'safety'
        ? 'Safety eyes look lively, and are no eyes for children under 3. Embroidered ones cannot come off.'
        : 'Embroidered eyes cannot come off.',
    minutes: 5
  })
};
