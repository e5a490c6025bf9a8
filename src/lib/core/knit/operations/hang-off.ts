import { empty, pinsOf, type RuleOf, unchanged } from './rule';

/** The piece comes off: onto a thread, by cranking on without yarn, or chained. */
export const hangOff: RuleOf<'hangOff'> = {
  refuses: (ring) => (ring.occupied ? undefined : empty('off')),
  does: (ring) => {
    ring.occupied = false;
  },
  mirror: unchanged,
  minutes: (op, piece, stitches) => {
    // The few stitches of a cord are gathered onto the tail at once.
    if (piece.mode !== 'tube' && op.style === 'drawstring') return 1;
    // By the stitch: 2 s onto a needle, 6 s with a hook (craft 10, common practice, no source).
    const lifted = stitches / 30;
    return { drawstring: lifted, waste: 0.5, chain: 0.1 * pinsOf(piece), thread: lifted }[op.style];
  }
};
