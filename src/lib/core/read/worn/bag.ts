import type { BagWorn } from '../../plan';
import { lengthMmOf } from '../../knit';
import { bagLayers } from '../bag-bands';
import { foldedBag, upright } from '../paper';
import { bent, grain, layRows, type Point, type SketchLine } from '../sketch';
import { halfWidth } from './flat';
import { plainPlaces, scaled, type WornForm } from './form';

/**
 * A tube three times as long as it is high, folded along diagonals: a flat bag with two tips that carry the handle (craft
 * 7.13). With a for its height it comes out a times the root of two wide, half of that high, and its tips as high again.
 */
export const bagForm: WornForm<BagWorn> = {
  places: plainPlaces,
  figures: (run, _worn, pieces) => {
    const size = pieces[0]!;
    const ratio = lengthMmOf(run, 0) / size.flatWidthMm.value;
    const mouth = run.worked.things[0]?.openings.find((o) => o.name === 'mouth')?.girthMm ?? 0;
    const shares = size.flatWidthMm.value > 0 ? mouth / size.flatWidthMm.value : 0;
    return [
      {
        code: 'wide',
        name: 'width',
        figure: scaled(size.flatWidthMm, Math.SQRT2, { say: 'bag', of: 'diagonal' })
      },
      { code: 'high', name: 'to-notch', figure: scaled(size.flatWidthMm, Math.SQRT1_2, { say: 'bag', of: 'half-diagonal' }) }, // prettier-ignore
      { code: 'tips', name: 'tips', figure: scaled(size.flatWidthMm, Math.SQRT1_2, { say: 'bag', of: 'again' }) },
      { code: 'mouth', name: 'mouth', figure: scaled(size.flatWidthMm, shares, { say: 'bag', of: 'rim' }) }, // prettier-ignore
      {
        code: 'ratio',
        name: 'length-to-height',
        figure: {
          value: ratio * 100,
          low: (100 * size.lengthMm.low) / size.flatWidthMm.high,
          high: (100 * size.lengthMm.high) / size.flatWidthMm.low,
          unit: 'percent',
          basis: size.lengthMm.basis,
          because: [{ say: 'thirds' }, ...size.lengthMm.because]
        }
      }
    ];
  },
  sketch: (run) => {
    const a = 2 * halfWidth(run, 0);
    const place = (p: Point): Point => {
      const [x, y] = upright(p, a);
      return [x, -y];
    };
    const bag = foldedBag(a, 3);
    // The middle square folds over itself and stands in front; the outer squares rise behind it as tips.
    const layers = bagLayers(run, 0, a, 3);
    const shapes = (['leftUp', 'rightDown', 'midUp'] as const).flatMap((shown) =>
      layers
        .filter(({ name }) => name === shown)
        .flatMap((layer) => layer.shapes.map((shape) => ({ ...shape, points: shape.points.map(place) })))
    );
    const seams: SketchLine[] = [
      [[2 * a, a], [a, a]], // prettier-ignore
      [[a, 0], [a, a]] // prettier-ignore
    ].map((line) => ({
      points: (line as unknown as Point[]).map(place),
      yarn: null,
      thickMm: 0,
      dashed: true,
      title: 'Seam'
    }));
    const [left, right] = [place(bag.where('leftUp', [0, a])), place(bag.where('rightDown', [3 * a, 0]))];
    // The handle bends from tip to tip over the top.
    const arm = a * 2.2;
    const bow = ([x, y]: Point): Point => {
      const angle = (x / arm) * Math.PI;
      const r = (right[0] - left[0]) / 2 - y;
      return [(left[0] + right[0]) / 2 + r * Math.sin(angle), left[1] - r * 1.3 * Math.cos(angle)];
    };
    const handle = run.fabric.pieces[1]
      ? layRows(run, 1, { origin: [-arm / 2, 0], turn: 90, lengthMm: arm, half: () => a * 0.055 }).map((s) =>
          bent(s, bow)
        )
      : [];
    return { label: 'The finished bag: two tips above the opening', shapes: [...handle, ...shapes], lines: seams, labels: [], ...grain(run, 0) }; // prettier-ignore
  }
};
