import type { RuleOf } from './rule';

/** From here on the yarn is laid round a card behind some pins; never at an edge (craft 8.9). */
export const float: RuleOf<'float'> = {
  refuses: (ring, { after, columns }) => {
    if (columns < 1) return { no: { code: 'no-stitches', float: true, stitches: columns } };
    // The card may stand before anything is cast on: the cast-on goes round it too.
    const edge = after.find((pin) => pin < ring.low || pin >= ring.high);
    return edge === undefined ? undefined : { no: { code: 'float-edge', pin: edge }, pin: edge };
  },
  does: (ring, { after, columns }) => {
    ring.floats = { after, columns };
  },
  mirror: (op, { pin }) => ({ ...op, after: op.after.map((at) => pin(at) - 1).sort((a, b) => a - b) }),
  minutes: () => 1
};
