import type { Look } from '$lib/core/read';
import type { Speech } from '$lib/words';
import { fix, type Scene, type Shape } from '../scene';
import { disc } from '../paths';
import { line, p } from './bench';

/**
 * Where pins stand on a ring seen from above: the marker at the knitter's side, numbers with the clock,
 * because the purl side faces the middle and the low pins of a panel are its right edge on the knit side (craft 1.1).
 *
 * @returns angle from the middle, clockwise from the right as screens have it
 */
export const pinAngle = (pin: number, pins: number): number => Math.PI / 2 + (2 * Math.PI * (pin - 0.5)) / pins;

/**
 * The pin that lies in a direction from the middle: `pinAngle` read backwards.
 *
 * @example pinTowards(pinAngle(17, 48), 48) // 17
 */
export function pinTowards(angle: number, pins: number): number {
  const turn = (((angle - Math.PI / 2) / (2 * Math.PI)) % 1) + 1;
  return Math.floor((turn % 1) * pins) + 1;
}

/**
 * The ring from above, small: which pins carry loops, where the yarn stands, which way the next row goes.
 *
 * @example smallRing(ringLook(result, 0, 12), say, 96).label // 'The yarn is at pin 42; the next turn goes down the numbers'
 */
export function smallRing(look: Look, hexes: readonly string[], say: Speech, size: number): Scene {
  const c = size / 2;
  const r = c * 0.7;
  const at = (pin: number, radius: number): [number, number] => {
    const angle = pinAngle(pin, look.ring);
    return [c + radius * Math.cos(angle), c + radius * Math.sin(angle)];
  };
  const live = new Set(look.loops.map(({ pin }) => pin));
  const shapes: Shape[] = [line(disc(c, c, r), { stroke: { ink: 'line' }, width: 1 })];
  const dot = Math.max(1.2, Math.min(3.4, (Math.PI * r) / look.ring / 1.5));
  for (let pin = 1; pin <= look.ring; pin++) {
    const [x, y] = at(pin, r);
    const marked = look.marked.includes(pin);
    shapes.push({ shape: 'path', d: disc(x, y, marked ? dot * 1.7 : dot), fill: { ink: marked ? 'accent' : live.has(pin) ? 'text' : 'paper' }, stroke: { ink: live.has(pin) || marked ? 'text' : 'line' }, width: 1 }); // prettier-ignore
  }
  const { working, turn } = look;
  if (working) {
    // Beyond the edge of the work, where the guide is.
    const out = at(working.pin, r * 1.34);
    const own = hexes[working.yarn] ?? '#888888';
    shapes.push({ shape: 'path', d: disc(out[0], out[1], size * 0.07), fill: { hex: own }, stroke: { ink: 'text' }, width: 1.5 }); // prettier-ignore
    shapes.push(line(`M${p(...out)}L${p(...at(working.pin, r * 1.05))}`, { width: 2 }));
    if (turn) shapes.push(...way(c, r * 0.72, working.pin, look.ring, turn));
  }
  const words = say.words.draw;
  const label = [working ? words.yarnAt(working.pin, say.talk) : '', turn ? words.turn[turn] : ''].filter(Boolean).join('; '); // prettier-ignore
  return { width: size, height: size, label, textures: [], shapes };
}

/** An arrow inside the ring from where the yarn stands, the way the next turn goes. */
function way(c: number, r: number, pin: number, pins: number, turn: 'up' | 'down' | 'round'): Shape[] {
  const sweep = turn === 'down' ? -1 : 1;
  const from = pinAngle(pin, pins) + sweep * 0.2;
  const to = from + sweep * (turn === 'round' ? 4.4 : 1.7);
  const at = (angle: number): [number, number] => [c + r * Math.cos(angle), c + r * Math.sin(angle)];
  const tip = at(to + sweep * 0.22);
  const [a, b] = [at(from), at(to)];
  const heading = to + (sweep * Math.PI) / 2;
  const wing = (side: number): string => p(b[0] + side * 6 * Math.cos(to), b[1] + side * 6 * Math.sin(to));
  const large = Math.abs(to - from) > Math.PI ? 1 : 0;
  const point: [number, number] = [tip[0] + 2 * Math.cos(heading), tip[1] + 2 * Math.sin(heading)];
  return [
    line(`M${p(...a)}A${fix(r)} ${fix(r)} 0 ${large} ${sweep > 0 ? 1 : 0} ${p(...b)}`, { width: 3 }),
    { shape: 'path', d: `M${p(...point)}L${wing(1)}L${wing(-1)}Z`, fill: { ink: 'text' } }
  ];
}
