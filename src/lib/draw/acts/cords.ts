import { circle, layPanel, pieceAt, type Point, type SketchLine } from '$lib/core/read';
import { type DrawAct, yarnAt } from './drawing';
import { lying, lengthwise } from './lying';
import { across, arrow, hairline, moved, sheet } from './pictures';
import { parts } from './put';

/** Length of a card to its width (craft 7.18). */
const CARD_LENGTH = 100 / 75;

export const cord: DrawAct<'cord'> = (a, f, d) => {
  const drawn = Math.min(f.chains, 20);
  const yarn = yarnAt(d, a.yarn);
  if (a.along && a.name === 'loop') {
    // From one corner of that end to the other.
    const lay = lengthwise(d, d.before, a.piece);
    const x = a.along.run === 'cast-on' ? 0 : lay.along;
    const out = x === 0 ? -1 : 1;
    const bow: Point[] = [[x, 0], [x + out * lay.high * 0.28, lay.high * 0.2], [x + out * lay.high * 0.28, lay.high * 0.8], [x, lay.high]]; // prettier-ignore
    return parts({ shapes: lay.shapes, lines: [...lay.lines, { points: bow, yarn, thickMm: 5 }], labels: [{ at: [x + out * (lay.high * 0.28 + 10), lay.high / 2 + 4], text: d.say.talk.many(f.chains, 'chain', 'chains'), anchor: out < 0 ? 'end' : 'start' }] }, lay.grain); // prettier-ignore
  }
  if (a.name === 'strap' || a.name === 'halter') {
    // Over the shoulder from the front edge to the back one, or from the centre front round the neck.
    const lay = lying(d, d.before, a.piece, false);
    const { y } = lay.endAt('hung-off');
    const high = lay.half * 1.1;
    const places = a.name === 'halter' ? [0] : f.count === 1 ? [0.4] : [-0.45, 0.45];
    const wide = lay.half * (a.name === 'halter' ? 0.5 : 0.14);
    const bows = places.map((share): SketchLine => {
      const x = lay.half * share;
      return {
        points: [
          [x - 3, y],
          [x - wide, y - high * 0.6],
          [x, y - high],
          [x + wide, y - high * 0.6],
          [x + 3, y]
        ],
        yarn,
        thickMm: 5
      };
    });
    return parts(
      {
        shapes: lay.shapes,
        lines: [...lay.lines, ...bows],
        labels: [
          ...lay.labels,
          { at: [lay.half + 8, y - high / 2], text: d.say.talk.many(f.chains, 'chain', 'chains'), anchor: 'start' }
        ]
      },
      lay.grain
    );
  }
  const lines = Array.from({ length: drawn }, (_, i): SketchLine => ({
    points: [[i * 12, 0], [i * 12 + 5, -4], [i * 12 + 12, 0], [i * 12 + 5, 4], [i * 12, 0]], // prettier-ignore
    yarn,
    thickMm: 2.2
  }));
  return parts({ lines, labels: [{ at: [drawn * 6, 26], text: d.say.talk.len(f.mm), anchor: 'middle' }] });
};

/** Clips on the upper edge of a tube that was pulled on. */
export const tryOn: DrawAct<'tryOn'> = (a, f, d) => {
  const lay = lying(d, d.before, a.piece, false);
  const { y } = lay.endAt('hung-off');
  const places = f.clips === 1 ? [0] : f.clips === 2 ? [-0.45, 0.45] : [-0.55, -0.35, 0.35, 0.55];
  const clips = places.flatMap((share, i): SketchLine[] => {
    // Every other one sits on the back.
    const back = f.clips > 1 && i % 2 === 1;
    const x = lay.half * share;
    return [
      hairline(
        [
          [x, y - 16],
          [x, y + 12]
        ],
        { strong: true, thickMm: back ? 3 : 6, dashed: back }
      ),
      hairline(
        [
          [x - 6, y - 16],
          [x + 6, y - 16]
        ],
        { strong: true, thickMm: 3 }
      )
    ];
  });
  return parts({ shapes: lay.shapes, lines: [...lay.lines, ...clips], labels: lay.labels }, lay.grain);
};

export const threadCord: DrawAct<'threadCord'> = (a, _f, d) => {
  const lay = lying(d, d.before, a.piece, false);
  const y = lay.lengthMm - lay.doubledMm / 2;
  const mark = across(lay.half, y, d.say.words.draw.parts.cord, { thickMm: 4 });
  return parts({ shapes: lay.shapes, lines: [...lay.lines, mark.line, ...arrow([-lay.half - 30, y], [-lay.half - 8, y], '')], labels: [mark.label] }, lay.grain); // prettier-ignore
};

export const pompom: DrawAct<'pompom'> = (a, f, d) => {
  if (f.bought) {
    const r = a.cardMm / 2;
    return parts({ shapes: [{ points: circle(0, 0, r, 28), yarn: yarnAt(d, a.yarn), title: '' }, sheet(-r * 1.4, r * 1.05, r * 2.8, 8, '', 0.9)], lines: [hairline([[-4, r * 0.9], [-6, r * 1.5], [6, r * 1.5], [4, r * 0.9]], { strong: true })], labels: [] }); // prettier-ignore
  }
  const [w, h] = [a.cardMm * CARD_LENGTH, a.cardMm];
  const drawn = Math.min(a.wraps, 26);
  const wraps = Array.from({ length: drawn }, (_, i): SketchLine => {
    const x = w * 0.2 + (w * 0.6 * i) / Math.max(1, drawn - 1);
    return { points: [[x, -3], [x, h + 3]], yarn: yarnAt(d, a.yarn), thickMm: 2.4 }; // prettier-ignore
  });
  return parts({
    shapes: [sheet(0, 0, w, h, d.say.words.draw.parts.card, 0.8)],
    lines: [...wraps, hairline([[w * 0.14, h / 2], [w * 0.86, h / 2]], { strong: true })], // prettier-ignore
    labels: [
      { at: [w / 2, h + 20], text: String(a.wraps), anchor: 'middle' },
      { at: [w + 8, h / 2 + 4], text: d.say.talk.len(h), anchor: 'start' }
    ]
  });
};

export const hang: DrawAct<'hang'> = (a, f, d) => {
  const shown = Math.min(f.count, 4);
  const x = (i: number): number => a.firstMm + i * a.spacingMm;
  const end = x(shown - 1) + a.spacingMm * 0.5;
  const drop = Math.max(a.dropMm, a.spacingMm * 0.12);
  const motif = a.spacingMm * 0.2;
  const hung = a.motif === null ? null : motifShapes(d, a.motif, motif * 1.6);
  return parts({
    shapes: Array.from({ length: shown }, (_, i) => (hung ? moved(hung, x(i), drop) : [{ points: circle(x(i), drop + motif, motif, 20), yarn: null, title: '' }])).flat(), // prettier-ignore
    lines: [
      { points: [[0, 0], [end, 0]], yarn: yarnAt(d, a.yarn), thickMm: a.spacingMm * 0.02 }, // prettier-ignore
      ...Array.from({ length: shown }, (_, i) => hairline([[x(i), 0], [x(i), drop]])) // prettier-ignore
    ],
    labels: [
      { at: [x(0) / 2, -8], text: d.say.talk.len(a.firstMm), anchor: 'middle' },
      ...(shown > 1 ? [{ at: [(x(0) + x(1)) / 2, -8] as const, text: d.say.talk.len(a.spacingMm), anchor: 'middle' as const }] : []) // prettier-ignore
    ]
  });
};

/** What hangs, small, its top at the origin. */
function motifShapes(d: Parameters<DrawAct<'hang'>>[2], piece: number, tall: number) {
  if (pieceAt(d.made, piece).planned.mode !== 'tube') {
    const lay = layPanel(d.made, piece);
    const scale = tall / Math.max(1, lay.heightMm);
    return lay.shapes.map((s) => ({ ...s, points: s.points.map(([px, py]): Point => [(px - lay.widthMm / 2) * scale, (lay.heightMm - py) * scale]) })); // prettier-ignore
  }
  const lay = lying(d, d.before, piece, false);
  const scale = tall / Math.max(1, lay.lengthMm);
  return lay.shapes.map((s) => ({ ...s, points: s.points.map(([px, py]): Point => [px * scale, py * scale]) }));
}
