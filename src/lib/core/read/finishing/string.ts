import type { Finish } from '../../plan';
import { hairline, sheet, sketchOf } from './pictures';
import type { Procedure } from './procedure';

/** Motifs tied to a line at even spacing. */
export const string: Procedure<Extract<Finish, { do: 'string' }>> = {
  words: (f, at) => ({
    title: `Tie ${f.count} ${f.what} to the line`,
    detail: `The first ${at.len(f.firstMm)} from the end, then every ${at.len(f.spacingMm)}, middle to middle${f.dropMm > 0 ? `, hanging ${at.len(f.dropMm)} below the line` : ', close to the line'}. Cut ${f.count} threads of ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
    minutes: 1.2 * f.count
  }),
  sketch: (f, at) => {
    const shown = Math.min(f.count, 4);
    const x = (i: number): number => f.firstMm + i * f.spacingMm;
    const end = x(shown - 1) + f.spacingMm * 0.5;
    const drop = Math.max(f.dropMm, f.spacingMm * 0.12);
    const motif = f.spacingMm * 0.2;
    return sketchOf(`${at.len(f.firstMm)} to the first, then every ${at.len(f.spacingMm)}`, {
      shapes: Array.from({ length: shown }, (_, i) =>
        sheet(x(i) - motif / 2, drop, motif, motif * 1.3, `Motif ${i + 1}`)
      ),
      lines: [
        { points: [[0, 0], [end, 0]], yarn: at.run.fabric.yarns.indexOf(f.yarn), thickMm: f.spacingMm * 0.02, title: 'The line' }, // prettier-ignore
        ...Array.from({ length: shown }, (_, i) => hairline([[x(i), 0], [x(i), drop]])) // prettier-ignore
      ],
      labels: [
        { at: [x(0) / 2, -8], text: at.len(f.firstMm), anchor: 'middle' },
        ...(shown > 1
          ? [{ at: [(x(0) + x(1)) / 2, -8] as const, text: at.len(f.spacingMm), anchor: 'middle' as const }]
          : [])
      ]
    });
  }
};
