import type { FlatWorn } from '../../plan';
import { type Executed, mainGauge, mainYarn, pieceAt } from '../../knit';
import { lengthMmOf } from '../../knit';
import { circle, grain, layRows, type Point, type Sketch, type SketchShape, tubeHalf } from '../sketch';
import { doubledPlaces, type WornForm } from './form';

/** Longer than so many widths, a thing hangs folded over once: at its true shape it would be a thread. */
const LONGEST = 5;

/** Half the flat width of a piece, in mm. */
export const halfWidth = (run: Executed, p: number): number =>
  (pieceAt(run, p).fabric.width * 10) / mainGauge(run, p).wales.value / 4;

/** A long tube hung over a peg, both ends down; its halves are drawn at most so many widths long. */
function foldedOver(run: Executed, worn: FlatWorn, halfMm: number, whole: number): Sketch {
  const { fabric } = pieceAt(run, 0);
  const { first, count } = fabric.work;
  const middle = Math.floor(count / 2);
  const long = Math.min(whole / 2, 2 * halfMm * LONGEST);
  const apart = halfMm * 1.15;
  const strip = (side: 1 | -1, lengthMm: number): SketchShape[] =>
    layRows(run, 0, {
      origin: [side * apart, 0],
      lengthMm,
      half: tubeHalf(halfMm, lengthMm, ['open', worn.ends[side < 0 ? 0 : 1]]),
      lastFirst: side < 0,
      rows: side < 0 ? { from: 0, to: middle } : { from: middle, to: count }
    });
  const yarn = fabric.yarn[first] ?? 0;
  const over: SketchShape = {
    points: [
      ...Array.from({ length: 13 }, (_, i): Point => {
        const angle = Math.PI * (1 - i / 12);
        return [(apart + halfMm) * Math.cos(angle), -halfMm * 0.9 * Math.sin(angle)];
      })
    ],
    yarn: fabric.yarn[first + middle] ?? yarn,
    title: 'Over the peg'
  };
  const balls = [-1, 1].slice(0, worn.pompoms).map((side): SketchShape => ({
    points: circle(side * apart, (side < 0 ? long : long * 0.9) + 26, 34),
    yarn,
    title: 'Pompom'
  }));
  return {
    label: 'Hung over a peg, both ends down',
    shapes: [over, ...strip(-1, long), ...strip(1, long * 0.9), ...balls],
    lines: [],
    labels: [],
    ...grain(run, 0)
  };
}

/** A tube lying flat. */
export const flatForm: WornForm<FlatWorn> = {
  places: doubledPlaces,
  figures: () => [],
  sketch: (run, worn): Sketch => {
    const halfMm = halfWidth(run, 0);
    const whole = lengthMmOf(run, 0);
    if (whole > 2 * halfMm * LONGEST) return foldedOver(run, worn, halfMm, whole);
    const lengthMm = whole;
    const shapes: SketchShape[] = layRows(run, 0, {
      origin: [0, 0],
      lengthMm,
      half: tubeHalf(halfMm, lengthMm, [worn.ends[1], worn.ends[0]]),
      lastFirst: true
    });
    const yarn = mainYarn(pieceAt(run, 0).fabric);
    const balls = [lengthMm, 0].slice(0, worn.pompoms).map((y): SketchShape => ({
      points: circle(0, y + (y === 0 ? -24 : 24), 30),
      yarn,
      title: 'Pompom'
    }));
    return {
      label: 'Lying flat',
      shapes: [...shapes, ...balls],
      lines: [],
      labels: [],
      ...grain(run, 0)
    };
  }
};
