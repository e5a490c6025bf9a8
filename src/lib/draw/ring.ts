import { disc, through } from './paths';
import type { Machine } from '$lib/core/kit';
import { reachOf } from '$lib/core/knit';
import { pinAngle } from './close-up/small-ring';
import { type Scene, type Shape } from './scene';

/** Radius of the circle on which pins stand, as a share of half the picture. */
const PIN_CIRCLE = 0.74;

/** Every how many pins a number stands, so that numbers never touch. */
const numberEvery = (pins: number): number => (pins <= 24 ? 2 : pins <= 60 ? 4 : 10);

/**
 * The ring from above, drawn from what its owner said: the marker at the knitter's side, numbers of the slots, and the
 * pins whose stitches PANEL mode loses when the whole ring is cast on. Pins count with the clock from the marker: the purl
 * side faces the middle, and the low pins of a panel are its right edge on the knit side (craft 1.1).
 */
export function ringScene(machine: Machine, size: number): Scene {
  const c = size / 2;
  const r = c * PIN_CIRCLE;
  const shapes: Shape[] = [];
  shapes.push(
    { shape: 'path', d: disc(c, c, r * 1.1), fill: { ink: 'paper' }, stroke: { ink: 'line' }, width: 2 },
    { shape: 'path', d: disc(c, c, r * 0.86), fill: { ink: 'none' }, stroke: { ink: 'line' }, width: 1.5 }
  );
  const { firstPin, width } = reachOf(machine, 'panel', 1, machine.pins);
  const at = (pin: number, radius: number): [number, number] => {
    // Pin 1 stands just beside the middle of the near side, the last one on the other side of it.
    const angle = pinAngle(pin, machine.pins);
    return [c + radius * Math.cos(angle), c + radius * Math.sin(angle)];
  };
  const dot = Math.min(7, (r * Math.PI) / machine.pins / 1.6);
  const markers = machine.marker.kind === 'several' ? 3 : 1;
  for (let pin = 1; pin <= machine.pins; pin++) {
    const [x, y] = at(pin, r * 0.98);
    const lost = pin < firstPin || pin >= firstPin + width;
    const fromEnd = machine.marker.counts === 'first' ? pin - 1 : machine.pins - pin;
    const marked = fromEnd < markers;
    const words = `Pin ${pin}${marked ? ', marker' : ''}${lost ? ', lost in PANEL mode with the whole ring cast on' : ''}`;
    shapes.push({
      shape: 'path',
      d: disc(x, y, dot),
      fill: { ink: marked ? 'accent' : lost ? 'none' : 'quiet' },
      stroke: { ink: marked ? 'text' : 'quiet' },
      width: marked ? 1.5 : 1,
      title: words
    });
    if (lost) {
      shapes.push({
        shape: 'path',
        d: through([at(pin, r * 0.89), at(pin, r * 1.07)]),
        fill: { ink: 'none' },
        stroke: { ink: 'text' },
        width: 1.5
      });
    }
    const every = numberEvery(machine.pins);
    if (machine.numbered && (pin === 1 || (pin % every === 0 && pin > 2))) {
      const [tx, ty] = at(pin, r * 1.22);
      shapes.push({
        shape: 'text',
        x: tx,
        y: ty + 4,
        text: String(pin),
        size: 12,
        anchor: 'middle',
        ink: 'text',
        bold: pin === 1
      });
    }
  }
  const lost = machine.pins - width;
  shapes.push(
    {
      shape: 'text',
      x: c,
      y: c - 4,
      text: String(machine.pins),
      size: size / 7,
      anchor: 'middle',
      ink: 'text',
      bold: true
    },
    { shape: 'text', x: c, y: c + 18, text: 'pins', size: 15, anchor: 'middle', ink: 'text' },
    { shape: 'text', x: c, y: c + 40, text: `${width} in a full panel`, size: 13, anchor: 'middle', ink: 'quiet' }
  );
  return {
    width: size,
    height: size,
    label: `${machine.name} from above: ${machine.pins} pins, marker ${machine.marker.counts === 'first' ? 'on the first' : 'on the last'} pin, ${lost} stitches lost in PANEL mode`,
    textures: [],
    shapes
  };
}
