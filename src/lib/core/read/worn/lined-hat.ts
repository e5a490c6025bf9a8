import { browStretch, CROWN_SHARE } from '../../body';
import { rulesOf } from '../../kit';
import type { Plan, Worn } from '../../plan';
import { type Figure, noted } from '../../quantity';
import type { Made } from '../../hand';
import { type Executed, mainGauge, pieceAt } from '../../knit';
import type { PieceSize } from '../piece-size';
import { foldHat, hatPlaces, type HatOnHead } from './fold-hat';
import type { NamedFigure, Places, WornForm } from './form';

/** What a worn hat measures on the body. */
export interface WornSize {
  /** Stretch at the brow in percent. */
  readonly stretch: Figure;
  readonly heightDownMm: Figure;
  readonly heightAsWornMm: Figure;
  /** Rows the head asks for. */
  readonly wantedRows: Figure;
}

/** The worn form of a plan when it is a tube folded into itself. */
export const hatOf = (plan: Pick<Plan, 'worn'>): (Worn & HatOnHead) | null =>
  plan.worn?.form === 'lined-hat' || plan.worn?.form === 'ear-hat' ? plan.worn : null;

/** Measures of a hat folded into itself, or null for anything else. */
export const wornHatSize = (run: Executed, size: PieceSize | undefined): WornSize | null =>
  size ? measured(size, run.plan, run.notes, run.fabric, run.gauges, run.kit.edition) : null;

/** Once for the same piece: the sizes and the figures of the finished thing ask for the same ones. */
const measured = noted(
  (
    size: PieceSize,
    plan: Executed['plan'],
    notes: Executed['notes'],
    fabric: Executed['fabric'],
    gauges: Executed['gauges'],
    edition: Executed['kit']['edition']
  ): WornSize | null => measureHat({ plan, notes, fabric, gauges, edition }, size)
);

/** What the measures of a hat depend on. */
type Hat = Pick<Executed, 'plan' | 'notes' | 'fabric' | 'gauges'> & Pick<Executed['kit'], 'edition'>;

function measureHat(run: Hat, size: PieceSize): WornSize | null {
  const worn = hatOf(run.plan);
  const { wanted } = run.notes;
  const piece = run.fabric.pieces[0];
  if (!worn || !wanted || !piece) return null;
  const gauge = mainGauge(run, 0);
  const fit = (wales: number) => browStretch(worn.headMm, { pins: piece.width, wales }) * 100;
  // Lying flat, a crown drawn shut takes a tenth of the girth off; one closed straight across takes nothing.
  const crown = worn.form === 'ear-hat' || !rulesOf(run).crownTakes ? 0 : CROWN_SHARE * size.girthMm.value;
  const half = (f: Figure, less: number): Figure => ({
    ...f,
    value: f.value / 2 - less - crown,
    low: f.low / 2 - less - crown,
    high: f.high / 2 - less - crown,
    because: [{ say: 'halfTube', crownMm: crown, brimMm: less }, ...f.because]
  });
  return {
    stretch: {
      value: fit(gauge.wales.value),
      low: fit(gauge.wales.low),
      high: fit(gauge.wales.high),
      unit: 'percent',
      basis: gauge.wales.basis,
      because: [{ say: 'headOver', headMm: worn.headMm, tubeMm: size.girthMm.value }, ...gauge.wales.because]
    },
    heightDownMm: half(size.lengthMm, 0),
    heightAsWornMm: half(size.lengthMm, worn.turnUpMm),
    wantedRows: {
      value: wanted.rows,
      low: wanted.low,
      high: wanted.high,
      unit: 'rows',
      basis: gauge.courses.basis,
      because: wanted.because
    }
  };
}

/** Height of a band that lies astride the fold, as far as it shows outside and on the brim. */
function bandFigure(run: Made, worn: HatOnHead, band: string): NamedFigure[] {
  const hat = foldHat(run, worn);
  const { planned, fabric: piece } = pieceAt(run, 0);
  const { operations } = planned;
  let rows = 0;
  const shows = (row: number): boolean =>
    hat.turnRows > 0 ? row >= hat.foldRow && row < hat.foldRow + hat.turnRows : row < hat.foldRow;
  for (let row = 0; row < hat.workRows; row++) {
    const at = hat.outer === 'first' ? row : hat.workRows - 1 - row;
    const op = operations[piece.operation[hat.firstRow + at]!]!;
    // With the brim up the band shows on it and, where it is wider, above it.
    const outside = row < hat.foldRow - 2 * hat.turnRows;
    if (op.op === 'knit' && op.section === band && (shows(row) || (hat.turnRows > 0 && outside))) rows++;
  }
  const { courses } = mainGauge(run, 0);
  const mm = (course: number): number => rows * course;
  return [
    {
      code: 'band',
      name: 'band-worn',
      figure: {
        value: mm(hat.fit.fullCourseMm),
        low: mm((hat.fit.fullCourseMm * courses.value) / courses.high),
        high: mm((hat.fit.fullCourseMm * courses.value) / courses.low),
        unit: 'mm',
        basis: courses.basis,
        because: [{ say: 'bandShows', rows, eachMm: hat.fit.fullCourseMm }, ...courses.because]
      }
    }
  ];
}

/** Figures of a hat folded into itself. */
export function hatFigures(run: Made, worn: HatOnHead, pieces: readonly PieceSize[]): readonly NamedFigure[] {
  const size = wornHatSize(run, pieces[0]);
  if (!size) return [];
  const band = 'band' in worn && typeof worn.band === 'string' ? bandFigure(run, worn, worn.band) : [];
  return [
    {
      code: 'height',
      name: worn.turnUpMm > 0 ? 'flat-brim-up' : 'height-flat',
      figure: size.heightAsWornMm
    },
    ...(worn.turnUpMm > 0 ? [{ code: 'height-down', name: 'flat-brim-down', figure: size.heightDownMm } as const] : []),
    ...band,
    { code: 'stretch', name: 'stretch-brow', figure: size.stretch },
    { code: 'wanted', name: 'head-asks', figure: size.wantedRows }
  ];
}

/** Places of a hat folded into itself. */
export function hatReveal(run: Made, worn: HatOnHead): Places {
  const { foldRow, turnRows, workRows, outer } = foldHat(run, worn);
  const fold = outer === 'first' ? foldRow : workRows - foldRow;
  return { pieces: [{ place: hatPlaces(run, worn), foldRow: fold }], turnRows };
}

/** A tube folded into itself, both crowns drawn shut. It has an outline of its own: the dome. */
export const linedHatForm: WornForm<Worn & { form: 'lined-hat' }> = {
  places: hatReveal,
  figures: hatFigures,
  sketch: null
};
