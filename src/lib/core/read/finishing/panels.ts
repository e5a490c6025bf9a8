import type { Finish } from '../../plan';
import { layPanel } from '../panel';
import { grain, type Point } from '../sketch';
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

/** Pieces named one by one up to this many; more are counted. */
const NAMED = 4;

/** Room between two pieces of a drawing, as a share of a piece's width. */
const APART = 0.2;

/** Blocking before seaming: stockinette curls. */
export const block: Procedure<Extract<Finish, { do: 'block' }>> = {
  words: (f, at) => {
    const all = [f.piece, ...f.also];
    const names = new Intl.ListFormat('en-GB', { type: 'conjunction' }).format(all.map(at.piece));
    const which = all.length > NAMED ? `${all.length} pieces` : `the ${names}`;
    return {
      title: `Block ${which} to ${at.len(f.widthMm)} by ${at.len(f.heightMm)}`,
      detail:
        'Wet or steam it as the yarn allows, pin it out to its measures, let it dry. The edges curl otherwise, and a curled edge is sewn crooked. Nothing hot on synthetic fibre: it melts.',
      minutes: 4 * all.length
    };
  },
  sketch: (f, at) => {
    const shown = [f.piece, ...f.also].slice(0, NAMED).map((p) => layPanel(at.run, p));
    const [first] = shown;
    const step = first!.widthMm * (1 + APART);
    const end = (shown.length - 1) * step + first!.widthMm;
    const foot = first!.heightMm + 12;
    return sketchOf(
      'Pinned out to its measures',
      {
        shapes: shown.flatMap((lay, i) =>
          lay.shapes.map((s) => ({ ...s, points: s.points.map(([x, y]): Point => [x + i * step, y]) }))
        ),
        lines: shown.map((lay, i) => hairline([[i * step, foot], [i * step + lay.widthMm, foot]], { strong: true })), // prettier-ignore
        labels: [
          { at: [first!.widthMm / 2, foot], shift: [0, 1.3], text: at.len(f.widthMm), anchor: 'middle' },
          { at: [end, first!.heightMm / 2], shift: [0.6, 0.3], text: at.len(f.heightMm), anchor: 'start' }
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
