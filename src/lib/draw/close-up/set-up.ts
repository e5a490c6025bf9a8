import type { Sight } from '$lib/core/read';
import type { Speech } from '$lib/words';
import type { Machine } from '$lib/core/kit';
import { markedPins } from '$lib/core/read';
import { type Scene, type Shape } from '../scene';
import { box, disc } from '../paths';
import { line, p, text } from './bench';
import { pinAngle } from './small-ring';

type Of<K extends Sight['of']> = Extract<Sight, { readonly of: K }>;

/** Room the switch takes with its words at either end, and half a clamp, px. */
const [SWITCH_ROOM, CLAMP] = [124, 16];

/** The ring from above with the mode switch, the marker at the guide, and the pins a piece is knitted on. */
export function ringSight(
  sight: Of<'ring'>,
  machine: Machine,
  say: Speech,
  label: string,
  width: number,
  height: number
): Scene {
  // The switch stands where its words fit; the ring with its clamps takes what is left beside it.
  const small = Math.min(1, Math.max(0.65, width / 400));
  const switchX = Math.min(width * 0.71, width - SWITCH_ROOM * small);
  const r = Math.min(width * 0.24, height * 0.33, (switchX - 2 * CLAMP - 20) / 2.12);
  const [cx, cy] = [Math.min(width * 0.33, switchX - 15 - CLAMP - 1.06 * r), height * 0.46];
  const marked = markedPins(machine);
  const at = (pin: number, radius: number): [number, number] => {
    const angle = pinAngle(pin, machine.pins);
    return [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
  };
  const shapes: Shape[] = [
    { shape: 'path', d: disc(cx, cy, r * 1.12), fill: { ink: 'paper' }, stroke: { ink: 'line' }, width: 2 },
    line(disc(cx, cy, r * 0.86), { stroke: { ink: 'line' }, width: 1.5 })
  ];
  const dot = Math.min(8, (r * Math.PI) / machine.pins / 1.5);
  const all = sight.mode === 'tube';
  for (let pin = 1; pin <= machine.pins; pin++) {
    const [x, y] = at(pin, r);
    const used = all || (pin >= sight.from && pin <= sight.to);
    const mark = marked.includes(pin);
    shapes.push({ shape: 'path', d: disc(x, y, mark ? dot * 1.3 : dot), fill: { ink: mark ? 'accent' : used ? 'quiet' : 'paper' }, stroke: { ink: 'text' }, width: mark ? 2 : 1, title: say.words.draw.onPin({ pin, loops: 0, risen: false, marked: mark }, say.talk) }); // prettier-ignore
  }
  for (const pin of all ? [1] : [sight.from, sight.to]) {
    const [x, y] = at(pin, r * 0.7);
    shapes.push(text(x, y + 6, String(pin), { size: 17, bold: true }));
  }
  // The guide stands outside, at the marker.
  const guide = at(marked[0] ?? 1, r * 1.3);
  shapes.push(line(disc(guide[0], guide[1], 9), { width: 4, stroke: { ink: 'quiet' } }));
  if (!sight.set) shapes.push(...clamp(cx - r * 1.06, cy - r * 0.4), ...clamp(cx + r * 1.06, cy - r * 0.4));
  shapes.push(...modeSwitch(sight, say, switchX, height * 0.26, height * 0.42, small));
  return { width, height, label, textures: [], shapes };
}

/** A foot with its clamp. */
const clamp = (x: number, y: number): Shape[] => [
  { shape: 'path', d: box(x - 16, y - 22, 32, 16), fill: { ink: 'accent' }, stroke: { ink: 'text' }, width: 2 },
  line(`M${p(x, y - 6)}v26M${p(x - 12, y + 20)}h24`, { width: 4 })
];

/** The switch with its two words: the knob stands at one of them. */
function modeSwitch(sight: Of<'ring'>, say: Speech, x: number, y: number, h: number, small: number): Shape[] {
  const { tube, panel } = say.words.draw.modes;
  const upper = sight.mode !== 'panel';
  const knob = y + (upper ? h * 0.18 : h * 0.82);
  const tall = Math.min(34, h * 0.26);
  const broad = 30 * small;
  const name = (words: string, share: number, on: boolean): Shape =>
    text(x + 42 * small + 4, y + h * share + 7, words, { size: Math.round((on ? 22 : 18) * small), bold: on, anchor: 'start', ink: on ? 'text' : 'quiet' }); // prettier-ignore
  return [
    {
      shape: 'path',
      d: box(x, y, broad, h),
      fill: { ink: 'paper' },
      stroke: { ink: 'text' },
      width: 2
    },
    { shape: 'path', d: box(x - 7, knob - tall / 2, broad + 14, tall), fill: { ink: sight.set ? 'accent' : 'line' }, stroke: { ink: 'text' }, width: 2 }, // prettier-ignore
    name(tube, 0.18, upper),
    name(panel, 0.82, !upper)
  ];
}

/** The yarn's way from the ball through a hole of the tension guide to the open gate; slack is pulled from the ball. */
export function waySight(
  sight: Of<'way'>,
  hexes: readonly string[],
  say: Speech,
  label: string,
  width: number,
  height: number
): Scene {
  const hex = sight.yarn === null ? '#888888' : (hexes[sight.yarn] ?? '#888888');
  const [bx, by] = [width * 0.16, height * 0.78];
  const r = Math.min(width * 0.1, height * 0.17);
  const [plateX, plateY, gap] = [width * 0.46, height * 0.42, Math.min(74, width * 0.13)];
  const big = (hole: number): number => 7 + (hole - 1) * (sight.holes > 1 ? 12 / (sight.holes - 1) : 0);
  const hole = (n: number): [number, number] => [plateX + (n - 1) * gap, plateY];
  const through = hole(sight.hole);
  const [gx, gy] = [width * 0.9, height * 0.26];
  const sag = sight.slack ? height * 0.5 : height * 0.04;
  const shapes: Shape[] = [
    { shape: 'path', d: box(plateX - gap * 0.6, plateY - 34, gap * (sight.holes + 0.2), 68), fill: { ink: 'paper' }, stroke: { ink: 'text' }, width: 2 } // prettier-ignore
  ];
  for (let n = 1; n <= sight.holes; n++) {
    const [x, y] = hole(n);
    shapes.push({ shape: 'path', d: disc(x, y, big(n)), fill: { ink: n === sight.hole ? 'accent' : 'paper' }, stroke: { ink: 'text' }, width: 2 }); // prettier-ignore
    shapes.push(text(x, y + 58, String(n), { size: 17, bold: n === sight.hole, ink: n === sight.hole ? 'text' : 'quiet' })); // prettier-ignore
  }
  const strands = Math.min(4, sight.strands);
  for (let i = 0; i < strands; i++) {
    const off = (i - (strands - 1) / 2) * 6;
    const d = `M${p(bx + r * 0.8, by - r * 0.4 + off)}Q${p((bx + through[0]) / 2, by + sag * 0.3 + off)} ${p(through[0], through[1])}Q${p((through[0] + gx) / 2, through[1] - 40 + off)} ${p(gx, gy)}`;
    shapes.push(line(d, { width: 7 }), line(d, { width: 5, stroke: { hex } }));
  }
  shapes.push({ shape: 'path', d: disc(bx, by, r), fill: { hex }, stroke: { ink: 'text' }, width: 2 });
  for (const turn of [-0.5, 0, 0.5]) {
    shapes.push(line(`M${p(bx - r * 0.85, by + turn * r)}Q${p(bx, by + turn * r - r * 0.7)} ${p(bx + r * 0.85, by + turn * r)}`, { width: 1.5, opacity: 0.55 })); // prettier-ignore
  }
  // The guide, its gate swung open.
  shapes.push(
    line(`M${p(gx - 14, gy + 16)}L${p(gx - 14, gy - 4)}A14 14 0 0 1 ${p(gx + 14, gy - 4)}L${p(gx + 14, gy + 16)}`, { width: 5, stroke: { ink: 'quiet' } }), // prettier-ignore
    line(`M${p(gx - 14, gy + 16)}L${p(gx - 24, gy + 40)}`, { width: 5, stroke: { ink: 'accent' }, title: say.words.draw.gate.open }) // prettier-ignore
  );
  return { width, height, label, textures: [], shapes };
}

/** The counter at zero. */
export function counterSight(label: string, width: number, height: number): Scene {
  const [w, h] = [Math.min(92, width * 0.22), height * 0.42];
  const [x, y] = [width / 2 - 1.5 * w - 8, height * 0.28];
  const shapes = [0, 1, 2].flatMap((i): Shape[] => [
    { shape: 'path', d: box(x + i * (w + 8), y, w, h), fill: { ink: 'paper' }, stroke: { ink: 'text' }, width: 3 }, // prettier-ignore
    text(x + i * (w + 8) + w / 2, y + h * 0.74, '0', { size: h * 0.7, bold: true })
  ]);
  return { width, height, label, textures: [], shapes };
}
