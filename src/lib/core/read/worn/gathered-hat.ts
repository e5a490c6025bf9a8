import { browStretch, CROWN_SHARE, headFit } from '../../body';
import { rulesOf } from '../../kit';
import type { GatheredHatWorn } from '../../plan';
import type { Figure } from '../../quantity';
import { type Executed, mainGauge, pieceAt } from '../../knit';
import { placeCode, PLACES } from '../places';
import { grain, layRows, type SketchLine } from '../sketch';
import { domeOf } from './dome';
import { plainPlaces, scaled, type WornForm } from './form';

/** Stitches that go round: the seam takes one of either edge. */
const roundOf = (run: Executed): number => Math.max(2, pieceAt(run, 0).fabric.width - 2);

function fitOf(run: Executed, worn: GatheredHatWorn) {
  const { courses, wales } = mainGauge(run, 0);
  return headFit(worn.headMm, { pins: roundOf(run), courses: courses.value, wales: wales.value, flattest: rulesOf(run.kit).flattest }); // prettier-ignore
}

/** Share of the rows above the brim that is gathered out of sight when a crown is drawn shut (own estimate, no source). */
const GATHERED = 0.06;

/** A panel round a head: seam at the back, gathered on top, its edge turned up. */
export const gatheredHatForm: WornForm<GatheredHatWorn> = {
  places: (run, { turnRows }) => {
    const found = plainPlaces(run);
    const { first, last, count } = pieceAt(run, 0).fabric.work;
    const { place } = found.pieces[0]!;
    place.fill(placeCode('outside'), first, last + 1);
    place.fill(placeCode('turned-up'), first, first + turnRows);
    place.fill(placeCode('under-brim'), first + turnRows, Math.min(last + 1, first + 2 * turnRows));
    place.fill(placeCode('crown'), last + 1 - Math.round((count - turnRows) * GATHERED), last + 1);
    return { pieces: [{ place, foldRow: turnRows > 0 ? turnRows : null }], turnRows };
  },
  figures: (run, worn, pieces) => {
    const fit = fitOf(run, worn);
    const size = pieces[0]!;
    const { wales } = mainGauge(run, 0);
    const girthMm = (10 * roundOf(run)) / wales.value;
    const crown = rulesOf(run.kit).crownTakes ? CROWN_SHARE * girthMm : 0;
    const { count } = pieceAt(run, 0).fabric.work;
    const up = scaled(size.lengthMm, (count - worn.turnRows) / count, { say: 'aboveBrim' });
    const less = (f: Figure): Figure => ({ ...f, value: f.value - crown, low: f.low - crown, high: f.high - crown });
    const brim = scaled(size.lengthMm, (worn.turnRows * fit.fullCourseMm) / size.lengthMm.value, { say: 'aboveBrim' });
    const stretchAt = (w: number): number => 100 * browStretch(worn.headMm, { pins: roundOf(run), wales: w });
    return [
      { code: 'height-down', name: 'flat-brim-down', figure: less(size.lengthMm) },
      ...(worn.turnRows > 0
        ? [
            { code: 'height', name: 'flat-brim-up' as const, figure: less(up) },
            { code: 'brim', name: 'brim-worn' as const, figure: brim }
          ]
        : []),
      {
        code: 'stretch',
        name: 'stretch-brow',
        figure: {
          value: stretchAt(wales.value),
          low: stretchAt(wales.low),
          high: stretchAt(wales.high),
          unit: 'percent',
          basis: wales.basis,
          because: [{ say: 'headOver', headMm: worn.headMm, tubeMm: girthMm }, ...wales.because]
        }
      }
    ];
  },
  sketch: (run, worn, { pieces }) => {
    const fit = fitOf(run, worn);
    const radius = worn.headMm / (2 * Math.PI);
    const span = pieceAt(run, 0).fabric.work;
    const { bodyMm, half } = domeOf(radius, fit.arcAt(span.count - worn.turnRows));
    const placeOf = (row: number) => PLACES[pieces[0]!.place[span.first + row]!];
    const body = layRows(run, 0, { origin: [0, 0], lengthMm: bodyMm, half, rows: { from: worn.turnRows, to: span.count }, lastFirst: true, placeOf }); // prettier-ignore
    const brimMm = worn.turnRows * fit.fullCourseMm;
    const wide = radius * 1.04;
    // Its first row lies uppermost once it is turned up.
    const brim = worn.turnRows === 0 ? [] : layRows(run, 0, { origin: [0, bodyMm - brimMm], lengthMm: brimMm, half: () => wide, rows: { from: 0, to: worn.turnRows }, placeOf }); // prettier-ignore
    const puckers = [-0.35, -0.12, 0.12, 0.35].map((x): SketchLine => ({ points: [[0, 0], [radius * x, radius * 0.22]], yarn: null, thickMm: 0, title: 'Gathered' })); // prettier-ignore
    return {
      label: 'As worn: one panel round the head, gathered on top, its seam at the back',
      shapes: [...body, ...brim],
      lines: puckers,
      labels: [],
      ...grain(run, 0)
    };
  }
};
