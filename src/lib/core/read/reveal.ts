import { pieceAt } from '../knit';
import type { Made } from '../hand';
import { PLACES, type Reveal } from './places';
import { placesOf } from './worn';

/** Reads which rows of every piece show where when the finished thing is worn. */
export function readReveal(run: Made): Reveal {
  const { pieces, turnRows } = placesOf(run);
  const shares = pieces.flatMap(({ place }, p) => {
    const { yarn, rows } = pieceAt(run, p).fabric;
    const counts = new Map<number, number>();
    for (let row = 0, start = 0; row < rows; row++) {
      if (row + 1 < rows && place[row] === place[row + 1] && yarn[row] === yarn[row + 1]) continue;
      const key = place[row]! * 65_536 + yarn[row]!;
      counts.set(key, (counts.get(key) ?? 0) + row + 1 - start);
      start = row + 1;
    }
    return [...counts].map(([key, count]) => ({
      piece: p,
      place: PLACES[key >> 16]!,
      yarn: key & 65_535,
      rows: count
    }));
  });
  return { pieces, turnRows, shares };
}
