import { browStretch, CROWN_SHARE, headFit } from '../../body';
import { rulesOf } from '../../kit';
import type { BrimHatWorn } from '../../plan';
import type { Figure } from '../../quantity';
import { type Executed, mainGauge, pieceAt } from '../../knit';
import { placeCode, PLACES } from '../places';
import { grain, layRows, type SketchLine } from '../sketch';
import { domeOf } from './dome';
import { doubledPlaces, type Places, scaled, type WornForm } from './form';

function fitOf(run: Executed, worn: BrimHatWorn) {
  const gauge = mainGauge(run, 0);
  const { width } = pieceAt(run, 0).fabric;
  return headFit(worn.headMm, {
    pins: width,
    courses: gauge.courses.value,
    wales: gauge.wales.value,
    flattest: rulesOf(run.kit).flattest
  });
}

/** Rows of the brim in the fabric, from 1, or none where the machine refused to hang it back. */
const brimOf = (run: Executed): { from: number; to: number } => pieceAt(run, 0).fabric.doubled[0] ?? { from: 1, to: 0 };

/** How far a hat of one layer reaches down the head: to the middle of its doubled brim. */
export interface BrimHatReach {
  readonly bodyRows: number;
  /** Rows from the crown to the lower edge of the brim as worn. */
  readonly reachRows: number;
  /** Rows the head asks for. */
  readonly wantedRows: number;
  /** Below the brow; above it when negative. */
  readonly offMm: number;
}

/** @returns null for anything else than a hat with a doubled brim that was hung back */
export function brimHatReach(run: Executed): BrimHatReach | null {
  const { worn } = run.plan;
  const layer = run.notes.wanted?.layer;
  if (worn?.form !== 'brim-hat' || layer === undefined || !run.fabric.pieces[0]?.doubled[0]) return null;
  const fit = fitOf(run, worn);
  const brim = brimOf(run);
  const brimRows = brim.to - brim.from + 1;
  const bodyRows = run.fabric.pieces[0].work.count - brimRows;
  const reachRows = bodyRows + brimRows / 2;
  return { bodyRows, reachRows, wantedRows: layer, offMm: (reachRows - layer) * fit.fullCourseMm };
}

/** Share of the rows above the brim that is gathered out of sight when a crown is drawn shut (own estimate, no source). */
const GATHERED = 0.06;

function places(run: Executed): Places {
  const found = doubledPlaces(run);
  const piece = pieceAt(run, 0).fabric;
  const span = piece.work;
  const brim = brimOf(run);
  const above = Math.max(span.first, brim.to);
  const crown = Math.round((span.last + 1 - above) * GATHERED);
  const { place } = found.pieces[0]!;
  place.fill(placeCode('outside'), above, span.last + 1);
  place.fill(placeCode('crown'), span.last + 1 - crown, span.last + 1);
  return found;
}

/** A single layer over the head with a brim of double thickness. */
export const brimHatForm: WornForm<BrimHatWorn> = {
  places,
  figures: (run, worn, pieces) => {
    const fit = fitOf(run, worn);
    const size = pieces[0]!;
    const brim = brimOf(run);
    const rows = (brim.to - brim.from + 1) / 2;
    const { courses, wales } = mainGauge(run, 0);
    const share = fit.fullCourseMm * courses.value * 0.1;
    const height = scaled(size.lengthMm, share, { say: 'aboveBrim' });
    const crown = rulesOf(run.kit).crownTakes ? CROWN_SHARE * size.girthMm.value : 0;
    const less = (f: Figure, mm: number): Figure => ({ ...f, value: f.value - mm, low: f.low - mm, high: f.high - mm });
    const stretchAt = (w: number): number =>
      100 * browStretch(worn.headMm, { pins: pieceAt(run, 0).fabric.width, wales: w });
    return [
      { code: 'height', name: 'height-flat', figure: less(size.lengthMm, crown) },
      {
        code: 'brim',
        name: 'brim-worn',
        figure: {
          ...height,
          value: rows * fit.fullCourseMm,
          low: (rows * fit.fullCourseMm * courses.value) / courses.high,
          high: (rows * fit.fullCourseMm * courses.value) / courses.low,
          because: [{ say: 'hangDoubled', rows: brim.to - brim.from + 1 }, ...courses.because]
        }
      },
      {
        code: 'stretch',
        name: 'stretch-brow',
        figure: {
          value: stretchAt(wales.value),
          low: stretchAt(wales.low),
          high: stretchAt(wales.high),
          unit: 'percent',
          basis: wales.basis,
          because: [{ say: 'headOver', headMm: worn.headMm, tubeMm: size.girthMm.value }, ...wales.because]
        }
      }
    ];
  },
  sketch: (run, worn, { pieces }) => {
    const fit = fitOf(run, worn);
    const radius = worn.headMm / (2 * Math.PI);
    const piece = pieceAt(run, 0).fabric;
    const span = piece.work;
    const brim = brimOf(run);
    const brimRows = Math.floor((brim.to - brim.from + 1) / 2);
    const brimMm = brimRows * fit.fullCourseMm;
    const bodyFrom = Math.max(0, brim.to - span.first);
    const arc = fit.arcAt(span.count - bodyFrom);
    const placeOf = (row: number) => PLACES[pieces[0]!.place[span.first + row]!];
    const { bodyMm, half: dome } = domeOf(radius, arc);
    const body = layRows(run, 0, {
      origin: [0, 0],
      lengthMm: bodyMm,
      half: dome,
      rows: { from: bodyFrom, to: span.count },
      lastFirst: true,
      placeOf
    });
    const turned = layRows(run, 0, {
      origin: [0, bodyMm],
      lengthMm: brimMm,
      half: () => radius * 1.04,
      rows: { from: Math.max(0, bodyFrom - brimRows), to: bodyFrom },
      lastFirst: true,
      placeOf
    });
    const edge: SketchLine = {
      points: [
        [-radius * 1.04, bodyMm],
        [radius * 1.04, bodyMm]
      ],
      yarn: null,
      thickMm: 0,
      title: 'Here row 1 was lifted back onto the pins'
    };
    return {
      label: 'As worn: one layer over the head, the brim double',
      shapes: [...body, ...turned],
      lines: [edge],
      labels: [],
      ...grain(run, 0)
    };
  }
};
