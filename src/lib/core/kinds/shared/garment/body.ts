import { mirrored } from '../../../knit';
import {
  chainOff,
  type Join,
  JOIN_TAIL_MM,
  type Mend,
  type Operation,
  type Piece,
  type RimPart,
  type RunRef,
  type Side,
  shapedRows,
  type ShapingEvent,
  slopeEvents
} from '../../../plan';
import { SEAM_STITCH } from '../panel';
import { type Counts, riseOf } from './counts';
import type { Ground, Pins } from './ground';
import { armEvents, lastAtArm, type Neck, shoulderGroups } from './slopes';

/** What belongs to one arm: side, armhole and shoulder by their runs. */
interface BodyHand {
  readonly back: { readonly side: RunRef; readonly held: readonly RunRef[] };
  readonly front: { readonly side: RunRef; readonly held: readonly RunRef[] };
  /** Seams of that panel; none where back meets front. */
  readonly sides: readonly Join[];
  /** Once round the armhole. */
  readonly armhole: readonly RunRef[];
  readonly shoulder: { readonly back: RunRef; readonly front: RunRef };
}

/** Backs, fronts and side panels of a garment, the runs of their seams, and the edges that meet the body. */
export interface Body {
  readonly pieces: readonly Piece[];
  readonly centre: readonly Join[];
  readonly hands: Readonly<Record<Hand, BodyHand>>;
  readonly mends: Readonly<Record<string, Mend>>;
  readonly rightFront: number;
  readonly leftFront: number;
  readonly sidePanel: number | null;
  readonly hem: readonly RunRef[];
  readonly neckRuns: readonly RunRef[];
  /** Stitches of the V that were taken onto a thread one by one, by the front they belong to. */
  readonly neckHeld: Readonly<Record<Hand, readonly RunRef[]>>;
  /** Up the left front, round the neck, down the right front. */
  readonly band: readonly RunRef[];
  /** Once round the right armhole; across the neck at the back; one shoulder: to be measured. */
  readonly armhole: readonly RimPart[];
  /** Once round the hem. */
  readonly round: readonly RimPart[];
  /** Rows after which the body of a piece ends, and the edges at which its armholes begin. */
  readonly underarms: readonly { readonly piece: number; readonly row: number; readonly sides: readonly Side[] }[];
  readonly neck: readonly RimPart[];
  readonly shoulder: readonly RimPart[];
}

const HERE = { underarm: 0, shoulder: 0 } as const;
export type Hand = 'left' | 'right';

/** The last stitches onto a thread, live. */
const onThread = (g: Ground, stitches: number): Operation => ({
  op: 'hangOff',
  style: 'thread',
  thread: g.wasteYarn,
  threadMm: Math.round(g.wide(stitches) + 200),
  doubled: false
});

/** Right and left back, or one back where the ring is wide enough. */
function backs(g: Ground): Piece[] {
  const { c, o } = g;
  const events = armEvents(c, c.back, g.sloped, 'low', HERE);
  const begins = g.lowAfter(c.back.body);
  // What is joined loop with loop waits on a thread; everything else is chained off at the machine.
  const leave = (stitches: number): Operation =>
    o.shoulderBy === 'together' && !g.sloped ? onThread(g, stitches) : chainOff(o.yarn, g.wide(stitches));
  if (!c.onePiece) {
    const half = [
      ...g.start(begins),
      ...shapedRows('Back', o.yarn, riseOf(c.back), events, begins),
      leave(g.sloped ? c.neck : c.neck + c.shoulder)
    ];
    return [g.panel('Right back', g.pins.half, half), g.panel('Left back', g.pins.half, mirrored(half, g.pins.half))];
  }
  // Both underarms of a back in one: the far one a row later, or in the same row with the yarn cut. A cut leaves the
  // yarn
  // at the high edge, so the shoulders then begin there.
  const both: ShapingEvent[] =
    o.farSide === 'cut' && c.held > 0
      ? [
          ...armEvents(c, c.back, g.sloped, 'low', { underarm: 0, shoulder: 1 }),
          { row: c.back.body, op: { op: 'newEnd', side: 'high', yarn: o.yarn, tailMm: JOIN_TAIL_MM } },
          ...armEvents(c, c.back, g.sloped, 'high', HERE)
        ]
      : [...events, ...armEvents(c, c.back, g.sloped, 'high', { underarm: 1, shoulder: 1 })];
  const rows = riseOf(c.back) + (g.sloped ? 1 : 0);
  const left = 2 * (c.neck - SEAM_STITCH) + (g.sloped ? 0 : 2 * c.shoulder);
  return [
    g.panel('Back', g.pins.whole, [...g.start(begins), ...shapedRows('Back', o.yarn, rows, both, begins), leave(left)])
  ];
}

/** Right and left front: the left one is like the right back, the right one its mirror image. */
function fronts(g: Ground, neck: Neck): Piece[] {
  const { c, o } = g;
  // The V is at the far edge: each of its decreases comes one row before an even one, when the yarn is there.
  const slope = neck.slope ? slopeEvents(neck.slope, 'high', 0, neck.method, neck.takes) : [];
  const last = Math.max(1, c.shoulder + c.neck - neck.takes);
  const begins = g.lowAfter(c.front.body);
  const front = [
    ...g.start(begins),
    ...shapedRows('Front', o.yarn, riseOf(c.front), [...armEvents(c, c.front, false, 'low', HERE), ...slope], begins),
    o.shoulderBy === 'together' ? onThread(g, last) : chainOff(o.yarn, g.wide(last))
  ];
  return [g.panel('Right front', g.pins.half, mirrored(front, g.pins.half)), g.panel('Left front', g.pins.half, front)];
}

/** Panels under each arm, from the back to the front, where the halves do not reach round. */
function sides(g: Ground): Piece[] {
  const { c, o } = g;
  if (c.side === 0) return [];
  const at = g.at(c.side);
  const ops = [
    ...g.start(g.ring.starts),
    ...shapedRows('Side', o.yarn, c.back.body, []),
    chainOff(o.yarn, g.wide(c.side))
  ];
  const named = (hand: string): Piece[] =>
    Array.from({ length: c.sides }, (_, i) =>
      g.panel(c.sides === 1 ? `${hand} side` : `${hand} side ${i + 1}`, at, ops)
    );
  return [...named('Right'), ...named('Left')];
}

/** Rows after which stitches of an armhole were taken onto a thread: those held at once, and single ones after them. */
const heldRows = (c: Counts, row: number, body: number): { from: number; to: number } => ({
  from: row,
  to: c.arm.method === 'thread' ? body + (c.arm.at.at(-1) ?? 0) + 1 : row
});

/** Rows after which the groups of a sloped shoulder begin, at the edge where the yarn is, or a row later. */
const shoulderRow = (c: Counts, later: 0 | 1): number => lastAtArm(c.back) - 2 * (shoulderGroups(c) - 1) + later;

/** Drafts the body: its seams join named edges, measured later off the fabric. */
export function draftBody(g: Ground, slope: Neck): Body {
  const { c } = g;
  const back = backs(g);
  const front = fronts(g, slope);
  const under = sides(g);
  const [rightBack, leftBack] = [0, back.length - 1];
  const [rightFront, leftFront] = [back.length, back.length + 1];
  const sidePanel = under.length > 0 ? back.length + 2 : null;

  const edge = (piece: number, side: Side, from: number, to: number): RunRef => ({ piece, run: 'side', side, rows: { from, to } }); // prettier-ignore
  const whole = (piece: number, side: Side): RunRef => ({ piece, run: 'side', side });
  // Right and left as worn; on a half back or front the low pins are the armhole of the left hand.
  const at: Record<Hand, { back: number; front: number; backSide: Side; frontSide: Side }> = {
    right: { back: rightBack, front: rightFront, backSide: 'low', frontSide: 'high' },
    left: { back: leftBack, front: leftFront, backSide: 'high', frontSide: 'low' }
  };
  const mend: Mend = {
    remedy: { code: 'frontAsBack', what: 'side', rows: c.back.body },
    options: { frontRows: c.back.body }
  };
  const mends: Record<string, Mend> = {};
  const seam = (name: string, a: readonly RunRef[], b: readonly RunRef[], by: Join['by'] = 'mattress'): Join => ({ do: 'join', name, a, b, by, yarn: g.o.yarn }); // prettier-ignore

  // A V that does not come out leaves the stitches of the neck on the front's last row, away from the armhole.
  const onFront = (h: Hand, from: number, count: number): RunRef => {
    const { half } = g.pins;
    const away = c.held + c.decreased + from;
    const span = h === 'left' ? { from: half.from + away, to: half.from + away + count - 1 } : { from: half.to - away - count + 1, to: half.to - away }; // prettier-ignore
    return { piece: at[h].front, run: 'hung-off', pins: span };
  };
  const single = c.arm.method === 'thread' && c.arm.at.length > 0;
  const leftOver = Math.max(0, c.neck - slope.takes);
  // Where the V takes more than the neck, as many loops are taken on the back as the front has.
  const shoulder = c.shoulder + Math.min(0, c.neck - slope.takes);
  const onThreads = slope.method === 'thread' && (slope.slope?.stitches ?? 0) > 0;
  const neckHeld: Record<Hand, RunRef[]> = {
    left: onThreads ? [{ piece: leftFront, run: 'held', side: 'high' }] : [],
    right: onThreads ? [{ piece: rightFront, run: 'held', side: 'low' }] : []
  };
  const frontNeck = (h: Hand): RunRef[] => (leftOver > 0 ? [onFront(h, shoulder, leftOver)] : []);

  const hand = (h: Hand): BodyHand => {
    const { back: b, front: f, backSide, frontSide } = at[h];
    // On a back in one the far edge comes a row later, when the yarn is there.
    const late = c.onePiece && h === 'left' ? 1 : 0;
    const cut = c.onePiece && g.o.farSide === 'cut' && c.held > 0;
    const underarm = cut ? 0 : late;
    const top = g.sloped ? shoulderRow(c, cut ? (h === 'right' ? 1 : 0) : late) : riseOf(c.back) + (g.sloped ? 1 : 0);
    const held = (piece: number, side: Side, row: number, body: number): RunRef[] =>
      c.held > 0 || single ? [{ piece, run: 'held', side, rows: heldRows(c, row, body) }] : [];
    const panels = sidePanel === null ? [] : Array.from({ length: c.sides }, (_, i) => sidePanel + (h === 'right' ? 0 : c.sides) + i); // prettier-ignore
    const [firstPanel, lastPanel] = [panels[0], panels.at(-1)];
    const [backEdge, frontEdge] = [edge(b, backSide, 1, c.back.body), edge(f, frontSide, 1, c.front.body)];
    mends[`side-${h}`] = mend;
    mends[`side-front-${h}`] = mend;
    return {
      back: { side: backEdge, held: held(b, backSide, c.back.body + underarm, c.back.body) },
      front: { side: frontEdge, held: held(f, frontSide, c.front.body, c.front.body) },
      sides:
        firstPanel === undefined || lastPanel === undefined
          ? []
          : [
              // A low edge meets a high one, else the panel would show its purl side.
              seam(`side-back-${h}`, [backEdge], [whole(firstPanel, frontSide)]),
              ...panels.slice(1).map((next, i) => seam(`side-between-${h}-${i + 1}`, [whole(panels[i]!, backSide)], [whole(next, frontSide)])), // prettier-ignore
              seam(`side-front-${h}`, [whole(lastPanel, backSide)], [frontEdge])
            ],
      armhole: [
        ...(top > c.back.body ? [edge(b, backSide, c.back.body + 1, top)] : []),
        ...held(b, backSide, c.back.body + underarm, c.back.body),
        edge(f, frontSide, c.front.body + 1, riseOf(c.front)),
        ...held(f, frontSide, c.front.body, c.front.body),
        ...panels.map((piece) => ({ piece, run: 'hung-off' }) as const)
      ],
      shoulder: { back: shoulderOf(g, at[h].back, backSide, shoulder), front: onFront(h, 0, shoulder) }
    };
  };

  const inward = c.held + c.decreased;
  const pins = c.onePiece ? g.pins.whole : g.pins.half;
  const [low, high] = [pins.from + inward, pins.to - inward];
  const inner: Pins = g.sloped ? { from: low, to: high } : { from: low + shoulder, to: high - shoulder };
  // A neck of no stitches at the back has no edge there.
  const across = (piece: number, from: number, to: number): RunRef[] =>
    from <= to ? [{ piece, run: 'hung-off', pins: { from, to } }] : [];
  const neck: RunRef[] = c.onePiece
    ? across(0, inner.from, inner.to)
    : [...across(rightBack, inner.from, pins.to), ...across(leftBack, pins.from, inner.to)];
  const heldPart = (piece: number, side: Side, body: number): RimPart => ({ edge: { piece, run: 'held', side, rows: heldRows(c, body, body) } }); // prettier-ignore
  const seamed = c.onePiece ? 0 : SEAM_STITCH;
  const every = [...back, ...front, ...under].map((_, piece) => piece);
  return {
    pieces: [...back, ...front, ...under],
    centre: c.onePiece ? [] : [seam('centre-back', [whole(rightBack, 'high')], [whole(leftBack, 'low')])],
    hands: { left: hand('left'), right: hand('right') },
    mends,
    rightFront,
    leftFront,
    sidePanel,
    hem: every.map((piece) => ({ piece, run: 'cast-on' })),
    neckRuns: [...frontNeck('left'), ...neck, ...frontNeck('right')],
    neckHeld,
    band: [
      whole(leftFront, 'high'),
      ...neckHeld.left,
      ...frontNeck('left'),
      ...neck,
      ...frontNeck('right'),
      ...neckHeld.right,
      whole(rightFront, 'low')
    ],
    armhole: [
      { edge: edge(rightBack, 'low', c.back.body + 1, riseOf(c.back)) },
      { edge: edge(rightFront, 'high', c.front.body + 1, riseOf(c.front)) },
      heldPart(rightBack, 'low', c.back.body),
      heldPart(rightFront, 'high', c.front.body),
      ...Array.from({ length: c.sides }, (_, i): RimPart => ({ edge: { piece: sidePanel! + i, run: 'hung-off' }, inSeams: 2 * SEAM_STITCH })) // prettier-ignore
    ],
    // A back in one has no seam in its middle; every other piece loses a stitch to the seam at either edge.
    round: every.map((piece) => ({ edge: { piece, run: 'cast-on' }, inSeams: 2 * SEAM_STITCH })),
    underarms: [
      ...(c.onePiece
        ? [{ piece: rightBack, row: c.back.body, sides: ['low', 'high'] as const }]
        : [
            { piece: rightBack, row: c.back.body, sides: [at.right.backSide] },
            { piece: leftBack, row: c.back.body, sides: [at.left.backSide] }
          ]),
      { piece: rightFront, row: c.front.body, sides: [at.right.frontSide] },
      { piece: leftFront, row: c.front.body, sides: [at.left.frontSide] }
    ],
    neck: neck.map((own) => ({ edge: own, inSeams: seamed })),
    shoulder: [{ edge: { piece: leftFront, run: 'hung-off' } }]
  };
}

/** The stitches of a shoulder next to the armhole; where it slopes they wait on a thread. */
function shoulderOf(g: Ground, piece: number, side: Side, shoulder: number): RunRef {
  const { c } = g;
  if (g.sloped) return { piece, run: 'held', side, rows: { from: shoulderRow(c, 0), to: riseOf(c.back) + 1 } };
  const at = c.onePiece ? g.pins.whole : g.pins.half;
  const inward = c.held + c.decreased;
  const pins =
    side === 'low'
      ? { from: at.from + inward, to: at.from + inward + shoulder - 1 }
      : { from: at.to - inward - shoulder + 1, to: at.to - inward };
  return { piece, run: 'hung-off', pins };
}
