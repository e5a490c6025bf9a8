import type { EdgeRef, Finish, Join } from '../../plan';
import { edgeSize } from '../edge';
import { layPanel, type PanelLay } from '../panel';
import { grain, type Point, type Sketch, type SketchLine } from '../sketch';
import { across, flatPiece, hairline, sketchOf } from './pictures';
import type { Bench, Procedure } from './procedure';

const HOW = {
  hook: { how: 'hook a slip stitch through both edges, loop by loop', why: 'Hooked: quick and firm. Sewn: flatter.' },
  needle: {
    how: 'graft loop to loop, so that the seam is one more row',
    why: 'Grafted: cannot be seen or felt. Hooked: quicker.'
  },
  mattress: {
    how: 'mattress stitch, one or two bars at a time, from the right side',
    why: 'Mattress stitch lies flat and can be undone. A hooked seam is quicker and firmer.'
  },
  ladder: { how: 'hook a rung of the one ladder through a rung of the other, up the whole length', why: undefined }
} as const;

/** An edge in words. */
export function edgeWords(at: Bench, e: EdgeRef): string {
  const { label } = at.run.plan.pieces[e.piece]!;
  const pins = e.pins ? `, pins ${e.pins.from} to ${e.pins.to}` : '';
  const what =
    e.edge === 'ladder'
      ? `ladder at pin ${e.pin}`
      : e.edge === 'held'
        ? 'stitches on the thread'
        : e.edge === 'side'
          ? `edge at the ${e.side === 'low' ? 'lowest' : 'highest'} pin`
          : `${at.edge(e.edge)}${pins}`;
  const part = e.along ? `, from ${at.len(e.along.fromMm)} to ${at.len(e.along.toMm)} along its side` : '';
  const rows = e.rows ? `, rows ${e.rows.from} to ${e.rows.to}` : '';
  return e.along ? `the side of the ${label.toLowerCase()}${part}` : `the ${what} of the ${label.toLowerCase()}${rows}`;
}

/** Both panels side by side, the edges that meet drawn heavily. */
function panelSeam(at: Bench, join: Join): Sketch {
  const lays = [layPanel(at.run, join.a.piece), layPanel(at.run, join.b.piece)];
  const shift = lays[0]!.widthMm + 60;
  const tall = Math.max(...lays.map((lay) => lay.heightMm));
  const edge = (e: EdgeRef, lay: PanelLay, dx: number): SketchLine => {
    const piece = at.run.fabric.pieces[e.piece]!;
    const first = Math.max(0, piece.purpose.indexOf(0));
    const last = piece.purpose.lastIndexOf(0);
    const dy = tall - lay.heightMm;
    const points: Point[] = [];
    if (e.edge === 'held') {
      const y = lay.yAt(e.rows?.from ?? 1) + dy;
      const x = e.side === 'low' ? 0 : lay.widthMm;
      points.push([x + dx, y], [x + dx + (e.side === 'low' ? 1 : -1) * edgeSize(at.run, e).mm, 0 + dy]);
    } else if (e.edge === 'side') {
      const to = Math.min(e.rows?.to ?? last - first + 1, last - first + 1);
      for (let row = e.rows?.from ?? 1; row <= to; row++) {
        const pin = e.side === 'low' ? piece.low[first + row - 1]! : piece.high[first + row - 1]! + 1;
        points.push([lay.xAt(pin) + dx, lay.yAt(row) + dy]);
      }
    } else {
      const row = e.edge === 'cast-on' ? first : last;
      const y = e.edge === 'cast-on' ? lay.heightMm : 0;
      const [low, high] = [e.pins?.from ?? piece.low[row]!, e.pins?.to ?? piece.high[row]!];
      points.push([lay.xAt(low) + dx, y + dy], [lay.xAt(high + 1) + dx, y + dy]);
    }
    return { points, yarn: null, thickMm: 9, strong: true, title: edgeWords(at, e) };
  };
  const moved = (lay: PanelLay, dx: number) =>
    lay.shapes.map((s) => ({ ...s, points: s.points.map(([x, y]): Point => [x + dx, y + tall - lay.heightMm]) }));
  return sketchOf(
    `The two edges that meet: ${join.name}`,
    {
      shapes: [...moved(lays[0]!, 0), ...moved(lays[1]!, shift)],
      lines: [edge(join.a, lays[0]!, 0), edge(join.b, lays[1]!, shift)]
    },
    grain(at.run, join.a.piece)
  );
}

/** A join of the plan sewn or hooked. */
export const seam: Procedure<Extract<Finish, { do: 'seam' }>> = {
  words: (f, at) => {
    const join = at.run.plan.joins[f.join]!;
    const { how, why } = HOW[join.by];
    return {
      title: `Join: ${join.name}`,
      detail: `${edgeWords(at, join.a)[0]!.toUpperCase()}${edgeWords(at, join.a).slice(1)} to ${edgeWords(at, join.b)}, ${at.len(f.seamMm)}: ${how}, with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
      ...(why ? { why } : {}),
      minutes: 1 + f.seamMm * 0.025
    };
  },
  sketch: (f, at) => {
    const join = at.run.plan.joins[f.join]!;
    if (at.run.plan.pieces[join.a.piece]!.mode !== 'tube') return panelSeam(at, join);
    const flat = flatPiece(at.run, join.a.piece);
    const mark = (e: EdgeRef) => {
      if (e.along) {
        const scale =
          flat.lengthMm /
          Math.max(1, ...at.run.plan.joins.map((j) => Math.max(j.a.along?.toMm ?? 0, j.b.along?.toMm ?? 0)));
        const y = (mm: number): number => flat.lengthMm - mm * scale;
        return {
          line: hairline([[flat.half, y(e.along.fromMm)], [flat.half, y(e.along.toMm)]], { strong: true }), // prettier-ignore
          label: {
            at: [flat.half + 12, (y(e.along.fromMm) + y(e.along.toMm)) / 2] as const,
            text: 'side',
            anchor: 'start' as const
          }
        };
      }
      return across(
        flat.half,
        e.edge === 'hung-off' ? 0 : flat.lengthMm,
        at.edge(e.edge === 'hung-off' ? 'hung-off' : 'cast-on')
      );
    };
    const marks = [mark(join.a), mark(join.b)];
    return sketchOf(
      `The two edges that meet: ${join.name}`,
      { shapes: flat.shapes, lines: marks.map((m) => m.line), labels: marks.map((m) => m.label) },
      flat.grain
    );
  }
};

/** Both ends folded into each other and sewn through four layers. */
export const twist: Procedure<Extract<Finish, { do: 'twist' }>> = {
  words: (f, at) => ({
    title: 'Lock the two ends into each other',
    detail: `Fold each closed end lengthwise into a U. Slip one side of the one U into the other, so that four layers lie on each other, and sew once through all four: ${at.len(f.seamMm)}, with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}. Turn it over: the twist sits in front.`,
    minutes: 5
  }),
  sketch: (f, at) => {
    const mm = f.seamMm;
    const u = (x: number, up: 1 | -1, yarn: number) => ({
      points: [[x, up * -mm * 0.7], [x, up * mm * 0.3], [x + mm * 0.35, up * mm * 0.5], [x + mm * 0.7, up * mm * 0.3], [x + mm * 0.7, up * -mm * 0.7]] as const, // prettier-ignore
      yarn,
      thickMm: 7,
      title: up > 0 ? 'One end, folded to a U' : 'The other end, folded to a U'
    });
    const yarn = at.run.fabric.yarns.indexOf(f.yarn);
    return sketchOf('Two U shapes locked into each other: four layers in the middle', {
      lines: [
        u(0, 1, yarn),
        u(mm * 0.35, -1, yarn),
        hairline([[-mm * 0.2, 0], [mm * 1.25, 0]], { strong: true, dashed: true, title: 'Sewn through all four' }) // prettier-ignore
      ],
      labels: [{ at: [mm * 1.32, 4], text: 'sewn through four layers', anchor: 'start' }]
    });
  }
};

/** Ladders of two tubes hooked into each other. */
export const chainLadder: Procedure<Extract<Finish, { do: 'chainLadder' }>> = {
  words: (f, at) => {
    const join = at.run.plan.joins[f.join]!;
    return {
      title: `Chain the ladders: ${join.name}`,
      detail: `${f.rows} rungs of ${edgeWords(at, join.a)} with as many of ${edgeWords(at, join.b)}: hook a rung of the one through a rung of the other, up to the end. Secure the last loop with ${at.len(f.lengthMm)} of ${at.yarn(f.yarn)}.`,
      minutes: 1 + f.rows * 0.06
    };
  },
  sketch: (f, at) => {
    const join = at.run.plan.joins[f.join]!;
    const flat = flatPiece(at.run, join.a.piece);
    const from = join.a.rows?.from ?? 1;
    const to = join.a.rows?.to ?? flat.rows;
    const [y0, y1] = [flat.yAt(from - 1), flat.yAt(to)];
    const shapes = flat.shapes.map((s) => ({
      ...s,
      points: s.points.map(([x, y]) => [x - flat.half - 7, y] as const)
    }));
    const other = flat.shapes.map((s) => ({ ...s, points: s.points.map(([x, y]) => [x + flat.half + 7, y] as const) }));
    const rungs = Array.from({ length: 14 }, (_, i) => y0 + ((y1 - y0) * (i + 0.5)) / 14);
    return sketchOf(
      `Rungs of rows ${from} to ${to} of both tubes hooked into each other`,
      {
        shapes: [...shapes, ...other],
        lines: rungs.map((y) => hairline([[-7, y], [7, y - 4]], { strong: true })), // prettier-ignore
        labels: [
          { at: [2 * flat.half + 22, y0], text: `row ${from}`, anchor: 'start' },
          { at: [2 * flat.half + 22, y1 + 8], text: `row ${to}`, anchor: 'start' }
        ]
      },
      flat.grain
    );
  }
};
