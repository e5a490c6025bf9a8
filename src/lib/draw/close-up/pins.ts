import { through } from '../paths';
import type { Shape } from '../scene';
import { AT, type Bench, line, p, text, y } from './bench';

/** The rim the pins stand on, behind them. */
export function rim(b: Bench): Shape[] {
  const edge = (share: number): [number, number][] =>
    Array.from({ length: 9 }, (_, i) => {
      const x = (i / 8) * b.width;
      return [x, y(b, x, share)];
    });
  const [upper, lower] = [edge(AT.rim), edge(AT.rim + 0.045).reverse()];
  return [{ shape: 'path', d: through([...upper, ...lower], true), fill: { ink: 'paper' }, stroke: { ink: 'line' }, width: 1.5 }]; // prettier-ignore
}

/** Width of a pin, px. */
const pinWidth = (b: Bench): number => Math.max(6, Math.min(13, b.step * 0.22));

/** One pin with its hook, its bumper and its number. Where slots have no numbers the marker's are told all the same. */
export function pin(b: Bench, n: number): Shape[] {
  const x = b.x(n);
  if (x === undefined) return [];
  const half = pinWidth(b) / 2;
  const up = b.risen(n);
  const top = y(b, x, AT.hook) - up;
  const foot = y(b, x, AT.rim);
  const marked = b.look.marked.includes(n);
  const loops = b.look.loops.filter((loop) => loop.pin === n).length;
  const body = `M${p(x - half, foot)}L${p(x - half, top + half)}Q${p(x - half, top - half)} ${p(x, top - half)}Q${p(x + half, top - half)} ${p(x + half, top + half)}L${p(x + half, foot)}Z`;
  const title = b.say.words.draw.onPin({ pin: n, loops, risen: up > 0, marked }, b.say.talk);
  return [
    { shape: 'path', d: body, fill: { ink: marked ? 'accent' : 'paper' }, stroke: { ink: 'text' }, width: 1.8, title },
    // The hook opens to the middle of the ring, where the fabric hangs.
    line(`M${p(x - half * 0.2, top + half * 0.6)}L${p(x - half * 0.2, top + half * 2.4)}`, { width: 1.4 }),
    text(x, y(b, x, AT.number), String(n), { size: Math.max(13, Math.min(19, b.step * 0.4)), bold: marked })
  ];
}

/** A ledge beside a pin. */
const ledge = (b: Bench, x: number, width: number, ink: 'line' | 'accent'): Shape => {
  const at = y(b, x, AT.rim) - 7;
  const reach = b.step * (ink === 'accent' ? 0.24 : 0.14);
  return line(`M${p(x - reach, at)}L${p(x + reach, at)}`, { stroke: { ink }, width });
};

/** The small ledges beside the pins. */
export const bumpers = (b: Bench): Shape[] =>
  b.look.shown
    .map((n) => b.x(n)! + b.step / 2)
    .filter((x) => x < b.width - 10)
    .map((x) => ledge(b, x, 4, 'line'));

/** The ledge that the yarn must lie under, over the yarn. */
export function bumperOver(b: Bench): Shape[] {
  const under = b.look.working?.bumper ?? null;
  const x = under === null ? undefined : b.x(under);
  return x === undefined ? [] : [ledge(b, x + edgeSide(b) * b.step * 0.5, 8, 'accent')];
}

/** Which way out of the panel the yarn's edge looks: -1 to the left, 1 to the right. */
export function edgeSide(b: Bench): -1 | 1 {
  const { loops, lay, working } = b.look;
  const pins = loops.length > 0 ? loops.map((l) => l.pin) : lay.map((l) => l.pin);
  if (!working || pins.length === 0) return -1;
  const [low, high] = [Math.min(...pins), Math.max(...pins)];
  return working.pin - low <= high - working.pin ? -1 : 1;
}
