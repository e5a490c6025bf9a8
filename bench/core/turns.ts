/** Times of one thing, in ms: the least disturbed one, and the usual one. */
export interface Times {
  readonly least: number;
  readonly median: number;
}

/** One thing that is timed: called so often in a row that the clock can tell. */
export interface Timed {
  readonly work: () => unknown;
  readonly calls: number;
}

/** What was worked out last: kept where an engine must believe that somebody looks at it. */
const kept: { result: unknown } = ((globalThis as { bench?: { result: unknown } }).bench ??= { result: 0 });

function once({ work, calls }: Timed): number {
  const start = performance.now();
  for (let c = 0; c < calls; c++) kept.result = work();
  return (performance.now() - start) / calls;
}

/**
 * Times several things in turns, so that a slow moment of the machine meets all alike. Each is called for a while before
 * anything is counted: what ships runs warm.
 *
 * @param things what is timed
 * @param turns how often each has its turn
 * @returns their times, in the same order
 * @example inTurns([{ work: a, calls: 20 }, { work: b, calls: 1 }], 200)
 */
export function inTurns(things: readonly Timed[], turns: number): Times[] {
  const took = things.map((): number[] => []);
  for (let warm = 0; warm < Math.ceil(turns / 4); warm++) things.forEach(once);
  for (let turn = 0; turn < turns; turn++) things.forEach((thing, i) => took[i]!.push(once(thing)));
  return took.map((times) => {
    times.sort((a, b) => a - b);
    return { least: times[0]!, median: times[Math.floor(times.length / 2)]! };
  });
}
