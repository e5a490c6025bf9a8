import type { Kit } from '../../../kit';
import { type Brief, type Plan, type Shaping, slopeWords, trySlope } from '../../../plan';
import type { Counts } from './counts';
import { draftBody } from './body';
import { finishGarment } from './finishing';
import { groundOf, type Ground } from './ground';
import type { GarmentChoice, SleeveChoice } from './options';
import { draftSleeves } from './sleeves';
import { type Neck, neckOf } from './slopes';

/** Lines of shaping of the armholes. */
function armholeLines(c: Counts): Shaping[] {
  if (c.decreased === 0) return [];
  const tried = trySlope(c.decreased, 2 * c.decreased);
  if (!tried.ok) return [];
  return [
    {
      piece: 0,
      what: `Armhole${c.held ? `, after ${c.held} held at once` : ''}`,
      words: slopeWords(tried.slope),
      at: tried.slope.at.map((row) => row + c.back.body),
      leftRows: c.back.arm - 2 * c.decreased
    }
  ];
}

/** The line of the neck, and what is wrong with the depth that was asked for. */
function neckLines(g: Ground, neck: Neck, piece: number): Shaping[] {
  if (!neck.slope) return [];
  const { c } = g;
  const deepEnough = Math.ceil(g.tall(2 * c.neck) / 5) * 5;
  const trouble = neck.tried.ok
    ? {}
    : {
        trouble: {
          sentence: `${neck.tried.sentence}; begun ${2 * c.neck - neck.depth} rows lower it comes out`,
          option: 'neckDepthMm',
          mend: { label: 'Make the V deep enough', options: { neckDepthMm: deepEnough } }
        }
      };
  return [
    {
      piece,
      what: 'V of the neck',
      words: slopeWords(neck.slope),
      at: neck.slope.at.map((row) => row + neck.from),
      leftRows: neck.slope.leftRows,
      ...trouble
    }
  ];
}

/** Length once round an armhole as its rows and held stitches give it; the sleeve is drafted to it. */
function armholeMm(g: Ground): number {
  const { c, tall, wide } = g;
  return tall(c.back.arm + c.front.arm) + wide(2 * c.held + Math.max(0, c.side - 2));
}

/** Drafts a garment of panels: backs, fronts, side panels, sleeves, their seams and their finishing. */
export function draftGarment(kit: Kit, brief: Brief, o: GarmentChoice, wished: SleeveChoice | null): Plan {
  const g = groundOf(kit, brief, o);
  const { c } = g;
  const neck = neckOf(o, c, g.ring);
  const body = draftBody(g, neck);
  const at = body.pieces.length;
  const sleeves = wished ? draftSleeves(g, wished, at, armholeMm(g)) : null;
  const pieces = sleeves ? [...body.pieces, sleeves.piece] : body.pieces;
  const joins = [...body.joins, ...(sleeves?.joins ?? [])];
  const flat = Array.from({ length: body.rightFront + 1 }, (_, i) => i);
  return {
    title: brief.name,
    pieces,
    joins,
    finishing: finishGarment(g, pieces, joins, sleeves && { at, drafted: sleeves, aroundMm: armholeMm(g) }),
    shaping: [...armholeLines(c), ...(sleeves?.shaping ?? []), ...neckLines(g, neck, body.rightFront)],
    narrowed: c.asked > c.half && c.side === 0 ? [{ piece: 0, asked: c.asked, given: c.half, option: 'chestMm' }] : [],
    garment: {
      asked: { neckMm: o.neckMm, upperArmMm: o.upperArmMm },
      armhole: body.armhole,
      neck: body.neck,
      shoulder: body.shoulder,
      sleeve: sleeves?.top ?? null,
      front: body.rightFront,
      back: 0
    },
    worn: {
      form: 'panels',
      rows: [[...flat, ...(body.sidePanel === null ? [] : [body.sidePanel])], ...(sleeves ? [[at]] : [])],
      body: { what: 'chest', girthMm: o.chestMm + o.easeMm }
    },
    wearer: o.wearer,
    state: g.ring.gauge.state,
    unasked: {
      backRows: c.back.body,
      armRows: c.back.arm,
      frontRows: c.front.body,
      frontArmRows: c.front.arm,
      shoulderStitches: c.shoulder
    },
    wanted: null
  };
}
