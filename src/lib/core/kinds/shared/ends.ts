import type { Kit } from '../../kit';
import { castOn, chainOff, crochetEdge, drawstring, type Edge, type Finish, flatClose, halves, type Join, type Operation } from '../../plan'; // prettier-ignore
import type { Ring } from './tube';
import { removeWaste, type Waste, type WasteChoice, wasteFor } from './waste';

/** How an end of a tube can begin or finish. */
export type StartEnd = 'drawn' | 'straight' | 'crochet' | 'wrapped';
export type FarEnd = 'drawn' | 'straight' | 'crochet' | 'chain';

/** The words of both, for options. */
export const START_ENDS = [
  { value: 'drawn', label: 'Drawn shut' },
  { value: 'straight', label: 'Closed straight across' },
  { value: 'crochet', label: 'Crocheted edge' },
  { value: 'wrapped', label: 'Wrapped cast-on', help: 'A snug, lasting edge at once.' }
] as const;
export const FAR_ENDS = [
  { value: 'drawn', label: 'Drawn shut' },
  { value: 'straight', label: 'Closed straight across' },
  { value: 'crochet', label: 'Crocheted edge' },
  { value: 'chain', label: 'Chained off', help: 'A lasting edge on the machine; firm, not tight.' }
] as const;

const live = (end: StartEnd | FarEnd): boolean => end === 'straight' || end === 'crochet';

/** Both ends of one tube: operations round its work, what closes them, and the seams that makes. */
export interface Ends {
  readonly before: readonly Operation[];
  readonly after: readonly Operation[];
  readonly finishing: readonly Finish[];
  readonly joins: readonly Join[];
  readonly waste: Waste;
}

/**
 * Plans the two ends of a tube. Ends that stay live get waste yarn, the others none.
 *
 * @param p index of the piece
 * @param perPin crocheted stitches for each pin
 */
export function endsOf(
  at: { kit: Kit; ring: Ring; p: number; first: string; last: string; choice: WasteChoice; perPin?: 1 | 2 },
  start: StartEnd,
  end: FarEnd
): Ends {
  const { kit, ring, p, first, last, choice, perPin = 1 } = at;
  const waste = wasteFor(kit, live(start) || live(end) ? choice : { ...choice, waste: 'none' }, first, last);
  const close = (edge: Edge, how: StartEnd | FarEnd, yarn: string): Finish[] => {
    if (how === 'drawn') return [{ do: 'drawShut', piece: p, edge }];
    if (!live(how)) return [];
    const made =
      how === 'straight'
        ? flatClose(p, edge, 'hook', yarn, ring.flatMm)
        : crochetEdge(p, edge, yarn, ring.girthMm, perPin);
    return [made, ...removeWaste(p, edge, waste)];
  };
  const before = live(start) ? waste.before : [castOn(first, start === 'wrapped' ? 'e-wrap' : 'weave')];
  const after = live(end)
    ? waste.after
    : [end === 'chain' ? chainOff(last, ring.girthMm) : drawstring(last, ring.turnMm)];
  return {
    before,
    after,
    finishing: [...close('cast-on', start, first), ...close('hung-off', end, last)],
    joins: [
      ...(start === 'straight' ? [halves('First end', p, 'cast-on', 'hook')] : []),
      ...(end === 'straight' ? [halves('Last end', p, 'hung-off', 'hook')] : [])
    ],
    waste
  };
}

/** How an end looks lying flat. */
export const endLook = (end: StartEnd | FarEnd): 'open' | 'drawn' | 'straight' =>
  end === 'drawn' || end === 'straight' ? end : 'open';
