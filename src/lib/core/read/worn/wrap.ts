import type { WrapWorn } from '../../plan';
import type { Figure } from '../../quantity';
import { type Executed, pieceAt } from '../../knit';
import { lengthOfRows } from '../../knit';
import { grain, layRows, type SketchLabel, type SketchLine } from '../sketch';
import { halfWidth } from './flat';
import { type FigureName, plainPlaces, type NamedFigure, type WornForm } from './form';
import type { PieceSize } from '../piece-size';

function stretchOf(run: Executed, size: PieceSize, code: string, name: FigureName, rows: number): NamedFigure {
  const value = lengthOfRows(run, 0, 1, rows);
  const share = size.lengthMm.value > 0 ? value / size.lengthMm.value : 0;
  const figure: Figure = {
    ...size.lengthMm,
    value,
    low: size.lengthMm.low * share,
    high: size.lengthMm.high * share,
    because: [{ say: 'rows', rows }, ...size.lengthMm.because]
  };
  return { code, name, figure };
}

/** Two long tubes chained together along both edges, open for neck and body. */
export const wrapForm: WornForm<WrapWorn> = {
  places: plainPlaces,
  figures: (run, worn, pieces) => {
    const of = (code: string, name: FigureName, rows: number) => stretchOf(run, pieces[0]!, code, name, rows);
    return [
      of('sleeve', 'sleeve', worn.sleeveRows),
      of('neck', 'neck-opening', worn.neckRows),
      of('body', 'body-opening', worn.bodyRows)
    ];
  },
  sketch: (run, worn) => {
    const half = halfWidth(run, 0);
    const span = pieceAt(run, 0).fabric.work;
    const lengthMm = lengthOfRows(run, 0, 1, span.count);
    const at = (rows: number): number => lengthOfRows(run, 0, 1, Math.min(rows, span.count)) - lengthMm / 2;
    // One tube in front, the other behind it: laid open, they lie one above the other along the shoulder line.
    const front = layRows(run, 0, { origin: [-lengthMm / 2, half], turn: 90, lengthMm, half: () => half });
    const back = layRows(run, 0, { origin: [-lengthMm / 2, -half], turn: 90, lengthMm, half: () => half });
    const neck: [number, number] = [at(worn.sleeveRows), at(worn.sleeveRows + worn.neckRows)];
    const body: [number, number] = [at(worn.underarmRows), at(worn.underarmRows + worn.bodyRows)];
    const lines: SketchLine[] = [
      { points: [[-lengthMm / 2, 0], [neck[0], 0]], yarn: null, thickMm: 0, dashed: true, title: 'Chained together' }, // prettier-ignore
      { points: [[neck[1], 0], [lengthMm / 2, 0]], yarn: null, thickMm: 0, dashed: true, title: 'Chained together' }, // prettier-ignore
      {
        points: [
          [neck[0], 0],
          [neck[1], 0]
        ],
        yarn: null,
        thickMm: 10,
        strong: true,
        title: 'Neck opening'
      },
      { points: [[body[0], 2 * half], [body[1], 2 * half]], yarn: null, thickMm: 10, strong: true, title: 'Body opening' }, // prettier-ignore
      { points: [[body[0], -2 * half], [body[1], -2 * half]], yarn: null, thickMm: 10, strong: true, title: 'Body opening' } // prettier-ignore
    ];
    const labels: SketchLabel[] = [
      { at: [0, -16], text: 'neck', anchor: 'middle' },
      { at: [0, 2 * half + 44], text: 'body opening, chained to the other edge left and right of it', anchor: 'middle' }
    ];
    return {
      label: 'Both tubes laid open along the shoulders: neck opening in the middle, body opening at the outer edges',
      shapes: [...back, ...front],
      lines,
      labels,
      ...grain(run, 0)
    };
  }
};
