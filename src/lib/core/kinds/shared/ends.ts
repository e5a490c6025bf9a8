import type { Kit } from '../../kit';
import { type Act, castOn, chainOff, drawstring, type Edge, type Operation, type RunRef } from '../../plan';
import { type CloseChoice, closeFlat, crochetEnd } from './hands';
import type { Ring } from './tube';
import { ownTails, type TailChoice } from './tails';
import { type Waste, wasteAway, type WasteChoice, wasteFor } from './waste';

/** How an end of a tube can begin or finish. */
export const START_ENDS = ['drawn', 'straight', 'crochet', 'wrapped'] as const;
export const FAR_ENDS = ['drawn', 'straight', 'crochet', 'chain'] as const;
export type StartEnd = (typeof START_ENDS)[number];
export type FarEnd = (typeof FAR_ENDS)[number];

const live = (end: StartEnd | FarEnd): boolean => end === 'straight' || end === 'crochet';

/** Both ends of one tube: operations round its work, what hands do to them, and the openings that stay. */
export interface Ends {
  readonly before: readonly Operation[];
  readonly after: readonly Operation[];
  /** What closes or edges the first end, and the last one. */
  readonly first: readonly Act[];
  readonly last: readonly Act[];
  /** Openings by name. */
  readonly openings: Readonly<Record<string, RunRef>>;
  readonly waste: Waste;
}

/** An end that is shut when all is done. */
const shut = (end: StartEnd | FarEnd): boolean => end === 'drawn' || end === 'straight';

/**
 * Plans the two ends of a tube. Ends that stay live get waste yarn, the others none.
 *
 * @param p index of the piece
 * @param perLoop crocheted stitches for each loop
 */
export function endsOf(
  at: {
    kit: Kit;
    ring: Ring;
    p: number;
    first: string;
    last: string;
    choice: WasteChoice & TailChoice & { readonly closeBy: CloseChoice };
    perLoop?: 1 | 2;
  },
  start: StartEnd,
  end: FarEnd
): Ends {
  const { kit, ring, p, first, last, choice, perLoop = 1 } = at;
  const waste = wasteFor(kit, live(start) || live(end) ? choice : { ...choice, waste: 'none' }, first, last);
  // While the other end is open a knot lies on the purl side; where both are shut the tails stay outside and are
  // buried.
  const own = ownTails(kit, choice);
  const tail = shut(start) && shut(end) ? 'knit' : 'purl';
  const close = (edge: Edge, how: StartEnd | FarEnd, yarn: string): Act[] => {
    if (how === 'drawn') return [{ do: 'draw', piece: p, edges: [edge], tail }];
    if (!live(how)) return [];
    const made =
      how === 'straight'
        ? closeFlat(p, edge, choice.closeBy, yarn, own(edge))
        : crochetEnd(p, edge, yarn, { perLoop, ...own(edge) });
    return [made, ...wasteAway(p, edge, waste, choice)];
  };
  const before = live(start) ? waste.before : [castOn(first, start === 'wrapped' ? 'e-wrap' : 'weave')];
  const after = live(end)
    ? waste.after
    : [end === 'chain' ? chainOff(last, ring.girthMm) : drawstring(last, ring.turnMm)];
  return {
    before,
    after,
    first: close('cast-on', start, first),
    last: close('hung-off', end, last),
    openings: {
      ...(shut(start) ? {} : { first: { piece: p, run: 'cast-on' } as const }),
      ...(shut(end) ? {} : { last: { piece: p, run: 'hung-off' } as const })
    },
    waste
  };
}

/** How an end looks lying flat. */
export const endLook = (end: StartEnd | FarEnd): 'open' | 'drawn' | 'straight' =>
  end === 'drawn' || end === 'straight' ? end : 'open';
