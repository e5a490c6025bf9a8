import { FILLING_SPREAD } from '../../body';
import type { ToyPart, ToyWorn } from '../../plan';
import { about } from '../../quantity';
import { type Executed, mainGauge, pieceAt } from '../../knit';
import { lengthMmOf, lengthOfRows } from '../../knit';
import { grain, layRows, type SketchShape, tubeHalf } from '../sketch';
import { plainPlaces, type WornForm } from './form';

/** Half width of a part seen from in front: a stuffed tube is round, an empty one lies flat. */
function halfOf(run: Executed, part: ToyPart): number {
  const { wales } = mainGauge(run, part.piece);
  const girth = (pieceAt(run, part.piece).fabric.width * 10) / wales.value;
  // A cord of a few pins rolls into a round string.
  const rolled = pieceAt(run, part.piece).planned.mode !== 'tube';
  if (part.stuffing !== null) return (girth * (1 + part.stuffing)) / (2 * Math.PI);
  return rolled ? girth / Math.PI / 2 : girth / 4;
}

/** Draws every copy of a part where it belongs. */
function drawPart(run: Executed, part: ToyPart): SketchShape[] {
  const lengthMm = lengthMmOf(run, part.piece);
  const half = halfOf(run, part);
  const waists = part.waists.map((row) => lengthMm - lengthOfRows(run, part.piece, 1, row));
  return part.at.flatMap(({ x, y, turn }) =>
    layRows(run, part.piece, {
      origin: [x, y],
      turn,
      lengthMm,
      half: tubeHalf(half, lengthMm, [part.ends[1], part.ends[0]], waists),
      lastFirst: true
    })
  );
}

/** Parts of a toy put together. */
export const toyForm: WornForm<ToyWorn> = {
  places: plainPlaces,
  figures: (run, worn) => {
    const shapes = worn.parts.flatMap((part) => drawPart(run, part));
    const ys = shapes.flatMap((shape) => shape.points.map(([, y]) => y));
    const xs = shapes.flatMap((shape) => shape.points.map(([x]) => x));
    const { courses } = mainGauge(run, 0);
    const spread = (courses.high - courses.low) / 2 / courses.value;
    const grams = run.worked.done.reduce(
      (sum, d) => sum + (d.do === 'fill' && d.facts ? d.facts.grams * d.times : 0),
      0
    );
    return [
      {
        code: 'tall',
        name: 'tall',
        figure: about(Math.max(...ys) - Math.min(...ys), spread, 'mm', courses.basis, [
          { say: 'partsDrawn' },
          ...courses.because
        ])
      },
      {
        code: 'wide',
        name: 'wide',
        figure: about(Math.max(...xs) - Math.min(...xs), spread, 'mm', courses.basis, [
          { say: 'partsDrawn' },
          ...courses.because
        ])
      },
      {
        code: 'filling',
        name: 'filling',
        figure: about(grams, FILLING_SPREAD, 'g', 'default', [{ say: 'filling', gramsPerCm3: 0.03 }])
      }
    ];
  },
  sketch: (run, worn) => ({
    label: `The toy put together: ${worn.parts.map((part) => pieceAt(run, part.piece).planned.label.toLowerCase()).join(', ')}`,
    shapes: worn.parts.flatMap((part) => drawPart(run, part)),
    lines: [],
    labels: [],
    ...grain(run, 0)
  })
};
