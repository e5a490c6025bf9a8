import {
  chainOff,
  type EdgeRef,
  type Join,
  JOIN_TAIL_MM,
  mirrored,
  type Operation,
  type Piece,
  type RimPart,
  shapedRows,
  type ShapingEvent,
  slopeEvents
} from '../../../plan';
import { pinsFor, SEAM_STITCH } from '../panel';
import { riseOf } from './counts';
import type { Ground, Pins } from './ground';
import { armEvents, type Neck } from './slopes';

/** Backs, fronts and side panels of a garment, the seams between them, and the edges that meet the body. */
export interface Body {
  readonly pieces: readonly Piece[];
  readonly joins: readonly Join[];
  readonly rightFront: number;
  readonly sidePanel: number | null;
  /** Once round the left armhole; across the neck at the back; one shoulder. */
  readonly armhole: readonly RimPart[];
  readonly neck: readonly RimPart[];
  readonly shoulder: readonly RimPart[];
}

const HERE = { underarm: 0, shoulder: 0 } as const;
type Hand = 'left' | 'right';
const HANDS = ['left', 'right'] as const;

/** Left and right back, or one back where the ring is wide enough. */
function backs(g: Ground): Piece[] {
  const { c, o } = g;
  const events = armEvents(c, c.back, g.sloped, 'low', HERE);
  const leave = (stitches: number): Operation => chainOff(o.yarn, g.wide(stitches));
  if (!c.onePiece) {
    const half = [
      ...g.start,
      ...shapedRows('Back', o.yarn, riseOf(c.back), events),
      leave(g.sloped ? c.neck : c.neck + c.shoulder)
    ];
    return [g.panel('Left back', g.pins.half, half), g.panel('Right back', g.pins.half, mirrored(half, g.pins.half))];
  }
  // Both underarms of a back in one: the far one a row later, or in the same row with the yarn cut. A cut leaves the yarn
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
  return [g.panel('Back', g.pins.whole, [...g.start, ...shapedRows('Back', o.yarn, rows, both), leave(left)])];
}

/** Left and right front: the right one is like the left back, the left one its mirror image. */
function fronts(g: Ground, neck: Neck): Piece[] {
  const { c, o } = g;
  const slope = neck.slope ? slopeEvents(neck.slope, 'high', neck.from, 'decrease') : [];
  const front = [
    ...g.start,
    ...shapedRows('Front', o.yarn, riseOf(c.front), [...armEvents(c, c.front, false, 'low', HERE), ...slope]),
    chainOff(o.yarn, g.wide(c.shoulder))
  ];
  return [g.panel('Left front', g.pins.half, mirrored(front, g.pins.half)), g.panel('Right front', g.pins.half, front)];
}

/** A panel under each arm, where the halves do not reach round. */
function sides(g: Ground): Piece[] {
  const { c, o } = g;
  if (c.side === 0) return [];
  const at = pinsFor(g.ring.machine, o.mode, c.side);
  const ops = [...g.start, ...shapedRows('Side', o.yarn, c.back.body, []), chainOff(o.yarn, g.wide(c.side))];
  return [g.panel('Left side', at, ops), g.panel('Right side', at, ops)];
}

/** Drafts the body: the shoulders, side seams and centre back are joins of named edges, measured later off the fabric. */
export function draftBody(g: Ground, slope: Neck): Body {
  const { c } = g;
  const back = backs(g);
  const front = fronts(g, slope);
  const under = sides(g);
  const [leftBack, rightBack] = [0, back.length - 1];
  const [leftFront, rightFront] = [back.length, back.length + 1];
  const sidePanel = under.length > 0 ? back.length + 2 : null;

  const edge = (piece: number, side: 'low' | 'high', from: number, to: number): EdgeRef => ({ piece, edge: 'side', side, rows: { from, to } }); // prettier-ignore
  const seamEdge: Record<Hand, { back: EdgeRef; front: EdgeRef }> = {
    left: { back: edge(leftBack, 'low', 1, c.back.body), front: edge(leftFront, 'high', 1, c.front.body) },
    right: { back: edge(rightBack, 'high', 1, c.back.body), front: edge(rightFront, 'low', 1, c.front.body) }
  };
  const mend = { label: `Knit the front ${c.back.body} rows to the underarm too`, options: { frontRows: c.back.body } };
  const joins: Join[] = c.onePiece
    ? []
    : [{ name: 'Centre back', a: { piece: leftBack, edge: 'side', side: 'high' }, b: { piece: rightBack, edge: 'side', side: 'low' }, by: 'mattress' }]; // prettier-ignore
  for (const [i, hand] of HANDS.entries()) {
    const name = hand === 'left' ? 'Left side' : 'Right side';
    const { back: a, front: b } = seamEdge[hand];
    if (sidePanel === null) joins.push({ name, a, b, by: 'mattress', mend });
    else {
      const piece = sidePanel + i;
      joins.push(
        { name: `${name}, back`, a, b: { piece, edge: 'side', side: 'low' }, by: 'mattress' },
        { name: `${name}, front`, a: { piece, edge: 'side', side: 'high' }, b, by: 'mattress', mend }
      );
    }
  }

  // Shoulders: the stitches next to the armhole; where they slope they wait on a thread.
  const at = c.onePiece ? g.pins.whole : g.pins.half;
  const inward = c.held + c.decreased;
  const [low, high] = [at.from + inward, at.to - inward];
  const onThread = (piece: number, side: 'low' | 'high'): EdgeRef => ({ piece, edge: 'held', side, rows: { from: c.back.body + 2, to: riseOf(c.back) + 1 } }); // prettier-ignore
  const shoulderOf: Record<Hand, EdgeRef> = g.sloped
    ? { left: onThread(leftBack, 'low'), right: onThread(rightBack, 'high') }
    : {
        left: { piece: leftBack, edge: 'hung-off', pins: { from: low, to: low + c.shoulder - 1 } },
        right: { piece: rightBack, edge: 'hung-off', pins: { from: high - c.shoulder + 1, to: high } }
      };
  joins.push(
    { name: 'Left shoulder', a: shoulderOf.left, b: { piece: leftFront, edge: 'hung-off' }, by: 'hook' },
    { name: 'Right shoulder', a: shoulderOf.right, b: { piece: rightFront, edge: 'hung-off' }, by: 'hook' }
  );

  const held = (piece: number, side: 'low' | 'high', row: number): RimPart => ({ edge: { piece, edge: 'held', side, rows: { from: row, to: row } } }); // prettier-ignore
  const inner: Pins = g.sloped ? { from: low, to: high } : { from: low + c.shoulder, to: high - c.shoulder };
  return {
    pieces: [...back, ...front, ...under],
    joins,
    rightFront,
    sidePanel,
    armhole: [
      { edge: edge(leftBack, 'low', c.back.body + 1, riseOf(c.back)) },
      { edge: edge(leftFront, 'high', c.front.body + 1, riseOf(c.front)) },
      held(leftBack, 'low', c.back.body),
      held(leftFront, 'high', c.front.body),
      ...(sidePanel === null
        ? []
        : [{ edge: { piece: sidePanel, edge: 'hung-off' }, inSeams: 2 * SEAM_STITCH } as const])
    ],
    neck: c.onePiece
      ? [{ edge: { piece: 0, edge: 'hung-off', pins: inner } }]
      : [
          { edge: { piece: leftBack, edge: 'hung-off', pins: { from: inner.from, to: at.to } }, inSeams: SEAM_STITCH },
          { edge: { piece: rightBack, edge: 'hung-off', pins: { from: at.from, to: inner.to } }, inSeams: SEAM_STITCH }
        ],
    shoulder: [{ edge: { piece: rightFront, edge: 'hung-off' } }]
  };
}
