import type { Finish } from '../../plan';
import { layPanel } from '../panel';
import { grain } from '../sketch';
import { hairline, sheet, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Stitches that waited on a thread, chained off. */
export const chainHeld: Procedure<Extract<Finish, { do: 'chainHeld' }>> = {
  words: (f, at) => ({
    title: `Chain off the ${f.stitches} held stitches of the ${at.piece(f.piece)}`,
    detail: `${f.where[0]!.toUpperCase()}${f.where.slice(1)}: from the thread onto the hook one by one, each pulled through the one before, firm, not tight. ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
    minutes: 1 + 0.08 * f.stitches
  })
};

/** Blocking before seaming: stockinette curls. */
export const block: Procedure<Extract<Finish, { do: 'block' }>> = {
  words: (f, at) => ({
    title: `Block the ${at.piece(f.piece)} to ${at.len(f.widthMm)} by ${at.len(f.heightMm)}`,
    detail:
      'Wet or steam it as the yarn allows, pin it out to its measures, let it dry. The edges curl otherwise, and a curled edge is sewn crooked. Nothing hot on synthetic fibre: it melts.',
    minutes: 4
  }),
  sketch: (f, at) => {
    const lay = layPanel(at.run, f.piece);
    return sketchOf(
      'Pinned out to its measures',
      {
        shapes: [...lay.shapes],
        lines: [hairline([[0, lay.heightMm + 12], [lay.widthMm, lay.heightMm + 12]], { strong: true })], // prettier-ignore
        labels: [
          { at: [lay.widthMm / 2, lay.heightMm + 34], text: at.len(f.widthMm), anchor: 'middle' },
          { at: [lay.widthMm + 10, lay.heightMm / 2], text: at.len(f.heightMm), anchor: 'start' }
        ]
      },
      grain(at.run, f.piece)
    );
  }
};

/** A band crocheted along open edges. */
export const edging: Procedure<Extract<Finish, { do: 'edging' }>> = {
  words: (f, at) => ({
    title: `Crochet the ${f.what}: ${f.stitches} stitches`,
    detail: `Along ${at.len(f.alongMm)}, three stitches for every four rows, so that it neither pulls nor waves. ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
    minutes: 1 + 0.07 * f.stitches
  })
};

/** Floats latched up into columns. */
export const latch: Procedure<Extract<Finish, { do: 'latch' }>> = {
  words: (f, at) => ({
    title: `Latch up ${f.groups} groups of floats into ${f.columns} columns each`,
    detail: `Before any washing, the panel still on its waste yarn. Group by group, column by column: from the cast-on upwards pull each float through the loop below with the hook, the first ${f.columns} loops out of the first float. The card was ${at.len(f.cardMm)} wide.`,
    minutes: f.groups * f.columns * 4
  }),
  sketch: (f, at) => {
    const piece = at.run.fabric.pieces[f.piece]!;
    const shown = Math.min(piece.floats.after.length, 3);
    const every = piece.floats.after[0]! - piece.firstPin + 1;
    const shapes = Array.from(
      { length: shown + 1 },
      (_, g) =>
      Array.from({ length: every }, (_, i) => sheet((g * (every + f.columns) + i) * 9, 0, 7, 60, `Column of pin ${piece.firstPin + g * every + i}`, 0.9)) // prettier-ignore
    ).flat();
    const lines = Array.from(
      { length: shown },
      (_, g) =>
      [12, 24, 36, 48].map((y) => hairline([[(g * (every + f.columns) + every) * 9 - 2, y], [((g + 1) * (every + f.columns)) * 9, y]], { strong: true, title: 'Float' })) // prettier-ignore
    ).flat();
    return sketchOf(`${f.columns} columns out of the floats between every ${every} pins`, {
      shapes,
      lines,
      labels: [{ at: [(every + f.columns / 2) * 9, 78], text: `${f.columns} columns`, anchor: 'middle' }]
    });
  }
};
