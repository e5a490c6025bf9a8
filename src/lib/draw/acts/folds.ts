import { mainYarn } from '$lib/core/knit';
import {
  bagLayers,
  foldedBag,
  halfWidth,
  pieceAt,
  type Point,
  type SketchLabel,
  type SketchLine,
  upright
} from '$lib/core/read';
import { type Desk, type DrawAct, partOf } from './drawing';
import { lengthwise, lying } from './lying';

import { across, arrow, hairline, numbered } from './pictures';
import { parts } from './put';

/** Stages of the bag: lying flat, its three folds, its two seams, and its tips. */
export type PouchStage = 'flat' | 'pouch-right' | 'pouch-left' | 'pouch-over' | 'seam-right' | 'seam-left' | 'tips';

/** The bag at a stage, from paper coordinates. */
export function pouch(d: Desk, piece: number, stage: PouchStage, handle?: number | null): ReturnType<DrawAct<'fold'>> {
  const a = 2 * Math.max(halfWidth(d.made, piece), 16);
  const yarn = mainYarn(pieceAt(d.made, piece).fabric);
  const names = d.say.words.draw.parts;
  const folds = ({ flat: 0, 'pouch-right': 1, 'pouch-left': 2 } as Partial<Record<PouchStage, 0 | 1 | 2>>)[stage] ?? 3;
  const bag = foldedBag(a, folds);
  // While it is being folded it lies as on the table; finished it stands on its bottom edge.
  const place = (p: Point): Point => {
    const [x, y] = folds === 3 ? upright(p, a) : p;
    return [x, -y];
  };
  const at = (piece_: Parameters<typeof bag.where>[0], p: Point): Point => place(bag.where(piece_, p));
  const behind = (name: string): boolean =>
    (folds >= 1 && name === 'rightUp') || (folds >= 2 && name === 'leftDown') || (folds === 3 && name === 'rightDown');
  const shapes = bagLayers(d.made, piece, a, folds).flatMap(({ name, shapes: bands }) =>
    bands.map((band) => ({ ...band, points: band.points.map(place), solid: behind(name) ? 0.72 : 1 }))
  );
  const lines: SketchLine[] = [];
  const labels: SketchLabel[] = [];
  const seamLine = (from: Point, to: Point, strong: boolean): void =>
    void lines.push(
      hairline([place(from), place(to)], { strong, dashed: !strong, thickMm: strong ? 5 : 0, title: names.seam })
    );
  switch (stage) {
    case 'flat':
      for (const x of [a, 2 * a]) lines.push(hairline([[x, 0], [x, -a]], { dashed: true })); // prettier-ignore
      labels.push({ at: [1.5 * a, 22], text: `${d.say.talk.len(3 * a)} = 3 × ${d.say.talk.len(a)}`, anchor: 'middle' });
      break;
    case 'pouch-right':
      lines.push(...arrow(place([3 * a, a]), at('rightUp', [2.86 * a, 0.86 * a]), names['corner-down']));
      lines.push(hairline([place([2 * a, a]), place([3 * a, 0])], { strong: true, dashed: true, title: names.fold }));
      break;
    case 'pouch-left':
      lines.push(...arrow(place([0, 0]), at('leftDown', [0.14 * a, 0.14 * a]), names['corner-up']));
      lines.push(hairline([place([0, a]), place([a, 0])], { strong: true, dashed: true, title: names.fold }));
      break;
    case 'pouch-over':
      lines.push(hairline([place([a, 0]), place([2 * a, a])], { strong: true, dashed: true, title: names.fold }));
      seamLine([2 * a, a], [a, a], false);
      seamLine([a, 0], [a, a], false);
      labels.push({ at: [place([1.5 * a, 0.5 * a])[0], 20], text: names.fold, anchor: 'middle' });
      break;
    case 'seam-right':
      seamLine([2 * a, a], [a, a], true);
      // From the notch of the opening down to the bottom corner.
      labels.push(...numbered([place([1.1 * a, 1.08 * a]), place([1.9 * a, 1.08 * a])]));
      break;
    case 'seam-left':
      seamLine([a, 0], [a, a], true);
      labels.push(...numbered([place([0.92 * a, 0.9 * a]), place([0.92 * a, 0.12 * a])]));
      break;
    case 'tips': {
      const tips = [at('leftUp', [0, a]), at('rightDown', [3 * a, 0])];
      for (const [x, y] of tips) lines.push(hairline([[x - a * 0.1, y + a * 0.06], [x, y], [x + a * 0.1, y + a * 0.06]], { strong: true, thickMm: 6 })); // prettier-ignore
      const [l, r] = [tips[0]!, tips[1]!];
      lines.push({ points: [l, [l[0], l[1] - a * 0.5], [(l[0] + r[0]) / 2, l[1] - a * 0.8], [r[0], r[1] - a * 0.5], r], yarn: handle ?? yarn, thickMm: 9 }); // prettier-ignore
      break;
    }
  }
  return parts({ shapes, lines, labels });
}

/** Two closed ends folded to a U each and locked into each other; sewn, the needle goes through all four layers. */
export function locked(d: Desk, piece: number, sewn: boolean): ReturnType<DrawAct<'fold'>> {
  const names = d.say.words.draw.parts;
  const mm = 2 * Math.max(halfWidth(d.made, piece), 16);
  const yarn = mainYarn(pieceAt(d.made, piece).fabric);
  const u = (x: number, up: 1 | -1): SketchLine => ({
    points: [[x, up * -mm * 0.7], [x, up * mm * 0.3], [x + mm * 0.35, up * mm * 0.5], [x + mm * 0.7, up * mm * 0.3], [x + mm * 0.7, up * -mm * 0.7]], // prettier-ignore
    yarn,
    thickMm: mm * 0.06
  });
  const seam: SketchLine = sewn
    ? { points: Array.from({ length: 29 }, (_, i): Point => [mm * (-0.1 + 0.045 * i), i % 2 ? mm * 0.05 : -mm * 0.05]), yarn: null, thickMm: 3, strong: true, title: names.seam } // prettier-ignore
    : hairline([[-mm * 0.2, 0], [mm * 1.25, 0]], { strong: true, dashed: true, title: names.seam }); // prettier-ignore
  return parts({
    lines: [u(0, 1), u(mm * 0.35, -1), seam],
    labels: [
      { at: [mm * 0.35, -mm * 0.76], text: names['last-end'], anchor: 'middle' },
      { at: [mm * 0.7, mm * 0.86], text: names['first-end'], anchor: 'middle' }
    ]
  });
}

export const fold: DrawAct<'fold'> = (a, f, d) => {
  const names = d.say.words.draw.parts;
  switch (a.how) {
    case 'inside':
    case 'pinch': {
      const lay = lying(d, d.before, a.piece);
      const y = lay.yAt(f.row ?? 0);
      const mark = across(lay.half, y, `${names.fold}, ${d.say.words.draw.row(f.row ?? 0, d.say.talk)}`, {
        dashed: true
      });
      // From the end that goes in to the fold.
      const last = f.enters === 'hung-off';
      const into = arrow([0, lay.lengthMm * (last ? 0.06 : 0.94)], [0, y + (last ? -14 : 14)], names.inside);
      return parts({ shapes: lay.shapes, lines: [...lay.lines, mark.line, ...into], labels: [...lay.labels, mark.label] }, lay.grain); // prettier-ignore
    }
    case 'flat':
      if (d.made.plan.acts.some((act) => act.do === 'fold' && act.piece === a.piece && act.how === 'pouch-right')) return pouch(d, a.piece, 'flat'); // prettier-ignore
      {
        const lay = lengthwise(d, d.after(), a.piece);
        return parts({ shapes: lay.shapes, lines: lay.lines, labels: [
          { at: [lay.along / 2, lay.high + 24], text: d.say.talk.len(f.alongMm), anchor: 'middle' },
          { at: [lay.along + 10, lay.high / 2 + 4], text: d.say.talk.len(f.highMm), anchor: 'start' }
        ] }, lay.grain); // prettier-ignore
      }
    case 'pouch-right':
    case 'pouch-left':
    case 'pouch-over':
      return pouch(d, a.piece, a.how);
    case 'brim': {
      const lay = lying(d, d.after(), a.piece, false);
      return parts({ shapes: lay.shapes, lines: [...lay.lines, ...arrow([lay.half + 16, lay.lengthMm], [lay.half + 16, lay.lengthMm * 0.78], names.fold)], labels: lay.labels }, lay.grain); // prettier-ignore
    }
    case 'twist':
      return locked(d, a.piece, false);
  }
};

export const turn: DrawAct<'turn'> = (a, _f, d) => {
  if (partOf(d.before, a.piece).part.form === 'flat') {
    const lay = lengthwise(d, d.after(), a.piece);
    const round = arrow([lay.along * 0.3, -18], [lay.along * 0.7, -18], d.say.words.draw.parts.here);
    return parts({ shapes: lay.shapes, lines: [...lay.lines, ...round], labels: [] }, lay.grain);
  }
  const lay = lying(d, d.after(), a.piece);
  const round = arrow([-lay.half * 0.6, -20], [lay.half * 0.6, -20], d.say.words.draw.parts.here);
  return parts({ shapes: lay.shapes, lines: [...lay.lines, ...round], labels: lay.labels }, lay.grain);
};
