import type { Kit } from '../../../kit';
import { type Brief, type Draft, gapsOf, type Promise, type RunRef, type Shaping } from '../../../plan';
import { laterIn, leftOf, typedTrouble } from '../taper';
import { promised } from '../hands';
import { riseOf } from './counts';
import { type Body, draftBody } from './body';
import { garmentActs } from './acts';
import { groundOf, type Ground } from './ground';
import { type ArmEdge, type GarmentChoice, MOST_SIDE_PANELS, type SleeveChoice } from './options';
import { draftPockets } from './pockets';
import { draftSleeves, type Sleeves } from './sleeves';
import { usable } from '../panel';
import { groupsOf, lastAtArm, type Neck, neckOf } from './slopes';

/** Lines of shaping of the armholes. */
function armholeLines({ c, o }: Ground): Shaping[] {
  if (c.arm.at.length === 0 && !o.armSlope) return [];
  const at = c.arm.at.map((row) => row + c.back.body);
  // The yarn stands at an armhole after every row that is even from the underarm.
  const later = c.arm.at.filter((row) => row % 2 !== 0).length;
  const { left } = c.arm;
  const trouble = left
    ? left.early > 0
      ? typedEarly(left.early, c.back.body)
      : (typedTrouble('armSlope', { ...left, times: at.length }, later, riseOf(c.back)) ??
        typedOther('armSlope', c.arm.takes, c.singles))
    : undefined;
  return [
    {
      piece: 0,
      what: { of: 'armhole', held: c.held },
      gaps: gapsOf(at, c.back.body),
      at,
      leftRows: Math.max(0, c.back.arm - (c.arm.at.at(-1) ?? 0)),
      ...(trouble ? { trouble } : {})
    }
  ];
}

/** An armhole that was typed to begin before the underarm: what comes before it is left out, and it is said. */
const typedEarly = (times: number, row: number): Shaping['trouble'] => ({
  why: { is: 'typed-early', times, row },
  option: 'armSlope',
  mend: { remedy: { code: 'spread' }, options: { armSlope: null } }
});

/** A typed line that takes other stitches than the rest of the garment asks for: both are kept, and it is said. */
const typedOther = (option: string, takes: number, wants: number): Shaping['trouble'] =>
  takes === wants
    ? undefined
    : {
        why: { is: 'typed-other', takes, wants },
        option,
        mend: { remedy: { code: 'spread' }, options: { [option]: null } }
      };

/** A shoulder that slopes, group by group. */
function shoulderLines({ c, sloped }: Ground): Shaping[] {
  if (!sloped) return [];
  const groups = groupsOf(c);
  const last = lastAtArm(c.back);
  const at = groups.map((_, i) => last - 2 * (groups.length - 1 - i));
  return [{ piece: 0, what: { of: 'shoulder', groups }, gaps: gapsOf(at, at[0]! - 2), at, leftRows: 0 }];
}

/** The line of the neck, and what is wrong with the depth that was asked for. */
function neckLines(g: Ground, neck: Neck, piece: number): Shaping[] {
  if (!neck.slope) return [];
  const { c } = g;
  const deepEnough = Math.ceil(g.tall(2 * c.neck) / 5) * 5;
  const rows = riseOf(c.front);
  const later = laterIn(neck.slope.at, 'high', g.lowAfter(c.front.body));
  const typed =
    neck.typed &&
    (typedTrouble('neckSlope', leftOf(neck.typed), later, rows) ?? typedOther('neckSlope', neck.takes, c.neck));
  const trouble: Pick<Shaping, 'trouble'> = typed
    ? { trouble: typed }
    : !neck.tried || neck.tried.ok
      ? {}
      : {
          trouble: {
            why: {
              is: 'neck-low',
              stitches: neck.tried.stitches,
              rows: neck.tried.rows,
              needs: neck.tried.needs,
              lower: 2 * c.neck - neck.depth
            },
            option: 'neckDepthMm',
            mend: { remedy: { code: 'deepV' }, options: { neckDepthMm: deepEnough } }
          }
        };
  return [
    {
      piece,
      what: { of: 'neck' },
      gaps: neck.slope.gaps,
      at: neck.slope.at,
      leftRows: neck.slope.leftRows,
      ...trouble
    }
  ];
}

/** Length once round an armhole as its rows and held stitches give it; the sleeve is drafted to it. */
function armholeMm(g: Ground): number {
  const { c, tall, wide } = g;
  return tall(c.back.arm + c.front.arm) + wide(2 * c.held + c.sides * Math.max(0, c.side - 2));
}

/** What a garment must be when all is done: one rim round front, neck and hem, and two for the arms. */
function promiseOf(body: Body, sleeves: { at: number; drafted: Sleeves } | null): Promise {
  const arm = (hand: 'left' | 'right'): RunRef =>
    sleeves
      ? { piece: sleeves.at, copy: hand === 'left' ? 1 : sleeves.drafted.parts + 1, run: 'cast-on' }
      : {
          piece: hand === 'left' ? body.leftFront : body.rightFront,
          run: 'side',
          side: hand === 'left' ? 'low' : 'high'
        };
  const name = sleeves ? 'wrist' : 'armhole';
  return promised(sleeves ? 'cardigan' : 'waistcoat', 0, {
    front: { piece: body.leftFront, run: 'side', side: 'high' },
    [`${name}-left`]: arm('left'),
    [`${name}-right`]: arm('right')
  });
}

/** What the arms of a garment have: sleeves, or armholes that are edged or left. */
export interface ArmChoice {
  readonly sleeves: SleeveChoice | null;
  readonly armEdge: ArmEdge;
}

/** Drafts a garment of panels: backs, fronts, side panels, sleeves, and what hands make of them. */
export function draftGarment(kit: Kit, brief: Brief, o: GarmentChoice, { sleeves: wished, armEdge }: ArmChoice): Draft {
  const g = groundOf(kit, brief, o);
  const { c } = g;
  const neck = neckOf(o, c, g.ring, g.sloped);
  const body = draftBody(g, neck);
  const at = body.pieces.length;
  const drafted = wished ? draftSleeves(g, wished, at, armholeMm(g)) : null;
  const sleeves = drafted && { at, drafted };
  const sewn = drafted ? [...body.pieces, drafted.piece] : body.pieces;
  const pockets = draftPockets(g, body, sewn.length);
  const pieces = [...sewn, ...pockets.pieces];
  // As they are looked at from outside: the left back beside the right one, the right front beside the left one.
  const backs = Array.from({ length: body.rightFront }, (_, i) => body.rightFront - 1 - i);
  const flat = [...backs, body.rightFront, body.leftFront];
  return {
    plan: {
      title: brief.name,
      pieces,
      acts: garmentActs(g, pieces, body, { sleeve: sleeves, pockets: pockets.acts, straightRows: neck.from, armEdge }),
      promises: [promiseOf(body, sleeves)],
      worn: {
        form: 'panels',
        // Panels under the arms are alike: one of them is drawn, beside the sleeve.
        rows: [flat, [...(body.sidePanel === null ? [] : [body.sidePanel]), ...(sleeves ? [at] : []), ...(pockets.pieces.length > 0 ? [sewn.length] : [])]].filter((row) => row.length > 0), // prettier-ignore
        body: { what: 'chest', girthMm: o.chestMm + o.easeMm }
      },
      wearer: o.wearer,
      state: g.ring.gauge.state
    },
    notes: {
      shaping: [
        ...armholeLines(g),
        ...shoulderLines(g),
        ...(drafted?.shaping ?? []),
        ...neckLines(g, neck, body.leftFront)
      ],
      narrowed: c.asked > c.half && c.side === 0 ? [{ piece: 0, asked: c.asked, given: c.half, option: o.sizeBy === 'counts' ? 'halfStitches' : 'chestMm' }] : [], // prettier-ignore
      clamped: [...c.clamped, ...(drafted?.clamped ?? []), ...pockets.clamped],
      garment: {
        asked: { neckMm: o.neckMm, upperArmMm: o.upperArmMm },
        bands: { mm: o.bandMm, fronts: o.fronts },
        pocket: pockets.placed && { ...pockets.placed, room: c.front.body },
        round: {
          parts: body.round,
          askedMm: o.chestMm + o.easeMm,
          chestMm: o.chestMm,
          panels: c.sides,
          half: c.half,
          most: usable(g.ring, o.mode),
          byHand: o.mode === 'panel' ? usable(g.ring, 'tube-as-panel') : 0,
          needs: c.needs,
          gives: c.sides === 0 ? [] : Array.from({ length: MOST_SIDE_PANELS }, (_, i) => ({ panels: i + 1, mm: g.wide(c.most(i + 1)) })) // prettier-ignore
        },
        armhole: body.armhole,
        neck: body.neck,
        shoulder: body.shoulder,
        sleeve: drafted?.top ?? null,
        underarms: body.underarms,
        front: body.leftFront,
        back: 0
      },
      mends: body.mends,
      unasked: {
        backRows: c.back.body,
        armRows: c.back.arm,
        frontRows: c.front.body,
        frontArmRows: c.front.arm,
        shoulderStitches: c.shoulder,
        halfStitches: c.half,
        sideStitches: c.side,
        heldStitches: c.held,
        singles: c.decreased,
        shoulderGroups: c.groups,
        neckRow: neck.from,
        ...(drafted ? { sleeveRows: drafted.rows, sleeveStitches: drafted.stitches } : {})
      },
      wanted: null
    }
  };
}
