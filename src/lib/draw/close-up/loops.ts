import type { Lay } from '$lib/core/read';
import { fix, type Shape } from '../scene';
import { AT, type Bench, p, strand, y, yarnPath } from './bench';

/** Half of a loop round a pin: behind it, or in front. */
function half(b: Bench, x: number, at: number, front: boolean): string {
  const [rx, ry] = [b.step * 0.3, b.height * 0.032];
  return `M${p(x - rx, at)}A${fix(rx)} ${fix(ry)} 0 0 ${front ? 0 : 1} ${p(x + rx, at)}`;
}

/** Height of a loop: the lowest at the foot of the pin, each further one above it; with a risen pin they rise. */
const loopAt = (b: Bench, n: number, x: number, over: number): number =>
  y(b, x, AT.loop) - over * (strand(b) + 5) - b.risen(n) * 0.55;

/** Loops of one pin, the half that lies behind it or before it. */
export function loopsOf(b: Bench, n: number, front: boolean): Shape[] {
  const x = b.x(n);
  if (x === undefined) return [];
  const own = b.look.loops.filter((loop) => loop.pin === n);
  return own.flatMap((loop, over) => yarnPath(b, half(b, x, loopAt(b, n, x, over), front), loop.yarn));
}

/** Rows of purl bumps below each loop, as the fabric is seen from the middle, fading downwards. */
export function fabric(b: Bench): Shape[] {
  const seen = new Set<number>();
  const rows = b.look.below;
  const gap = ((AT.end - AT.fabric) * b.height) / Math.max(4, rows.length);
  return b.look.loops.flatMap((loop): Shape[] => {
    const x = b.x(loop.pin);
    if (x === undefined || seen.has(loop.pin)) return [];
    seen.add(loop.pin);
    return rows.flatMap((yarn, i) => {
      const at = y(b, x, AT.fabric) + i * gap;
      const w = b.step * 0.44;
      const bump = `M${p(x - w, at)}Q${p(x - w * 0.5, at - gap * 0.5)} ${p(x, at - gap * 0.4)}Q${p(x + w * 0.5, at - gap * 0.5)} ${p(x + w, at)}`;
      return yarnPath(b, bump, yarn, { opacity: 1 - i * 0.18 });
    });
  });
}

/** How a cast-on or a card's yarn passes a pin: what lies behind it, or what lies before it. */
export function lays(b: Bench, front: boolean): Shape[] {
  const yarn = b.look.working?.yarn ?? 0;
  return b.look.lay.flatMap((lay) => (b.x(lay.pin) === undefined ? [] : passes(b, lay, yarn, front)));
}

function passes(b: Bench, { pin, way }: Lay, yarn: number, front: boolean): Shape[] {
  const x = b.x(pin)!;
  const at = y(b, x, AT.loop);
  const [w, depth] = [b.step / 2, b.height * 0.03];
  switch (way) {
    case 'front':
    case 'behind': {
      if ((way === 'front') !== front) return [];
      const bend = way === 'front' ? depth : -depth;
      return yarnPath(b, `M${p(x - w, at)}Q${p(x, at + 2 * bend)} ${p(x + w, at)}`, yarn);
    }
    case 'round':
      // Once round the pin: behind it, and back before it to the next.
      return front
        ? yarnPath(b, `M${p(x - w, at)}Q${p(x, at + 2.4 * depth)} ${p(x + b.step * 0.24, at - depth)}`, yarn)
        : yarnPath(b, `M${p(x + b.step * 0.24, at - depth)}Q${p(x, at - 3.4 * depth)} ${p(x - b.step * 0.24, at - depth)}Q${p(x - b.step * 0.1, at + depth)} ${p(x + w, at)}`, yarn); // prettier-ignore
    case 'card': {
      if (front) return [];
      const top = y(b, x, AT.hook) - b.height * 0.13;
      const mid = x + b.step / 2;
      return yarnPath(b, `M${p(x + w * 0.6, at)}L${p(mid - w * 0.5, top)}Q${p(mid, top - 14)} ${p(mid + w * 0.5, top)}L${p(mid + w * 0.4, at)}`, yarn); // prettier-ignore
    }
  }
}
