import { type Executed, rowRuns, workSpan } from '../executed';
import { foldHat, revealLinedHat } from './lined-hat';
import { placeCode, PLACES, type Reveal } from './places';

/** Reads which rows of the first piece show where when the finished thing is worn. */
export function readReveal(run: Executed): Reveal {
  const piece = run.fabric.pieces[0]!;
  const worn = run.plan.worn;
  const place = worn ? revealLinedHat(run, worn) : plainReveal(run);
  const shares = new Map<number, number>();
  for (let row = 0; row < piece.rows; row++) {
    const key = place[row]! * 65_536 + piece.yarn[row]!;
    shares.set(key, (shares.get(key) ?? 0) + 1);
  }
  const hat = worn ? foldHat(run, worn) : null;
  return {
    place,
    foldRow: hat?.foldRow ?? null,
    turnRows: hat?.turnRows ?? 0,
    shares: [...shares].map(([key, rows]) => ({ place: PLACES[key >> 16]!, yarn: key & 65_535, rows }))
  };
}

function plainReveal(run: Executed): Uint8Array {
  const piece = run.fabric.pieces[0]!;
  const span = workSpan(rowRuns(piece));
  const place = new Uint8Array(piece.rows).fill(placeCode('removed'));
  return place.fill(placeCode('plain'), span.first, span.last + 1);
}

export { foldHat, type FoldedHat } from './lined-hat';
export { PLACE_WORDS, placeCode, PLACES, type PlaceName, type Reveal } from './places';
