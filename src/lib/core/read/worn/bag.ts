import type { BagWorn } from '../../plan';
import { rowRuns, workSpan } from '../executed';
import { lengthMmOf } from '../length';
import { bent, grain, layRows, type Point, type SketchLine } from '../sketch';
import { halfWidth } from './flat';
import { plainPlaces, scaled, type WornForm } from './form';

/** The square of a folded bag stands on one corner. */
const turned = (side: number): ((p: Point) => Point) => {
  const half = side / 2;
  return ([x, y]) => [(x - half - (y - half)) / Math.SQRT2, (x - half + (y - half)) / Math.SQRT2];
};

/** A tube three times as long as it is tall, folded into a square pouch that hangs from two points. */
export const bagForm: WornForm<BagWorn> = {
  places: plainPlaces,
  figures: (run, _worn, pieces) => {
    const size = pieces[0]!;
    const ratio = lengthMmOf(run, 0) / size.flatWidthMm.value;
    return [
      {
        code: 'square',
        label: 'Side of the square',
        figure: scaled(size.flatWidthMm, 1, 'as tall as the flat tube')
      },
      {
        code: 'ratio',
        label: 'Length against height',
        figure: {
          value: ratio * 100,
          low: (100 * size.lengthMm.low) / size.flatWidthMm.high,
          high: (100 * size.lengthMm.high) / size.flatWidthMm.low,
          unit: 'percent',
          basis: size.lengthMm.basis,
          because: `300 % is the rule: the end of the tube is sewn to a third of its side; ${size.lengthMm.because}`
        }
      }
    ];
  },
  sketch: (run) => {
    const side = 2 * halfWidth(run, 0);
    const stand = turned(side);
    const corner = (x: number, y: number): Point => stand([x * side, y * side]);
    // The middle third of the tube is the front; its rows run from one seam to the other.
    const { count } = workSpan(rowRuns(run.fabric.pieces[0]!));
    const pouch = layRows(run, 0, {
      origin: [0, side / 2],
      turn: 90,
      lengthMm: side,
      half: () => side / 2,
      rows: { from: Math.floor(count / 3), to: Math.max(Math.floor(count / 3) + 1, Math.floor((2 * count) / 3)) }
    }).map((shape) => ({ ...shape, points: shape.points.map(stand) }));
    // The opening runs from point to point; the seams lie along two sides.
    const mouth: SketchLine = {
      points: [corner(0, 1), stand([side * 0.46, side * 0.46]), corner(1, 0)],
      yarn: null,
      thickMm: 0,
      strong: true,
      title: 'The opening'
    };
    const seams: SketchLine[] = [
      [corner(0, 0), corner(1, 0)],
      [corner(0, 1), corner(1, 1)]
    ].map((points) => ({ points, yarn: null, thickMm: 0, dashed: true, title: 'Seam' }));
    // The handle bends from point to point over the top.
    const arm = side * 2.6;
    const bow = ([x, y]: Point): Point => {
      const angle = (x / arm) * Math.PI;
      const r = side * 0.7 - y;
      return [r * Math.sin(angle), -r * 1.75 * Math.cos(angle)];
    };
    const handle = run.fabric.pieces[1]
      ? layRows(run, 1, {
          origin: [-arm / 2, 0],
          turn: 90,
          lengthMm: arm,
          half: () => side * 0.055
        }).map((shape) => bent(shape, bow))
      : [];
    return {
      label: 'The finished bag, hanging from its two points',
      shapes: [...handle, ...pouch],
      lines: [mouth, ...seams],
      labels: [],
      ...grain(run, 0)
    };
  }
};
