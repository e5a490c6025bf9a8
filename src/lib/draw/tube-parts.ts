import { disc, through } from './paths';
import { ticks } from 'd3-array';
import type { Yarn } from '$lib/core/kit';
import { heightOfRow, type TubeOutline } from '$lib/core/read';
import { fix, frontArc, type Shape, type Texture } from './scene';

/** How a tube is drawn. */
export interface TubeView {
  readonly width: number;
  readonly height: number;
  /** Rows knitted so far, or null for the whole plan. */
  readonly rowsDone: number | null;
  /** Without rulers and letters, for a narrow margin. */
  readonly slim: boolean;
  /** Which copy of the piece hangs there; what went wrong in others is not drawn. */
  readonly copy?: number;
}

/** Pixels the ring takes above the tube. */
export const RING_HEIGHT = 46;
const BOTTOM = 26;

/** Letters that name the yarns of a plan in pictures, where colour alone must not tell. */
export const yarnLetter = (index: number): string => String.fromCharCode(65 + (index % 26));

/** The ring seen from a little above: rim, pins, marker. */
function ringShapes(cx: number, rx: number, pins: number): Shape[] {
  const ry = rx * 0.2;
  const y = RING_HEIGHT - 8;
  const rim = (r: number): string =>
    `M${fix(cx - rx * r)} ${y}${frontArc(rx * r, ry * r, cx + rx * r, y)}${frontArc(rx * r, ry * r, cx - rx * r, y)}Z`;
  const shapes: Shape[] = [
    { shape: 'path', d: rim(1.1), fill: { ink: 'line' } },
    { shape: 'path', d: rim(0.96), fill: { ink: 'paper' } }
  ];
  for (let i = 0; i < pins; i++) {
    // The marker stands in front, where the knitter sits.
    const angle = Math.PI / 2 + (2 * Math.PI * i) / pins;
    const x = cx + rx * 1.03 * Math.cos(angle);
    const top = y + ry * 1.03 * Math.sin(angle);
    const marker = i === 0;
    shapes.push({
      shape: 'path',
      d: `M${fix(x)} ${fix(top + 3)}V${fix(top - (marker ? 11 : 8))}`,
      fill: { ink: 'none' },
      stroke: { ink: marker ? 'accent' : 'quiet' },
      width: marker ? 4 : 1.6,
      ...(marker ? { title: 'Marker pin' } : {})
    });
  }
  return shapes;
}

/** A tube in its parts, from behind to in front. */
export interface TubeParts {
  /** What is still to come, as a dotted outline; none once all is knitted. */
  readonly coming: readonly Shape[];
  /** What hangs. */
  readonly hanging: readonly Shape[];
  readonly ring: readonly Shape[];
  /** Rows beside it. */
  readonly ruler: readonly Shape[];
  readonly textures: readonly Texture[];
  readonly label: string;
  /** Pixels a mm takes, and where the ruler stands. */
  readonly pxPerMm: number;
  readonly rulerX: number;
}

/** Rows of the work that are done after so many in all. */
export const workDone = ({ work }: Pick<TubeOutline, 'work'>, rows: number): number =>
  Math.max(0, Math.min(rows - work.before, work.rows));

/** What a tube is to those who do not see it; without rows it is the plan, with them how far it is. */
export function labelOf(tube: TubeOutline, done: number, rows: number | null): string {
  const bands = tube.bands.map((b) => `${b.section} ${b.to - b.from + 1} rows`).join(', ');
  return `The tube as it hangs: ${bands}${rows === null ? '' : `; ${workDone(tube, done)} of ${tube.work.rows} rows knitted`}`;
}

export function partsOf(tube: TubeOutline, yarns: readonly Yarn[], pins: number, view: TubeView): TubeParts {
  const { width, height, slim } = view;
  const left = slim ? 4 : 46;
  const right = slim ? 4 : 52;
  const room = height - RING_HEIGHT - BOTTOM;
  const pxPerMm = room / Math.max(tube.heightMm, 1);
  // To scale where the column allows; a long scarf is drawn wider than it is, never thinner than a finger.
  const least = tube.flat ? (slim ? 12 : 26) : slim ? 24 : 84;
  const bodyWidth = Math.min(width - left - right, Math.max(tube.widthMm * pxPerMm, least));
  const cx = left + (width - left - right) / 2;
  const [x0, x1] = [cx - bodyWidth / 2, cx + bodyWidth / 2];
  const ry = tube.flat ? 0.5 : bodyWidth * 0.07;
  const done = Math.min(view.rowsDone ?? tube.rows, tube.rows);
  const doneMm = heightOfRow(tube.bands, done);
  const hung = done === 0 ? 0 : doneMm;
  // Height above the cast-on to pixels: the newest row sits at the ring.
  const y = (mm: number): number => RING_HEIGHT + ((hung - mm) / (tube.heightMm || 1)) * room;
  const stitchPx = bodyWidth / tube.stitchesAcross;
  const rowPx = room / Math.max(tube.rows, 1);
  const textures = yarns.map((yarn, i): Texture => ({
    yarn: i,
    hex: yarn.colour.hex,
    stitchPx,
    rowPx,
    originY: RING_HEIGHT
  }));
  const coming: Shape[] = [];
  const shapes: Shape[] = [];
  const wide = Math.max(1, ...(tube.edges ?? []).map(([, right]) => right));
  const across = (mm: number): number => x0 + (mm / wide) * bodyWidth;
  /** A stretch of rows of a panel, from 1, both included, to its true edges. */
  const strip = (from: number, to: number): string => {
    const left: [number, number][] = [];
    const right: [number, number][] = [];
    const put = ([a, b]: readonly [number, number], row: number): void => {
      const at = y(heightOfRow(tube.bands, row));
      left.push([across(a), at]);
      right.unshift([across(b), at]);
    };
    let last = tube.edges![from - 1]!;
    put(last, from - 1);
    for (let row = from + 1; row <= to; row++) {
      const here = tube.edges![row - 1]!;
      if (here[0] === last[0] && here[1] === last[1]) continue;
      put(last, row - 1);
      put(here, row - 1);
      last = here;
    }
    put(last, to);
    return through([...left, ...right], true);
  };
  const slab = (top: number, bottom: number): string =>
    `M${fix(x0)} ${fix(top)}V${fix(bottom)}${frontArc(bodyWidth / 2, ry, x1, bottom)}V${fix(top)}${frontArc(bodyWidth / 2, ry, x0, top, 1)}Z`;

  if (done < tube.rows) {
    coming.push({
      shape: 'path',
      d: slab(y(hung), RING_HEIGHT + room),
      fill: { ink: 'none' },
      stroke: { ink: 'quiet' },
      width: 1,
      dash: '2 4',
      title: `${Math.min(tube.work.rows, tube.work.rows + tube.work.before - done)} rows to come`
    });
  }
  for (const band of tube.bands) {
    if (band.from > done) break;
    const top = y(Math.min(band.topMm, hung));
    const bottom = y(band.bottomMm);
    const yarn = yarns[band.yarn]!;
    const own = band.purpose === 'work' ? tube.work.before : band.from - 1;
    const name = `${band.section}: row ${band.from - own} to ${band.to - own}, ${yarn.name}, ${yarn.colour.name}`;
    shapes.push({
      shape: 'path',
      d: tube.edges ? strip(band.from, Math.min(band.to, done)) : slab(top, bottom),
      fill: { knit: band.yarn },
      title: name,
      ...(band.purpose === 'work' ? {} : { opacity: 0.75 })
    });
    if (slim || bottom - top < 13) continue;
    const middle = (top + bottom) / 2 + ry;
    shapes.push(
      {
        shape: 'path',
        d: disc(cx, middle, 11),
        fill: { ink: 'paper' },
        opacity: 0.92
      },
      {
        shape: 'text',
        x: cx,
        y: middle + 5,
        text: yarnLetter(band.yarn),
        size: 14,
        anchor: 'middle',
        ink: 'text',
        bold: true
      }
    );
  }
  if (tube.fold && tube.fold.row < done) {
    const at = y(tube.fold.heightMm);
    shapes.push({
      shape: 'path',
      d: `M${fix(x0 - 6)} ${fix(at)}${frontArc(bodyWidth / 2 + 6, ry, x1 + 6, at)}`,
      fill: { ink: 'none' },
      stroke: { ink: 'text' },
      width: 1.6,
      dash: '6 3',
      title: `Fold after row ${tube.fold.row - tube.work.before}`
    });
    if (!slim) shapes.push({ shape: 'text', x: x0 - 8, y: at + 4, text: 'fold', size: 12, anchor: 'end', ink: 'text' });
  }
  for (const { column, row, copy, ball } of tube.faults) {
    if (row > done || copy !== (view.copy ?? copy)) continue;
    // Its tip touches the row, so that the newest one is not behind the ring.
    const at = y(heightOfRow(tube.bands, row)) + 9;
    // In front it is seen where it is; at the back of a tube its row is marked at the side.
    const angle = (2 * Math.PI * (column + 0.5)) / tube.pins;
    const mm = tube.edges ? (wide * (column + 0.5)) / Math.max(1, tube.pins) : 0;
    const x = tube.edges ? across(mm) : Math.cos(angle) < -0.2 ? x1 + 2 : cx + (bodyWidth / 2) * 0.97 * Math.sin(angle);
    shapes.push({ shape: 'path', d: through([[x, at - 9], [x + 9, at], [x, at + 9], [x - 9, at]], true), fill: { ink: 'accent' }, stroke: { ink: 'text' }, width: 2, title: ball ? `A new ball after row ${row - tube.work.before}` : `Something went wrong in row ${row - tube.work.before}` }); // prettier-ignore
  }
  shapes.push(...ladderShapes(tube, cx, bodyWidth / 2, y(hung), RING_HEIGHT + room));
  const rim = tube.flat ? (width - 8) / 2.6 : bodyWidth / 2 + 12;
  return {
    coming,
    hanging: shapes,
    ring: ringShapes(cx, Math.min((width - 8) / 2.3, rim), pins),
    ruler: slim ? [] : rulerShapes(tube, done, y, x1 + 10, RING_HEIGHT + room),
    textures,
    label: labelOf(tube, done, view.rowsDone),
    pxPerMm,
    rulerX: x1 + 10
  };
}

/** Stitches dropped on purpose, as far as they can be seen from in front. */
function ladderShapes(tube: TubeOutline, cx: number, half: number, top: number, bottom: number): Shape[] {
  return tube.ladders.flatMap((column): Shape[] => {
    // Column 0 stands in front, at the marker.
    const angle = (2 * Math.PI * (column + 0.5)) / tube.pins;
    if (Math.cos(angle) < -0.2) return [];
    const x = cx + half * 0.97 * Math.sin(angle);
    return [
      {
        shape: 'path',
        d: `M${fix(x)} ${fix(top)}V${fix(bottom)}`,
        fill: { ink: 'none' },
        stroke: { ink: 'paper' },
        width: 4,
        dash: '2 2.5',
        title: 'Ladder of a dropped stitch'
      }
    ];
  });
}

/** The ruler beside the tube: rows of the work, which waste is never counted in; ends of sections stand out. */
function rulerShapes(tube: TubeOutline, done: number, y: (mm: number) => number, x: number, floor: number): Shape[] {
  const shapes: Shape[] = [];
  const taken: number[] = [];
  const at = (row: number): number => y(heightOfRow(tube.bands, row));
  const free = (py: number): boolean => py <= floor + 18 && taken.every((t) => Math.abs(t - py) >= 13);
  const mark = (row: number, text: string, bold: boolean): void => {
    const py = at(row);
    // The rim of the ring covers the first few pixels beside it, so a label there stands just below.
    const label = Math.max(py + 4, RING_HEIGHT + (tube.flat ? 28 : 15));
    shapes.push({
      shape: 'path',
      d: `M${fix(x)} ${fix(py)}h${bold ? 9 : 5}`,
      fill: { ink: 'none' },
      stroke: { ink: bold ? 'text' : 'quiet' },
      width: bold ? 1.6 : 1
    });
    if (!free(label)) return;
    taken.push(label);
    shapes.push({
      shape: 'text',
      x: x + 12,
      y: label,
      text,
      size: 12,
      anchor: 'start',
      ink: bold ? 'text' : 'quiet',
      bold
    });
  };
  const { before, rows } = tube.work;
  const put = (row: number, bold: boolean): void => {
    if (row > 0 && row <= rows) mark(row + before, String(row), bold);
  };
  put(Math.min(done - before, rows), true);
  for (const band of tube.bands) if (band.purpose === 'work' && band.to < done) put(band.to - before, true);
  for (const row of ticks(0, rows, 8)) if (Number.isInteger(row) && row + before < done) put(row, false);
  return shapes;
}
