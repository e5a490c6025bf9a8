/** Where a ball of a yarn ends in a series. */
export interface BallEnd {
  /** Which ball, from 1. */
  readonly ball: number;
  /** The thing it ends in, and how much of that thing's yarn it still gives. */
  readonly id: string;
  readonly share: number;
}

/**
 * Where balls end when things are knitted one after the other from the same yarn.
 *
 * @param needs metres that each thing takes, in the order they are knitted
 * @param ballMetres metres of a ball by its label
 * @example ballEnds([{ id: 'a', metres: 60 }, { id: 'b', metres: 60 }], 100) // [{ ball: 1, id: 'b', share: 0.667 }]
 */
export function ballEnds(
  needs: readonly { readonly id: string; readonly metres: number }[],
  ballMetres: number
): BallEnd[] {
  const ends: BallEnd[] = [];
  let done = 0;
  for (const { id, metres } of needs) {
    const first = Math.floor(done / ballMetres + 1e-9) + 1;
    for (let ball = first; ball * ballMetres < done + metres - 1e-9; ball++)
      ends.push({ ball, id, share: (ball * ballMetres - done) / metres });
    done += metres;
  }
  return ends;
}
