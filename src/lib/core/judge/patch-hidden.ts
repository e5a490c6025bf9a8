import { finder, type Finding } from '../plan';
import { type PlaceName, PLACES, isSeen } from '../read';
import type { Judge } from './readings';

/** Facts of a patch nobody would see, with where its row ends up. */
export interface PatchHiddenFacts {
  'patch-hidden': { what: 'patch' | 'tag'; row: number; place: PlaceName };
}
const find = finder<PatchHiddenFacts>();

/** A patch belongs where it is seen; a tag may well lie inside. */
export const patchHidden: Judge = {
  code: 'patch-hidden',
  watches: 'a patch on a row that a fold, a crown or the inside hides',
  find: (r) =>
    r.brief.patches.flatMap(({ what, piece, row }, i): Finding[] => {
      const fabric = r.fabric.pieces[piece];
      const places = r.reveal.pieces[piece]?.place;
      if (what === 'tag' || !fabric || !places) return [];
      const { first, count } = fabric.work;
      if (row > count) return [];
      const seenAt = (of: number): boolean => isSeen(PLACES[places[first + of - 1]!]!);
      if (seenAt(row)) return [];
      // The longest stretch that is seen, and its middle.
      let [from, to] = [0, -1];
      for (let start = 1; start <= count; start++) {
        if (!seenAt(start)) continue;
        let end = start;
        while (end < count && seenAt(end + 1)) end++;
        if (end - start > to - from) [from, to] = [start, end];
        start = end;
      }
      const place = PLACES[places[first + row - 1]!]!;
      if (to < from) return [find('patch-hidden', 'warn', { piece, row }, { what, row, place })];
      const better = Math.round((from + to) / 2);
      const patches = r.brief.patches.map((p, j) => (j === i ? { ...p, row: better } : p));
      return [find('patch-hidden', 'warn', { piece, row }, { what, row, place }, { remedy: { code: 'patchRow', row: better }, change: { patches } })]; // prettier-ignore
    })
};
