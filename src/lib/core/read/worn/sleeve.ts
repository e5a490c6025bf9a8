import { limbFit } from '../../body';
import { rulesOf } from '../../kit';
import type { SleeveWorn } from '../../plan';
import { about } from '../../quantity';
import { type Executed, mainGauge, mainYarn, pieceAt } from '../../knit';
import { bent, grain, layRows, type Point, type Sketch, type SketchLine, type SketchShape, tubeHalf } from '../sketch';
import { doubledPlaces, type WornForm } from './form';

/** How a piece sits on what it is drawn over. */
function fitOnLimb(run: Executed, worn: SleeveWorn, p: number) {
  const { courses, wales } = mainGauge(run, p);
  const { width } = pieceAt(run, p).fabric;
  return limbFit(worn.girthMm, {
    pins: width,
    courses: courses.value,
    wales: wales.value,
    flattest: rulesOf(run.kit).flattest
  });
}

/** A chest is wider than it is deep: half its width is its girth through this (own estimate, for the picture only). */
const CHEST_FLAT = 4.8;

/** Space between the two of a pair, in mm. */
const APART_MM = 40;

/** Share of a sock above the heel in its picture. */
const ABOVE_HEEL = 0.42;

/** Lays the lower part of a straight tube forwards, as a foot lies. */
function atTheHeel(x: number, halfMm: number, lengthMm: number): (p: Point) => Point {
  const turnAt = lengthMm * ABOVE_HEEL;
  const radius = halfMm * 1.25;
  const quarter = (Math.PI / 2) * radius;
  return ([px, py]) => {
    const side = px - x;
    if (py <= turnAt) return [px, py];
    const angle = Math.min(py - turnAt, quarter) / radius;
    const beyond = Math.max(0, py - turnAt - quarter);
    const r = radius - side;
    return [x + radius - r * Math.cos(angle) + beyond, turnAt + r * Math.sin(angle)];
  };
}

/** Tubes drawn over something round. */
export const sleeveForm: WornForm<SleeveWorn> = {
  places: doubledPlaces,
  figures: (run, worn, pieces) => {
    const fit = fitOnLimb(run, worn, 0);
    const { wales, courses } = mainGauge(run, 0);
    const stretchAt = (w: number): number =>
      100 * limbFit(worn.girthMm, { pins: pieceAt(run, 0).fabric.width, courses: courses.value, wales: w }).stretch;
    const size = pieces[0]!;
    const share = fit.courseMm / (10 / courses.value);
    return [
      {
        code: 'stretch',
        name: 'stretch-over' as const,
        over: worn.over,
        figure: {
          value: stretchAt(wales.value),
          low: stretchAt(wales.low),
          high: stretchAt(wales.high),
          unit: 'percent' as const,
          basis: wales.basis,
          because: [
            { say: 'overTube' as const, mm: worn.girthMm, over: worn.over, tubeMm: size.girthMm.value },
            ...wales.because
          ]
        }
      },
      {
        code: 'length-on',
        name: 'length-on' as const,
        over: worn.over,
        figure: about(
          size.lengthMm.value * share,
          (size.lengthMm.high - size.lengthMm.low) / 2 / size.lengthMm.value,
          'mm',
          size.lengthMm.basis,
          [{ say: 'pulledWide', mm: fit.courseMm }, ...size.lengthMm.because]
        )
      }
    ];
  },
  sketch: (run, worn): Sketch => {
    const shapes: SketchShape[] = [];
    const lines: SketchLine[] = [];
    let x = 0;
    run.plan.pieces.forEach((piece, p) => {
      const fit = fitOnLimb(run, worn, p);
      const { fabric } = pieceAt(run, p);
      const span = fabric.work;
      const hidden = fabric.doubled.reduce((sum, d) => sum + (d.to - d.from + 1) / 2, 0);
      const lengthMm = (span.count - hidden) * fit.courseMm;
      // Seen from the side a girth is as wide as its diameter; a loose tube keeps its own width.
      const { wales } = mainGauge(run, p);
      const own = (fabric.width * 10) / wales.value;
      const halfMm = Math.max(worn.girthMm, own) / (worn.over === 'chest' ? CHEST_FLAT : 2 * Math.PI);
      for (let copy = 0; copy < piece.copies; copy++) {
        const far = worn.closed === 'no' ? 'open' : worn.closed === 'toe' ? 'drawn' : 'straight';
        const laid = layRows(run, p, {
          origin: [x, 0],
          lengthMm,
          half: tubeHalf(halfMm, lengthMm, ['open', far]),
          lastFirst: worn.closed === 'toe',
          rows: { from: Math.floor(hidden), to: span.count }
        });
        const foot = worn.over === 'foot' ? atTheHeel(x, halfMm, lengthMm) : null;
        shapes.push(...(foot ? laid.map((shape) => bent(shape, foot)) : laid));
        lines.push({
          points: [
            [x - halfMm, 0],
            [x + halfMm, 0]
          ],
          yarn: null,
          thickMm: 0
        });
        x += (worn.over === 'foot' ? 4.2 : 2) * halfMm + APART_MM;
      }
    });
    if (worn.straps > 0) {
      const right = 2 * Math.max(...shapes.flatMap((s) => s.points.map(([px]) => px)));
      for (let i = 0; i < worn.straps; i++) {
        const at = right * (worn.straps === 1 ? 0 : (i === 0 ? -1 : 1) * 0.22);
        lines.push({
          points: [
            [at - 12, 2],
            [at - 8, -70],
            [at, -90],
            [at + 8, -70],
            [at + 12, 2]
          ],
          yarn: mainYarn(pieceAt(run, 0).fabric),
          thickMm: 5,
          title: 'Chained strap'
        });
      }
    }
    return { label: `Drawn over the ${worn.over}`, shapes, lines, labels: [], ...grain(run, 0) };
  }
};
