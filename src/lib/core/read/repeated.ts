import { rollup } from 'd3-array';
import type { CrankFault, Fabric } from '../knit';

/** So often at one place is no accident any more (own estimate, no source). */
const OFTEN = 3;
/** First rows, in which most stitches fall off (craft 3.5). */
const FIRST_ROWS = 12;

/** What comes back: at one pin, with one yarn, or in the first rows; and how often. */
export type Repeated =
  | { readonly at: 'pin'; readonly pin: number; readonly times: number }
  | { readonly at: 'first-rows'; readonly times: number }
  | { readonly at: 'yarn'; readonly yarn: string; readonly times: number };

/**
 * What of all that went wrong comes back. A pin is named before anything else: its hook can be looked at.
 *
 * @param told all that went wrong in a piece, what was mended at once too
 * @param besides what went wrong in other pieces on the same machine
 * @example repeatedIn(faults, result.fabric) // [{ at: 'pin', pin: 17, times: 3 }]
 */
export function repeatedIn(
  told: readonly CrankFault[],
  fabric: Fabric,
  besides: readonly CrankFault[] = []
): Repeated[] {
  // A ball that ends is nobody's fault.
  const real = (f: CrankFault): boolean => f.kind !== 'new-ball';
  const own = told.filter(real);
  const faults = [...own, ...besides.filter(real)];
  const often = <K>(of: readonly CrankFault[], key: (f: CrankFault) => K): [K, number][] =>
    [...rollup(of, (list) => list.length, key)].filter(([, n]) => n >= OFTEN).sort((a, b) => b[1] - a[1]);
  // A pin is named where it failed in this piece too.
  const pins = often(faults, (f) => f.pin)
    .filter(([pin]) => own.some((f) => f.pin === pin))
    .map(([pin, times]): Repeated => ({ at: 'pin', pin, times }));
  const rest = own.filter((f) => !pins.some((p) => p.at === 'pin' && p.pin === f.pin));
  const early = rest.filter((f) => f.row <= FIRST_ROWS).length;
  const yarns = often(rest.filter((f) => f.row > FIRST_ROWS), (f) => fabric.yarns[fabric.pieces[f.piece]?.yarn[f.row - 1] ?? -1]); // prettier-ignore
  return [
    ...pins,
    ...(early >= OFTEN ? [{ at: 'first-rows', times: early } as const] : []),
    ...yarns.flatMap(([yarn, times]): Repeated[] => (yarn === undefined || fabric.yarns.length < 2 ? [] : [{ at: 'yarn', yarn, times }])) // prettier-ignore
  ];
}
