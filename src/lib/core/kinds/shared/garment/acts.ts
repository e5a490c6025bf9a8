import type { Act, ButtonLine, Join, Piece, RunRef, Side } from '../../../plan';
import { rest, weave } from '../hands';
import type { Body, Hand } from './body';
import type { Ground } from './ground';
import type { ArmEdge } from './options';
import type { Sleeves } from './sleeves';

const HANDS = ['left', 'right'] as const satisfies readonly Hand[];

/** The sleeves of a garment, and the number of their piece. */
export interface SewnSleeves {
  readonly at: number;
  readonly drafted: Sleeves;
}

/** Runs of one sleeve: its panels are copies of one piece, the left ones first. */
function sleeveRuns(sleeve: SewnSleeves, hand: Hand) {
  const { parts } = sleeve.drafted;
  const copies = Array.from({ length: parts }, (_, i) => (hand === 'left' ? 0 : parts) + i + 1);
  const side = (copy: number, of: Side): RunRef => ({ piece: sleeve.at, copy, run: 'side', side: of });
  return {
    top: copies.map((copy): RunRef => ({ piece: sleeve.at, copy, run: 'hung-off' })),
    wrist: copies.map((copy): RunRef => ({ piece: sleeve.at, copy, run: 'cast-on' })),
    low: side(copies[0]!, 'low'),
    high: side(copies.at(-1)!, 'high'),
    between: copies.slice(1).map((copy, i) => [side(copies[i]!, 'high'), side(copy, 'low')] as const)
  };
}

/** Shoulders by their school: chained each and sewn, both loops in one pass, or slip-stitched. */
function shoulders(g: Ground, body: Body): Act[] {
  const { o } = g;
  const by = { sewn: 'needle', together: 'together', slip: 'hook' } as const;
  return HANDS.flatMap((hand): Act[] => {
    const { back, front } = body.hands[hand].shoulder;
    const waiting = g.sloped && o.shoulderBy !== 'together';
    return [
      ...(waiting ? [{ do: 'bind', name: `held-shoulder-${hand}`, runs: [back], by: 'chain', yarn: o.yarn } as const] : []), // prettier-ignore
      { do: 'join', name: `shoulder-${hand}`, a: [back], b: [front], by: by[o.shoulderBy], yarn: o.yarn }
    ];
  });
}

/**
 * Stitches that waited at the underarms, chained off: they must flex there. Where the yarn was cut, its own end does
 * it.
 */
function underarms(g: Ground, body: Body): Act[] {
  const { c, o } = g;
  const isCut = c.onePiece && o.farSide === 'cut' && c.held > 0 && g.ownTails;
  return HANDS.flatMap((hand) =>
    (['back', 'front'] as const).flatMap((part): Act[] => {
      const runs = body.hands[hand][part].held;
      const own = isCut && part === 'back' ? ({ own: hand === 'right' ? 'old-end' : 'new-end' } as const) : {};
      return runs.length ? [{ do: 'bind', name: `held-${part}-${hand}`, runs, by: 'chain', yarn: o.yarn, ...own }] : [];
    })
  );
}

/** Armholes without sleeves are edged: the side of a panel rolls inwards, to the purl side. */
function armholes(g: Ground, body: Body, sleeve: SewnSleeves | null, edge: ArmEdge): Act[] {
  if (sleeve || edge === 'none') return [];
  return HANDS.map((hand) => ({
    do: 'bind',
    name: `armhole-${hand}`,
    runs: body.hands[hand].armhole,
    by: 'crochet',
    yarn: g.o.bandYarn ?? g.o.yarn,
    perFour: g.o.bandPerFour
  }));
}

/** Stitches of a V that wait on threads, chained off before the band goes over them. */
const neckEdges = (g: Ground, body: Body): Act[] =>
  HANDS.flatMap((hand): Act[] => {
    const runs = body.neckHeld[hand];
    return runs.length ? [{ do: 'bind', name: `held-neck-${hand}`, runs, by: 'chain', yarn: g.o.yarn }] : [];
  });

/**
 * Sides, sleeves and armholes by one of two schools. A sleeve that is a tube, or a panel under the arm, is set in
 * round.
 */
function sides(g: Ground, body: Body, sleeve: SewnSleeves | null): Act[] {
  const seam = (name: string, a: readonly RunRef[], b: readonly RunRef[]): Join => ({ do: 'join', name, a, b, by: 'mattress', yarn: g.o.yarn }); // prettier-ignore
  const flat = sleeve !== null && !sleeve.drafted.tube && body.sidePanel === null && g.o.assembly === 'flat';
  const between = (hand: Hand): Act[] =>
    sleeve ? sleeveRuns(sleeve, hand).between.map(([a, b], i) => seam(`sleeve-parts-${hand}-${i + 1}`, [a], [b])) : [];
  const bodySide = (hand: Hand): Act[] => {
    const own = body.hands[hand];
    return own.sides.length ? [...own.sides] : [seam(`side-${hand}`, [own.back.side], [own.front.side])];
  };
  if (!sleeve) return HANDS.flatMap(bodySide);
  const setIn = (hand: Hand): Act => seam(`sleeve-set-${hand}`, body.hands[hand].armhole, sleeveRuns(sleeve, hand).top);
  if (!flat) {
    return HANDS.flatMap((hand) => [
      ...bodySide(hand),
      ...between(hand),
      ...(sleeve.drafted.tube ? [] : [seam(`sleeve-seam-${hand}`, [sleeveRuns(sleeve, hand).low], [sleeveRuns(sleeve, hand).high])]), // prettier-ignore
      setIn(hand)
    ]);
  }
  return HANDS.flatMap((hand): Act[] => {
    const { low, high } = sleeveRuns(sleeve, hand);
    const own = body.hands[hand];
    // Side and sleeve in one line: the low edge of a sleeve meets the edge that hung at high pins.
    const [a, b] = hand === 'left' ? [[own.back.side, low], [own.front.side, high]] : [[own.back.side, high], [own.front.side, low]]; // prettier-ignore
    return [...between(hand), setIn(hand), seam(`side-${hand}`, a, b)];
  });
}

/** Wrists of sleeves that hang on waste: of tubes, and of panels that began from the strip. */
function wrists(g: Ground, sleeve: SewnSleeves | null): Act[] {
  if (!sleeve || (!sleeve.drafted.tube && !g.strip)) return [];
  return [
    ...HANDS.map((hand): Act => ({ do: 'bind', name: `wrist-${hand}`, runs: sleeveRuns(sleeve, hand).wrist, by: 'crochet', yarn: g.o.bandYarn ?? g.o.yarn })), // prettier-ignore
    { do: 'wasteOff', piece: sleeve.at, edge: 'cast-on', by: g.o.wasteWay }
  ];
}

/**
 * What hands do with a garment: block, chain off what was held, back seam, shoulders, sides and sleeves, bands, hem,
 * and only
 * then the waste.
 */
export function garmentActs(
  g: Ground,
  pieces: readonly Piece[],
  body: Body,
  {
    sleeve,
    pockets,
    straightRows,
    armEdge
  }: { sleeve: SewnSleeves | null; pockets: readonly Act[]; straightRows: number; armEdge: ArmEdge }
): Act[] {
  const { o } = g;
  const bandYarn = o.bandYarn ?? o.yarn;
  const panels = pieces.flatMap((part, piece) => (part.mode === 'tube' ? [] : [piece]));
  // Buttons sit on one front, their holes on the other, from the hem to where the neck begins.
  const holed: Hand = o.holesOn;
  const buttoned: Hand = holed === 'left' ? 'right' : 'left';
  const frontOf = (hand: Hand): number => (hand === 'left' ? body.leftFront : body.rightFront);
  const line = (hand: Hand): ButtonLine => ({
    count: o.buttons,
    buttonMm: o.buttonMm,
    over: { piece: frontOf(hand), run: 'side', side: hand === 'left' ? 'high' : 'low', rows: { from: 1, to: Math.max(1, straightRows) } } // prettier-ignore
  });
  const hemmed = body.pieces.map((_, piece) => piece);
  // The back's neck waits on the shoulders' thread, the front's where the V did not come out.
  const waits = body.neckRuns.filter((run) => o.shoulderBy === 'together' && (!g.sloped || run.piece === body.leftFront || run.piece === body.rightFront)); // prettier-ignore
  return [
    { do: 'block', pieces: panels },
    ...pockets,
    ...(sleeve?.drafted.tube ? [rest(sleeve.at)] : []),
    ...underarms(g, body),
    ...body.centre,
    ...shoulders(g, body),
    ...(waits.length > 0 ? [{ do: 'bind', name: 'held-neck', runs: waits, by: 'chain', yarn: o.yarn } as const] : []),
    ...sides(g, body, sleeve),
    ...armholes(g, body, sleeve, armEdge),
    ...neckEdges(g, body),
    { do: 'bind', name: 'hem', runs: body.hem, by: 'crochet', yarn: bandYarn },
    { do: 'bind', name: 'band', runs: body.band, by: 'crochet', yarn: bandYarn, perFour: o.bandPerFour, widthMm: o.bandMm, ...(o.buttons > 0 ? { holes: line(holed) } : {}) }, // prettier-ignore
    ...hemmed.map((piece): Act => ({ do: 'wasteOff', piece, edge: 'cast-on', by: o.wasteWay })),
    ...wrists(g, sleeve),
    ...(o.buttons > 0 ? [{ do: 'fix', what: 'button', piece: frontOf(buttoned), count: o.buttons, yarn: bandYarn, along: { ...line(buttoned), perFour: o.bandPerFour } } as const] : []), // prettier-ignore
    weave('woven')
  ];
}
