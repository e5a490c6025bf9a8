import { about } from '../../quantity';
import { mainYarn, pieceAt } from '../../knit';
import { lengthMmOf } from '../../knit';
import type { RingWorn } from '../../plan';
import { plainPlaces, type WornForm } from './form';
import { grain, layRows, type SketchLine, type SketchShape } from '../sketch';
import { halfWidth } from './flat';

/** How a ring seen from a little above is foreshortened. */
const TILT = 0.3;

/** A tube whose two ends meet, lying round something lengthwise. */
export const ringForm: WornForm<RingWorn> = {
  places: plainPlaces,
  figures: (run, worn, pieces) => {
    const size = pieces[0]!;
    const round = worn.girthMm * worn.turns - worn.gapMm;
    const stretchAt = (mm: number): number => (round / mm - 1) * 100;
    return [
      { code: 'width', name: 'width', figure: size.flatWidthMm },
      {
        code: 'lengthwise',
        name: 'stretch-round',
        over: worn.over,
        figure: {
          value: stretchAt(size.lengthMm.value),
          low: stretchAt(size.lengthMm.high),
          high: stretchAt(size.lengthMm.low),
          unit: 'percent',
          basis: size.lengthMm.basis,
          because: [{ say: 'reachRound', mm: round, tubeMm: size.lengthMm.value }, ...size.lengthMm.because]
        }
      },
      ...(worn.gapMm > 0
        ? [
            {
              code: 'gap',
              name: 'gap' as const,
              figure: about(worn.gapMm, 0, 'mm', 'chosen', [{ say: 'chosen' }])
            }
          ]
        : [])
    ];
  },
  sketch: (run, worn) => {
    const halfMm = halfWidth(run, 0);
    const lengthMm = lengthMmOf(run, 0);
    const radius = (worn.girthMm * 0.98) / (2 * Math.PI);
    const width = 2 * halfMm * (worn.turns > 1 ? 0.8 : 1);
    const bands: SketchShape[] = [];
    // Every turn is a belt seen from a little above; its front half is what one sees, wound from the back seam.
    for (let turn = worn.turns - 1; turn >= 0; turn--) {
      const rowsAll = pieceAt(run, 0).fabric.rows;
      const flat = layRows(run, 0, {
        origin: [0, 0],
        lengthMm,
        half: () => width / 2,
        rows: { from: Math.floor((rowsAll * turn) / worn.turns), to: Math.floor((rowsAll * (turn + 1)) / worn.turns) }
      });
      const bend = ([side, along]: readonly [number, number]): readonly [number, number] => {
        // Seen from in front a quarter of the length is hidden at either side of the back.
        const angle = (along / lengthMm - 0.5) * 2 * Math.PI * 0.5;
        const pinch = worn.twist ? 0.5 + 0.5 * Math.sin(Math.min(1, Math.abs(angle) / 0.7) * (Math.PI / 2)) ** 2 : 1;
        return [radius * Math.sin(angle), radius * TILT * Math.cos(angle) + side * pinch + turn * width * 0.55];
      };
      bands.push(...flat.map((shape) => ({ ...shape, points: shape.points.map(bend) })));
    }
    const lines: SketchLine[] = [];
    const yarn = mainYarn(pieceAt(run, 0).fabric);
    if (worn.twist) {
      // Two folds cross where the ends lock into each other.
      for (const sign of [1, -1]) {
        lines.push({
          points: Array.from({ length: 13 }, (_, i) => {
            const t = i / 6 - 1;
            return [radius * 0.3 * t, radius * TILT + sign * width * 0.24 * Math.sin((t * Math.PI) / 2)] as const;
          }),
          yarn: null,
          thickMm: 0,
          title: 'Both ends folded into each other'
        });
      }
    }
    if (worn.gapMm > 0) {
      for (const side of [-1, 1]) {
        lines.push({
          points: [
            [side * radius, -width * 0.3],
            [side * (radius + worn.gapMm / 3), 0],
            [side * radius, width * 0.3]
          ],
          yarn,
          thickMm: 5,
          title: 'Chain loop'
        });
      }
    }
    return { label: `Round the ${worn.over}, seen from in front`, shapes: bands, lines, labels: [], ...grain(run, 0) };
  }
};
