import type { Judge } from './readings';

/** Stitch meets stitch only where their number is even (craft 7: half of 22 is 11). */
export const evenHalves: Judge = {
  code: 'even-halves',
  watches: 'a flat close over an odd number of stitches',
  find: (r) => {
    const close = r.worked.done.find((d) => d.do === 'join' && d.facts?.odd);
    if (close?.do !== 'join' || !close.facts) return [];
    const n = close.facts.a.count + close.facts.b.count;
    return [
      {
        code: 'odd-halves',
        weight: 'warn',
        place: { piece: close.facts.a.piece },
        sentence: `${n} stitches do not halve: one is left over at the flat close; take it together with its neighbour.`
      }
    ];
  }
};
