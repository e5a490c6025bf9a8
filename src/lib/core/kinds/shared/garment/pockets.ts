import { type Act, castOn, chainOff, type Clamped, type Piece, shapedRows, type Side } from '../../../plan';
import { begun } from '../tube';
import type { Body, Hand } from './body';
import type { Ground } from './ground';

/** A pocket keeps so far from either edge of its front: a seam and a column (own estimate, no source). */
const CLEAR = 2;

/** Pockets: small panels, sewn on by three of their edges while the front lies flat. */
interface Pockets {
  readonly pieces: readonly Piece[];
  readonly acts: readonly Act[];
  readonly clamped: readonly Clamped[];
  /** Rows up to the first one of a pocket, and of the pocket itself; none without pockets. */
  readonly placed: { readonly piece: number; readonly up: number; readonly rows: number } | null;
}

/**
 * Drafts the pockets of a garment.
 *
 * @param from index of the first piece they get
 */
export function draftPockets(g: Ground, body: Body, from: number): Pockets {
  const { o, c, ring } = g;
  if (o.pockets === 'none') return { pieces: [], acts: [], clamped: [], placed: null };
  const hands: readonly Hand[] = o.pockets === 'both' ? ['left', 'right'] : [o.pockets];
  const asked = Math.max(4, Math.round((o.pocketWideMm / 10) * ring.gauge.wales.value));
  const stitches = Math.max(2, Math.min(asked, c.half - 2 * CLEAR));
  const perMm = ring.gauge.courses.value / 10;
  const up = Math.round(o.pocketUpMm * perMm);
  // As tall as it was asked for: where it does not fit below the underarm, a judge says so.
  const rows = Math.max(4, Math.round(o.pocketTallMm * perMm));
  const at = g.at(stitches);
  const operations = [
    ...(g.strip ? g.start(ring.starts) : begun(ring, [castOn(o.yarn, 'e-wrap')])),
    ...shapedRows('Pocket', o.yarn, rows, []),
    chainOff(o.yarn, g.wide(stitches))
  ];
  const piece = (hand: Hand): Piece => g.panel(hand === 'left' ? 'Left pocket' : 'Right pocket', at, operations);
  // Begun from the strip, its first row is live: chained off, and only then the waste comes off.
  const bottom = (p: number): Act[] => [
    { do: 'bind', name: 'edge-first', runs: [{ piece: p, run: 'cast-on' }], by: 'chain', yarn: o.yarn },
    { do: 'wasteOff', piece: p, edge: 'cast-on', by: o.wasteWay }
  ];
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
    placed: { piece: from, up, rows },
    pieces: hands.map(piece),
    acts: hands.flatMap((hand, i) => [...(g.strip ? bottom(from + i) : []), act(hand, from + i)]),
    clamped: [
      ...(asked > stitches ? [{ piece: from, option: 'pocketWideMm', asked, given: stitches, of: 'stitches', why: 'room' } as const] : []) // prettier-ignore
    ]
  };
}
