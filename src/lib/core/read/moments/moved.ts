import type { StepFacts } from '../facts';
import type { Move, PinLoop } from './look';

const onto = (order: number, from: number, to: number): Move => ({
  order,
  from: { on: 'pin', pin: from },
  to: { on: 'pin', pin: to }
});

/**
 * The loops a decrease lifts, in their order: of three the middle one first, onto the pin nearest the panel, the
 * innermost
 * back on top of it, the edge one beside it (craft 8.3); of four, two edge stitches move on beside them, or two are
 * taken in
 * and the edge one moves two pins; or the edge one alone, onto its neighbour.
 */
export function decreaseMoves({ method, pin, inner, nearest, deepest }: StepFacts['decrease']): Move[] {
  switch (method) {
    case 'full-fashioned':
      return [onto(1, inner, nearest), onto(2, nearest, nearest), onto(3, pin, inner)];
    case 'two-edge':
      return [onto(1, nearest, deepest), onto(2, deepest, deepest), onto(3, inner, nearest), onto(4, pin, inner)];
    case 'double':
      return [onto(1, inner, deepest), onto(2, nearest, deepest), onto(3, deepest, deepest), onto(4, pin, nearest)];
    case 'simple':
      return [onto(1, pin, inner)];
  }
}

/** Loops after moves from pin to pin: all that hangs on a pin is lifted together, and comes to lie on top. */
export function moved(loops: readonly PinLoop[], moves: readonly Move[]): PinLoop[] {
  const lifted = moves.flatMap(({ from, to }) =>
    from.on === 'pin' && to.on === 'pin'
      ? loops.filter((l) => l.pin === from.pin).map((loop) => ({ loop, pin: to.pin }))
      : []
  );
  const stay = loops.filter((loop) => !lifted.some((l) => l.loop === loop));
  return [...stay, ...lifted.map(({ loop, pin }) => ({ ...loop, pin }))];
}
