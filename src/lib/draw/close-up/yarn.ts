import { box } from '../paths';
import { fix, type Shape } from '../scene';
import { AT, type Bench, line, p, text, y, yarnPath } from './bench';
import { edgeSide } from './pins';

/** Where the guide stands: outside the ring, beside the pin at which the yarn leaves the work. */
function guideAt(b: Bench): { x: number; y: number; side: -1 | 1 } {
  const side = edgeSide(b);
  const { working, shown } = b.look;
  const x = working ? b.x(working.pin) : undefined;
  const from = x ?? (side < 0 ? b.x(shown[0]!)! : b.x(shown.at(-1)!)!);
  const gx = Math.max(26, Math.min(b.width - 26, from + side * b.step * 0.5));
  return { x: gx, y: y(b, gx, 0.27), side };
}

/** The guide with its gate: closed across it, or swung open. */
export function guide(b: Bench): Shape[] {
  const { gate } = b.look;
  if (gate === null) return [];
  const at = guideAt(b);
  const shut = gate === 'closed';
  const bar = shut ? `M${p(at.x - 11, at.y + 8)}L${p(at.x + 11, at.y + 8)}` : `M${p(at.x - 11, at.y + 8)}L${p(at.x - 17, at.y + 26)}`; // prettier-ignore
  return [
    line(`M${p(at.x - 11, at.y + 10)}L${p(at.x - 11, at.y - 4)}A11 11 0 0 1 ${p(at.x + 11, at.y - 4)}L${p(at.x + 11, at.y + 10)}`, { width: 4, stroke: { ink: 'quiet' } }), // prettier-ignore
    line(bar, { width: 4, stroke: { ink: shut ? 'text' : 'accent' }, title: b.say.words.draw.gate[gate] })
  ];
}

/** The working yarn: from outside through the guide to the work, laid aside, or cut with its end in the middle. */
export function working(b: Bench): Shape[] {
  const own = b.look.working;
  if (!own) return [];
  const x = b.x(own.pin);
  if (x === undefined) return [];
  const at = guideAt(b);
  const near = x + at.side * b.step * 0.3;
  const loop = y(b, x, AT.loop);
  switch (own.where) {
    case 'guide': {
      const dip = own.bumper === null ? loop : y(b, x, AT.rim) + 2;
      const past = x + at.side * b.step * 0.5;
      return yarnPath(b, `M${p(at.x, 0)}L${p(at.x, at.y)}Q${p(past, dip - 20)} ${p(past, dip)}Q${p(past, dip + 4)} ${p(near, loop)}`, own.yarn, { title: b.say.words.draw.yarn.guide }); // prettier-ignore
    }
    case 'aside': {
      // Out of the way, over the rim to the outside.
      const end = at.side < 0 ? 6 : b.width - 6;
      const rim = y(b, end, AT.rim) - 16;
      return yarnPath(b, `M${p(near, loop)}Q${p((near + end) / 2, rim + 30)} ${p(end, rim)}`, own.yarn, { title: b.say.words.draw.yarn.aside }); // prettier-ignore
    }
    case 'cut': {
      const from = x + at.side * b.step * 0.34;
      return yarnPath(b, `M${p(near, loop)}Q${p(from + at.side * 10, y(b, x, AT.rim) + 10)} ${p(from, y(b, x, AT.fabric) + 10)}`, own.yarn, { title: b.say.words.draw.yarn.cut }); // prettier-ignore
    }
  }
}

/** A length on a ground of its own, so that it is read on any fabric. */
function length(x: number, at: number, words: string, anchor: 'start' | 'end'): Shape[] {
  const wide = words.length * 8.5 + 8;
  const left = anchor === 'end' ? x - wide + 4 : x - 4;
  const ground = box(left, at - 15, wide, 20);
  return [
    { shape: 'path', d: ground, fill: { ink: 'paper' }, opacity: 0.9 },
    text(x, at, words, { bold: true, anchor })
  ];
}

/** Ends that hang in the middle, each with its length. */
export function tails(b: Bench): Shape[] {
  if (b.look.loops.length === 0 && b.look.held > 0) return [];
  return b.look.tails.flatMap((tail, i): Shape[] => {
    const x = b.x(tail.pin);
    if (x === undefined) return [];
    const side = edgeSide(b);
    const from = x + side * b.step * (0.34 + 0.4 * i);
    // Of two tails the second ends higher, so that their lengths are not written over each other.
    const end = (AT.tail - 0.1 * i) * b.height;
    const d = `M${p(from, y(b, x, AT.rim) + 4)}Q${p(from - side * 12, (y(b, x, AT.rim) + end) / 2)} ${p(from, end)}`;
    const clear = from + side * 12;
    const room = side < 0 ? clear > 60 : clear < b.width - 60;
    const words = tail.mm > 0 ? length(room ? clear : from - side * 12, end, b.say.talk.cut(tail.mm), (side < 0) === room ? 'end' : 'start') : []; // prettier-ignore
    return [...yarnPath(b, d, tail.yarn), ...words];
  });
}

/** Cards that stand behind pins. */
export function cards(b: Bench): Shape[] {
  return b.look.cards.flatMap((pin): Shape[] => {
    const x = b.x(pin);
    if (x === undefined) return [];
    const [w, h] = [b.step * 0.5, b.height * 0.34];
    const mid = x + b.step / 2;
    const foot = y(b, mid, AT.rim);
    return [{ shape: 'path', d: `M${p(mid - w / 2, foot)}v${fix(-h)}h${fix(w)}v${fix(h)}Z`, fill: { ink: 'paper' }, stroke: { ink: 'text' }, width: 2, title: b.say.words.draw.parts.card }]; // prettier-ignore
  });
}

/** A chained edge, with the yarn's end pulled through its last loop. */
function chain(b: Bench): Shape[] {
  const yarn = b.look.below[0] ?? 0;
  const at = AT.fabric * b.height;
  const [left, count] = [b.width * 0.2, 8];
  const gap = (b.width * 0.46) / count;
  const links = Array.from({ length: count }, (_, i) => {
    const x = left + i * gap;
    return `M${p(x, at)}Q${p(x + gap * 0.5, at - 17)} ${p(x + gap * 1.25, at)}Q${p(x + gap * 0.5, at + 17)} ${p(x, at)}`;
  });
  const end = left + count * gap;
  return [
    ...links.flatMap((d) => yarnPath(b, d, yarn)),
    ...yarnPath(b, `M${p(end, at)}Q${p(end + 40, at - 4)} ${p(b.width * 0.86, at + 0.1 * b.height)}`, yarn),
    text(b.width * 0.86, at + 0.18 * b.height, b.say.talk.cut(b.look.tails[0]?.mm ?? 0), { bold: true })
  ];
}

/** A thread or needle with loops on it. */
export function heldLoops(b: Bench): Shape[] {
  const { held, tool } = b.look;
  if (held < 1 || b.look.loops.length > 0) return [];
  if (tool === 'hook') return chain(b);
  const count = Math.min(held, 12);
  const [left, right] = [b.width * 0.16, b.width * 0.84];
  const gap = (right - left) / count;
  const at = AT.fabric * b.height;
  const own = Array.from({ length: count }, (_, i) => left + (i + 0.5) * gap);
  return [
    line(`M${p(left - 30, at)}L${p(right + 30, at - 8)}`, { width: 5, stroke: { ink: 'quiet' } }),
    ...own.flatMap((x) => yarnPath(b, `M${p(x - gap * 0.3, at + 34)}Q${p(x - gap * 0.34, at - 16)} ${p(x, at - 16)}Q${p(x + gap * 0.34, at - 16)} ${p(x + gap * 0.3, at + 34)}`, b.look.below[0] ?? 0)), // prettier-ignore
    text(b.width / 2, at + 0.22 * b.height, b.say.talk.stitches(held), { size: 20, bold: true })
  ];
}
