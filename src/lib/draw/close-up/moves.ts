import type { Move, Spot } from '$lib/core/read';
import { fix, type Shape } from '../scene';
import { disc } from '../paths';
import { AT, type Bench, line, p, text, y, yarnPath } from './bench';

const INK = { ink: 'accent' } as const;

/** An arrow head at the end of a line that comes from a direction. */
function head(x: number, at: number, angle: number): Shape {
  const back = (turn: number): string => p(x - 13 * Math.cos(angle + turn), at - 13 * Math.sin(angle + turn));
  return { shape: 'path', d: `M${back(0.5)}L${p(x, at)}L${back(-0.5)}Z`, fill: INK, stroke: INK, width: 2 };
}

/** The order of a move, in a disc that is read on any ground. */
const badge = (x: number, at: number, n: number): Shape[] => [
  { shape: 'path', d: disc(x, at, 11), fill: { ink: 'text' }, stroke: { ink: 'paper' }, width: 2 },
  text(x, at + 5.5, String(n), { size: 15, bold: true, ink: 'paper' })
];

/** Where a loop is on the picture. */
function placeOf(b: Bench, spot: Spot, other: number): { x: number; y: number } | undefined {
  switch (spot.on) {
    case 'pin': {
      const x = b.x(spot.pin);
      return x === undefined ? undefined : { x, y: y(b, x, AT.loop) - b.risen(spot.pin) * 0.55 };
    }
    case 'fabric': {
      const x = b.x(spot.pin);
      return x === undefined ? undefined : { x, y: AT.end * b.height };
    }
    case 'tool':
      return { x: other, y: y(b, other, 0.2) };
    case 'middle':
      return { x: other, y: AT.end * b.height };
  }
}

/** One move as a numbered arrow. */
function arrow(b: Bench, move: Move, numbered: boolean): Shape[] {
  const from = placeOf(b, move.from, 0);
  if (!from) return [];
  const to = placeOf(b, move.to, from.x);
  if (!to) return [];
  const one = (shapes: Shape[], x: number, at: number): Shape[] => [...shapes, ...(numbered ? badge(x, at, move.order) : [])]; // prettier-ignore
  const stroke = { stroke: INK, width: 4, flow: true };
  if (move.from.on === 'pin' && move.to.on === 'pin') {
    const top = y(b, (from.x + to.x) / 2, AT.hook) - b.height * (0.06 + 0.045 * move.order);
    if (move.from.pin === move.to.pin) {
      // Off and back onto the same pin, on the side no other loop comes from.
      const pin = move.from.pin;
      const comes = b.look.moves.find(
        (m) => m !== move && m.to.on === 'pin' && m.to.pin === pin && m.from.on === 'pin'
      );
      const origin = comes?.from.on === 'pin' ? comes.from.pin : pin - 1;
      const w = b.step * 0.34 * (origin < pin ? 1 : -1);
      const d = `M${p(from.x, from.y - 10)}C${p(from.x + w * 2, from.y - 10)} ${p(from.x + w * 2, top)} ${p(from.x, top)}C${p(from.x - w, top)} ${p(from.x - w, from.y - 40)} ${p(from.x - Math.sign(w) * 4, from.y - 22)}`;
      return one(
        [line(d, stroke), head(from.x - Math.sign(w) * 4, from.y - 22, w > 0 ? 0.9 : Math.PI - 0.9)],
        from.x + w * 1.4,
        (from.y + top) / 2
      );
    }
    const d = `M${p(from.x, from.y - 8)}C${p(from.x, top)} ${p(to.x, top)} ${p(to.x, to.y - 14)}`;
    return one([line(d, stroke), head(to.x, to.y - 12, Math.PI / 2)], (from.x + to.x) / 2, top * 0.75 + from.y * 0.25);
  }
  const down = to.y > from.y;
  const bend = b.step * 0.3;
  const d = `M${p(from.x, from.y)}Q${p(from.x + bend, (from.y + to.y) / 2)} ${p(to.x, to.y)}`;
  const angle = down ? Math.PI / 2 + 0.4 : -Math.PI / 2 - 0.4;
  const shapes = [line(d, stroke), head(to.x, to.y, angle)];
  // What falls, falls in no order.
  return move.to.on === 'middle' ? shapes : one(shapes, from.x + bend * 0.55, (from.y + to.y) / 2);
}

/** All moves of a moment. A single one needs no number. */
export const moves = (b: Bench): Shape[] => b.look.moves.flatMap((move) => arrow(b, move, b.look.moves.length > 1));

/** The last loop of a chain on the hook. */
const onHook = (b: Bench, x: number, at: number): Shape[] =>
  yarnPath(b, `M${p(x - 30, at + 36)}Q${p(x - 14, at - 8)} ${p(x + 4, at - 2)}Q${p(x + 14, at + 6)} ${p(x - 22, at + 44)}`, b.look.below[0] ?? 0); // prettier-ignore

/** The tool at the first loop it takes. */
export function tool(b: Bench): Shape[] {
  const { tool: kind, moves: list, tails, shown } = b.look;
  if (kind === null || (b.look.loops.length === 0 && kind !== 'scissors')) return [];
  const first = list[0] ? placeOf(b, list[0].from, 0) : undefined;
  const tail = tails[0] ? b.x(tails[0].pin) : undefined;
  const x = first?.x ?? tail ?? b.x(shown[Math.floor(shown.length / 2)]!)!;
  const at = first?.y ?? y(b, x, AT.fabric) + 18;
  const [ink, width] = [{ ink: 'quiet' } as const, 5];
  switch (kind) {
    case 'pick':
      return [line(`M${p(x + 96, at + 120)}L${p(x + 10, at + 12)}Q${p(x, at)} ${p(x - 6, at + 8)}`, { stroke: ink, width })]; // prettier-ignore
    case 'hook':
      return [
        ...(b.look.held > 0 ? onHook(b, x + 20, at + 22) : []),
        line(`M${p(x + 104, at + 112)}L${p(x + 8, at + 8)}Q${p(x - 4, at - 4)} ${p(x - 9, at + 6)}L${p(x - 4, at + 10)}`, { stroke: ink, width: 6 }) // prettier-ignore
      ];
    case 'needle':
      // From the middle of the ring to the outside.
      return [line(`M${p(x + 70, at + 130)}L${p(x - 14, at - 34)}`, { stroke: ink, width }), line(`M${p(x + 64, at + 118)}L${p(x + 60, at + 110)}`, { stroke: { ink: 'paper' }, width: 2 })]; // prettier-ignore
    case 'scissors': {
      const s = 1.1;
      const q = (dx: number, dy: number): string => p(x + dx * s, at + dy * s);
      return [
        line(`M${q(-16, -20)}L${q(24, 26)}`, { width: 4 }),
        line(`M${q(20, -24)}L${q(-14, 30)}`, { width: 4 }),
        line(disc(x + 30 * s, at + 34 * s, 9), { width: 3.5 }),
        line(disc(x - 19 * s, at + 39 * s, 9), { width: 3.5 })
      ];
    }
  }
}

/** Which way the next turn goes, along the foot of the picture. */
export function turn(b: Bench): Shape[] {
  const way = b.look.turn;
  if (way === null) return [];
  const at = b.height * 0.955;
  const [left, right] = [b.width * 0.3, b.width * 0.7];
  const [from, to] = way === 'down' ? [right, left] : [left, right];
  const bow = way === 'round' ? `M${p(from, at)}Q${p((from + to) / 2, at - 20)} ${p(to, at)}` : `M${p(from, at)}L${p(to, at)}`; // prettier-ignore
  return [
    line(bow, { stroke: { ink: 'text' }, width: 5, title: b.say.words.draw.turn[way], opacity: 0.9 }),
    { shape: 'path', d: `M${p(to + (to > from ? 16 : -16), at)}l${fix(to > from ? -20 : 20)} -11v22Z`, fill: { ink: 'text' } } // prettier-ignore
  ];
}
