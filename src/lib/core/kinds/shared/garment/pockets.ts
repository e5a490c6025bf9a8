import { type Act, castOn, chainOff, type Clamped, type Piece, shapedRows, type Side } from '../../../plan';
import { begun } from '../tube';
import { pinsFor } from '../panel';
import type { Body, Hand } from './body';
import type { Ground } from './ground';

/** A pocket keeps so far from either edge of its front: a seam and a column (own estimate, no source). */
const CLEAR = 2;

/** Pockets: small panels, sewn on by three of their edges while the front lies flat. */
interface Pockets {
  readonly pieces: readonly Piece[];
  readonly acts: readonly Act[];
  readonly clamped: readonly Clamped[];
}

/**
 * Drafts the pockets of a garment.
 *
 * @param from index of the first piece they get
 */
export function draftPockets(g: Ground, body: Body, from: number): Pockets {
  const { o, c, ring } = g;
  if (o.pockets === 'none') return { pieces: [], acts: [], clamped: [] };
  const hands: readonly Hand[] = o.pockets === 'both' ? ['left', 'right'] : [o.pockets];
  const asked = Math.max(4, Math.round((o.pocketWideMm / 10) * ring.gauge.wales.value));
  const stitches = Math.max(2, Math.min(asked, c.half - 2 * CLEAR));
  const perMm = ring.gauge.courses.value / 10;
  const up = Math.min(Math.round(o.pocketUpMm * perMm), Math.max(0, c.front.body - 4));
  const wanted = Math.max(4, Math.round(o.pocketTallMm * perMm));
  // Above the underarm the front narrows.
  const rows = Math.max(2, Math.min(wanted, c.front.body - up));
  const at = pinsFor(ring.machine, o.mode, stitches);
  const operations = begun(ring, [
    castOn(o.yarn, 'e-wrap'),
    ...shapedRows('Pocket', o.yarn, rows, []),
    chainOff(o.yarn, g.wide(stitches))
  ]);
  const piece = (hand: Hand): Piece => g.panel(hand === 'left' ? 'Left pocket' : 'Right pocket', at, operations);
  const act = (hand: Hand, p: number): Act => {
    // Measured from the edge in the middle of the body, which both fronts have.
    const side: Side = hand === 'left' ? 'high' : 'low';
    return {
      do: 'sewOn',
      piece: p,
      to: hand === 'left' ? body.leftFront : body.rightFront,
      place: `pocket-${hand}`,
      runs: [
        { piece: p, run: 'side', side: 'low' },
        { piece: p, run: 'cast-on' },
        { piece: p, run: 'side', side: 'high' }
      ],
      inOne: true,
      at: { row: up, stitches: Math.floor((c.half - stitches) / 2), side },
      yarn: o.yarn
    };
  };
  return {
    pieces: hands.map(piece),
    acts: hands.map((hand, i) => act(hand, from + i)),
    clamped: [
      ...(asked > stitches ? [{ piece: from, option: 'pocketWideMm', asked, given: stitches, of: 'stitches', why: 'room' } as const] : []), // prettier-ignore
      ...(wanted > rows ? [{ piece: from, option: 'pocketTallMm', asked: wanted, given: rows, of: 'rows', why: 'room' } as const] : []) // prettier-ignore
    ]
  };
}
