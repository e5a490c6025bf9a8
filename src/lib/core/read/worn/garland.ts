import type { GarlandWorn } from '../../plan';
import { about, type Reason } from '../../quantity';
import { mainYarn, pieceAt } from '../../knit';
import { lengthMmOf } from '../../knit';
import { layPanel } from '../panel';
import { circle, grain, layRows, type Point, type SketchLine, type SketchShape, tubeHalf } from '../sketch';
import { halfWidth } from './flat';
import { plainPlaces, type WornForm } from './form';

/** A hanging line sags by about a twelfth of its length (own estimate, no source; for the picture only). */
const SAG = 1 / 12;

/** Widths of a motif from one to the next in the picture, at most. */
const ROOM = 1.7;

/** A line with motifs at even spacing. */
export const garlandForm: WornForm<GarlandWorn> = {
  places: plainPlaces,
  figures: (_run, worn) => {
    const exact = (value: number, because: Reason) => about(value, 0, 'mm', 'chosen', [because]);
    return [
      { code: 'line', name: 'line', figure: exact(worn.lineMm, { say: 'chosen' }) },
      {
        code: 'spacing',
        name: 'spacing',
        figure: exact(worn.spacingMm, { say: 'evenly', count: worn.count, freeMm: worn.firstMm })
      }
    ];
  },
  sketch: (run, worn) => {
    // Things far apart are drawn nearer together, else nobody sees what hangs there.
    const wide =
      worn.motif === null
        ? (worn.pompom?.sizeMm ?? 60)
        : pieceAt(run, worn.motif).planned.mode === 'tube'
          ? 2 * halfWidth(run, worn.motif)
          : layPanel(run, worn.motif).widthMm;
    const close = Math.min(1, (wide * ROOM) / worn.spacingMm);
    const lineMm = worn.lineMm * close;
    const sag = lineMm * SAG;
    const onLine = (x: number): Point => [x, sag * (1 - ((2 * x) / lineMm - 1) ** 2)];
    const lineYarn = mainYarn(pieceAt(run, 0).fabric);
    const line: SketchLine = {
      points: Array.from({ length: 41 }, (_, i) => onLine((lineMm * i) / 40)),
      yarn: lineYarn,
      thickMm: 9,
      title: 'The line'
    };
    const shapes: SketchShape[] = [];
    const lines: SketchLine[] = [line];
    for (let i = 0; i < worn.count; i++) {
      const [x, y] = onLine((worn.firstMm + i * worn.spacingMm) * close);
      const top = y + worn.dropMm;
      if (worn.dropMm > 0) lines.push({ points: [[x, y], [x, top]], yarn: lineYarn, thickMm: 4, title: 'Drop' }); // prettier-ignore
      if (worn.pompom) {
        const r = worn.pompom.sizeMm / 2;
        shapes.push({
          points: circle(x, top + r, r),
          yarn: run.fabric.yarns.indexOf(worn.pompom.yarn),
          title: `Pompom ${i + 1} of ${worn.count}`
        });
      } else if (worn.motif !== null && pieceAt(run, worn.motif).planned.mode !== 'tube') {
        // A pennant hangs from its first row, its point down.
        const lay = layPanel(run, worn.motif);
        shapes.push(
          ...lay.shapes.map((shape) => ({
            ...shape,
            points: shape.points.map(([px, py]): Point => [x + px - lay.widthMm / 2, top + lay.heightMm - py])
          }))
        );
      } else if (worn.motif !== null) {
        const lengthMm = lengthMmOf(run, worn.motif);
        const ends = run.plan.acts.some((act) => act.do === 'fold' && act.piece === worn.motif)
          ? (['drawn', 'open'] as const)
          : (['drawn', 'drawn'] as const);
        const tall = ends[1] === 'open' ? lengthMm / 2 : lengthMm;
        shapes.push(
          ...layRows(run, worn.motif, {
            origin: [x, top],
            lengthMm: tall,
            half: tubeHalf(halfWidth(run, worn.motif), tall, ends)
          })
        );
      }
    }
    return {
      label: `The garland hanging: ${worn.count} motifs on a line of ${Math.round(worn.lineMm / 10)} cm${close < 1 ? ', drawn closer than they are' : ''}`,
      shapes,
      lines,
      labels: [],
      ...grain(run, worn.motif ?? 0)
    };
  }
};
