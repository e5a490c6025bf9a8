import type { PompomWorn } from '../../plan';
import { about } from '../../quantity';
import { circle, type SketchLine } from '../sketch';
import type { WornForm } from './form';

/** Strands drawn on a ball, for its look alone. */
const STRANDS = 28;

/** Pompoms by themselves. */
export const pompomForm: WornForm<PompomWorn> = {
  places: () => ({ pieces: [], turnRows: 0 }),
  figures: (_run, worn) => [
    {
      code: 'pompom',
      name: 'pompom',
      figure: about(worn.sizeMm, 0.1, 'mm', 'default', [{ say: 'card' }])
    }
  ],
  sketch: (run, worn) => {
    const r = worn.sizeMm / 2;
    const yarn = run.fabric.yarns.indexOf(worn.yarn);
    const drawn = Math.min(worn.count, 3);
    const at = (i: number): number => i * worn.sizeMm * 1.25;
    const strands = Array.from({ length: drawn }, (_, i) =>
      Array.from({ length: STRANDS }, (_, k): SketchLine => {
        const angle = (2 * Math.PI * k) / STRANDS;
        const [c, s] = [Math.cos(angle), Math.sin(angle)];
        return {
          points: [
            [at(i) + c * r * 0.25, s * r * 0.25],
            [at(i) + c * r * 0.97, s * r * 0.97]
          ],
          yarn: null,
          thickMm: 0
        };
      })
    ).flat();
    return {
      label: `${worn.count === 1 ? 'A pompom' : `${worn.count} pompoms`} of ${Math.round(worn.sizeMm) / 10} cm`,
      shapes: Array.from({ length: drawn }, (_, i) => ({ points: circle(at(i), 0, r), yarn, title: 'Pompom' })),
      lines: strands,
      labels: [],
      stitchMm: 6,
      rowMm: 4
    };
  }
};
