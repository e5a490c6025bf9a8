import type { PanelsWorn } from '../../plan';
import { about, type Figure, showLength } from '../../quantity';
import { garmentSizes } from '../garment';
import { type Executed, mainGauge, pieceAt } from '../../knit';
import { layPanel, panelAreaMm2 } from '../panel';
import { grain, type Sketch, type SketchLabel, type SketchLine, type SketchShape } from '../sketch';
import { plainPlaces, type WornForm } from './form';

/** Room between two pieces of a schematic, mm. */
const APART_MM = 290;

/** Height of the labels between two rows, as a share of the width they are scaled to. */
const LABEL_SHARE = 0.17;

/** One piece with its measures along its edges. */
function drawn(run: Executed, p: number, x: number, y: number) {
  const { units } = run.kit.habits;
  const lay = layPanel(run, p);
  const piece = pieceAt(run, p).fabric;
  // Seen from the finished knit side the low pins are the right edge (craft 1.1); as it hung it was seen from behind.
  const flip = (px: number): number => lay.widthMm - px;
  const move = ([px, py]: readonly [number, number]) => [flip(px) + x, py + y] as const;
  const shapes: SketchShape[] = lay.shapes.map((shape) => ({ ...shape, points: shape.points.map(move) }));
  const size = pieceAt(run, p).planned;
  const { wales } = mainGauge(run, p);
  const first = piece.purpose.indexOf(0);
  const last = piece.purpose.lastIndexOf(0);
  const columns = piece.floats.after.length * piece.floats.columns;
  const stitches = (row: number): number => (piece.stitches[row] ?? 0) + columns;
  const wide = (n: number): string => `${showLength((10 * n) / wales.value, units)}, ${n} st`;
  const middle = (row: number): number => (lay.xAt(piece.low[row]!) + lay.xAt(piece.high[row]! + 1)) / 2;
  const off = piece.trace.at(-2);
  const atTop = off && off.occupied > 0 ? off.occupied + columns : stitches(last);
  const name = size.copies > 1 ? `${size.copies} x ${size.label}` : size.label;
  const labels: SketchLabel[] = [
    { at: [x + flip(middle(first)), y + lay.heightMm], shift: [0, 1.2], text: wide(stitches(first)), anchor: 'middle' },
    { at: [x + flip(middle(first)), y + lay.heightMm], shift: [0, 2.5], text: name, anchor: 'middle' },
    { at: [x + flip(middle(last)), y], shift: [0, -0.5], text: wide(atTop), anchor: 'middle' }
  ];
  const lines: SketchLine[] = [];
  /** Height and rows of a stretch, beside the widest edge. */
  const upright = (from: number, to: number): void => {
    const at: [number, number] = [x + lay.widthMm, y + (lay.yAt(from - first + 1) + lay.yAt(to - first + 2)) / 2];
    const mm = lay.yAt(from - first + 1) - lay.yAt(to - first + 2);
    labels.push(
      { at, shift: [0.5, -0.2], text: showLength(mm, units), anchor: 'start' },
      { at, shift: [0.5, 0.9], text: `${to - from + 1} r`, anchor: 'start' }
    );
  };
  // Where several stitches go at once the straight part ends: a line across, and a height for either part.
  let cut = first + 1;
  while (cut <= last && piece.stitches[cut]! >= piece.stitches[cut - 1]! - 1) cut++;
  if (cut <= last) {
    const at = y + lay.yAt(cut - first + 1);
    lines.push({
      points: [[x + flip(lay.xAt(piece.low[cut - 1]!)), at], [x + flip(lay.xAt(piece.high[cut - 1]! + 1)), at]], // prettier-ignore
      yarn: null,
      thickMm: 0,
      dashed: true,
      title: `Work row ${cut - first}`
    });
    // What goes at once, beside the step it makes.
    const gone = { low: piece.low[cut]! - piece.low[cut - 1]!, high: piece.high[cut - 1]! - piece.high[cut]! };
    if (gone.low > 1) {
      labels.push({ at: [x + flip(lay.xAt(piece.low[cut - 1]!)), at], shift: [0.3, 0.3], text: `${gone.low} st`, anchor: 'start' }); // prettier-ignore
    }
    if (gone.high > 1) {
      labels.push({ at: [x + flip(lay.xAt(piece.high[cut - 1]! + 1)), at], shift: [-0.3, 0.3], text: `${gone.high} st`, anchor: 'end' }); // prettier-ignore
    }
    upright(first, cut - 1);
    upright(cut, last);
  } else upright(first, last);
  return { lay, shapes, lines, labels };
}

/** Once round a garment as it is knitted, seams taken off; of anything else the girth its panels were laid out for. */
function roundOf(run: Executed, girthMm: number): Figure {
  const garment = garmentSizes(run);
  if (!garment) return about(girthMm, 0, 'mm', 'chosen', [{ say: 'chosen' }]);
  const { wales } = mainGauge(run, 0);
  const spread = (wales.high - wales.low) / 2 / wales.value;
  const panels = run.notes.garment!.round.parts.length;
  return about(garment.roundMm, spread, 'mm', wales.basis, [{ say: 'roundHem', panels }, ...wales.because]);
}

/** Panels side by side to one scale, each edge with its measure in length and in stitches or rows. */
export const panelsForm: WornForm<PanelsWorn> = {
  places: plainPlaces,
  figures: (run, worn) => {
    const area = run.plan.pieces.reduce((sum, piece, p) => sum + piece.copies * panelAreaMm2(run, p), 0);
    const spread = 2 * pieceAt(run, 0).gauges[0]!.loopSpread;
    const { courses } = mainGauge(run, 0);
    return [
      {
        code: 'area',
        name: 'fabric',
        figure: {
          value: area / 1e4,
          low: (area / 1e4) * (1 - spread),
          high: (area / 1e4) * (1 + spread),
          unit: 'dm2',
          basis: courses.basis,
          because: [{ say: 'outlines' }, ...courses.because]
        }
      },
      ...(worn.body
        ? [
            {
              code: 'body',
              name: 'round' as const,
              over: worn.body.what,
              figure: roundOf(run, worn.body.girthMm)
            }
          ]
        : [])
    ];
  },
  sketch: (run, worn, _, narrow): Sketch => {
    const rows = narrow ? worn.rows.flat().map((p) => [p]) : worn.rows;
    const shapes: SketchShape[] = [];
    const lines: SketchLine[] = [];
    const labels: SketchLabel[] = [];
    let y = 0;
    // Labels are as large as the widest row lets them be: they need room below a row and above the next.
    const across = (row: readonly number[]): number =>
      row.reduce((sum, p) => sum + layPanel(run, p).widthMm + APART_MM, 0);
    const below = Math.max(APART_MM, LABEL_SHARE * Math.max(...rows.map(across)));
    for (const row of rows) {
      const lays = row.map((p) => layPanel(run, p));
      const tall = Math.max(...lays.map((lay) => lay.heightMm));
      let x = 0;
      row.forEach((p, i) => {
        const piece = drawn(run, p, x, y + tall - lays[i]!.heightMm);
        shapes.push(...piece.shapes);
        lines.push(...piece.lines);
        labels.push(...piece.labels);
        x += lays[i]!.widthMm + APART_MM;
      });
      y += tall + below;
    }
    return {
      label: `The schematic: ${worn.rows
        .flat()
        .map((p) => pieceAt(run, p).planned.label.toLowerCase())
        .join(', ')}, to one scale`,
      shapes,
      lines,
      labels,
      ...grain(run, 0)
    };
  }
};
