import { drag } from 'd3-drag';
import { select } from 'd3-selection';

/** Lets an element be dragged about the one around it, by mouse, pen or finger; told in shares of its width and height. */
export function spotDrag(node: HTMLElement, onmove: (x: number, y: number) => void) {
  let told = onmove;
  const around = node.parentElement!;
  const share = (n: number, of: number): number => Math.min(1, Math.max(0, n / Math.max(1, of)));
  const behaviour = drag<HTMLElement, unknown>()
    .container(() => around)
    // Where the pointer is, not how far it went: the spot lies under the finger.
    .subject((event: { x: number; y: number }) => ({ x: event.x, y: event.y }))
    .on('drag', ({ x, y }: { x: number; y: number }) =>
      told(share(x, around.clientWidth), share(y, around.clientHeight))
    );
  select(node).call(behaviour);
  return {
    update: (next: typeof onmove) => void (told = next),
    destroy: () => void select(node).on('.drag', null)
  };
}
