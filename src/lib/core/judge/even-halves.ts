import type { Judge } from './readings';

/** Stitch meets stitch only where their number is even (handbook section 7: half of 22 is 11). */
export const evenHalves: Judge = {
  code: 'even-halves',
  watches: 'a flat close over an odd number of stitches',
  find: (r) => {
    const close = r.plan.finishing.find((f) => f.do === 'flatClose' && r.fabric.pieces[f.piece]!.width % 2 === 1);
    if (close?.do !== 'flatClose') return [];
    const n = r.fabric.pieces[close.piece]!.width;
    return [
      {
        code: 'odd-halves',
        weight: 'warn',
        place: { piece: close.piece },
        sentence: `${n} stitches do not halve: one is left over at the flat close; take it together with its neighbour.`
      }
    ];
  }
};
