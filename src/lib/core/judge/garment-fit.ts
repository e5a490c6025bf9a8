import { mainGauge } from '../knit';
import { finder, type Finding, type Fix } from '../plan';
import { garmentSizes, type GarmentSizes } from '../read';
import { beside } from './options';
import type { Judge, Readings } from './readings';
import { options } from './remedies';

/** Facts of a garment that does not fit the body, or whose parts do not fit each other. Lengths in mm. */
export interface GarmentFitFacts {
  'ends-differ': { front: number; back: number; apart: number };
  'armhole-small': { armholeMm: number; armMm: number; roomMm: number };
  /** `sewInMm`: how much further in each shoulder seam goes to mend it. */
  'neck-wide': { neckMm: number; askedMm: number; sewInMm: number };
  'neck-narrow': { neckMm: number; askedMm: number };
  'pocket-high': { up: number; rows: number; room: number };
  'shoulder-narrow': { shoulderMm: number; neckMm: number };
  'sleeve-tight': { sleeveMm: number; armMm: number };
  'sleeve-armhole': { sleeveMm: number; armholeMm: number };
}
const find = finder<GarmentFitFacts>();

/** An armhole round must leave the arm so much room (own estimate, no source). */
const ARM_ROOM_MM = 30;

/** A neck may come out so much wider than asked before it slips off the shoulders (own estimate, no source). */
const NECK_WIDER_MM = 25;

/** A neck may come out so much narrower than asked before it chokes (own estimate, no source). */
const NECK_NARROWER_MM = 20;

/** A shoulder narrower than this carries nothing (own estimate, no source). */
const LEAST_SHOULDER_MM = 35;

/** A sleeve top and its armhole may differ by so much of the armhole (own estimate, no source). */
const SLEEVE_EASES = 0.08;

/** What every part of the judgement looks at. */
interface Fitting {
  readonly r: Readings;
  readonly g: GarmentSizes;
  readonly asked: { readonly neckMm: number; readonly upperArmMm: number };
  readonly byRows: boolean;
}

const option = (r: Readings, key: string): number => Number(r.brief.options[key]);

/** An armhole so much deeper, by its measure or by the rows that were typed. */
function deeper({ r, byRows }: Fitting, roundMm: number): Fix {
  const mm = Math.ceil(roundMm / 2 / 5) * 5;
  const rows = 2 * Math.ceil((mm * mainGauge(r, 0).courses.value) / 20);
  return options(
    { code: 'deeper', mm },
    byRows
      ? { armRows: option(r, 'armRows') + rows, frontArmRows: option(r, 'frontArmRows') + rows }
      : { armholeMm: option(r, 'armholeMm') + mm }
  );
}

/** A shoulder so much wider: the neck gives way, by its measure or by the stitches that were typed. */
function widerShoulder({ r, byRows, asked }: Fitting, mm: number): Fix {
  const stitches = Math.max(1, Math.ceil((mm / 10) * mainGauge(r, 0).wales.value));
  if (byRows) {
    return options({ code: 'shoulderWider', stitches }, { shoulderStitches: option(r, 'shoulderStitches') + stitches });
  }
  const neckMm = Math.floor((asked.neckMm - 2 * mm) / 5) * 5;
  return options({ code: 'neckNarrower', mm: neckMm }, { neckMm });
}

/** A back in one ends its far shoulder a row later, where the yarn is. */
function ends({ r, g, byRows }: Fitting): Finding[] {
  if (Math.abs(g.frontRows - g.backRows) <= 1) return [];
  const { backRows, armRows, frontRows, frontArmRows } = r.brief.options;
  return [
    find(
      'ends-differ',
      'warn',
      beside(r, byRows ? 'frontArmRows' : 'armholeMm'),
      { front: g.frontRows, back: g.backRows, apart: Math.abs(g.frontRows - g.backRows) },
      options(
        { code: 'frontAsBack', what: 'length', rows: g.backRows },
        { frontRows: backRows, frontArmRows: armRows }
      ),
      options({ code: 'backAsFront', rows: g.frontRows }, { backRows: frontRows, armRows: frontArmRows })
    )
  ];
}

function armholes(at: Fitting): Finding[] {
  const { r, g, asked, byRows } = at;
  if (g.armholeMm >= asked.upperArmMm + ARM_ROOM_MM) return [];
  return [
    find(
      'armhole-small',
      g.armholeMm < asked.upperArmMm ? 'stop' : 'warn',
      beside(r, byRows ? 'armRows' : 'armholeMm'),
      { armholeMm: g.armholeMm, armMm: asked.upperArmMm, roomMm: ARM_ROOM_MM },
      deeper(at, asked.upperArmMm + ARM_ROOM_MM - g.armholeMm)
    )
  ];
}

function necks(at: Fitting): Finding[] {
  const { r, g, asked, byRows } = at;
  if (g.neckMm < asked.neckMm - NECK_NARROWER_MM) {
    const facts = { neckMm: g.neckMm, askedMm: asked.neckMm };
    return [find('neck-narrow', 'warn', beside(r, byRows ? 'shoulderStitches' : 'neckMm'), facts)];
  }
  if (g.neckMm <= asked.neckMm + NECK_WIDER_MM) return [];
  const wide = (g.neckMm - asked.neckMm) / 2;
  return [
    find(
      'neck-wide',
      'warn',
      beside(r, 'neckMm'),
      { neckMm: g.neckMm, askedMm: asked.neckMm, sewInMm: wide },
      byRows ? widerShoulder(at, wide) : undefined
    )
  ];
}

function shoulders(at: Fitting): Finding[] {
  const { r, g } = at;
  if (g.shoulderMm >= LEAST_SHOULDER_MM) return [];
  const missing = LEAST_SHOULDER_MM - g.shoulderMm;
  const stitchMm = 10 / mainGauge(r, 0).wales.value;
  return [
    find(
      'shoulder-narrow',
      'warn',
      beside(r, at.byRows ? 'shoulderStitches' : 'neckMm'),
      { shoulderMm: g.shoulderMm, neckMm: g.neckMm },
      widerShoulder(at, missing),
      widerShoulder(at, missing + stitchMm)
    )
  ];
}

function sleeves(at: Fitting): Finding[] {
  const { r, g, asked } = at;
  if (g.sleeveMm === null) return [];
  const panels =
    r.brief.options['sleeves'] === 'tube' ? options({ code: 'sleevePanels' }, { sleeves: 'panel' }) : undefined;
  const tight = g.sleeveMm < asked.upperArmMm;
  const apart = Math.abs(g.sleeveMm / g.armholeMm - 1) > SLEEVE_EASES;
  return [
    ...(tight
      ? [
          find(
            'sleeve-tight',
            'warn',
            beside(r, 'sleeves'),
            { sleeveMm: g.sleeveMm, armMm: asked.upperArmMm },
            panels,
            deeper(at, asked.upperArmMm + ARM_ROOM_MM - Math.min(g.sleeveMm, g.armholeMm))
          )
        ]
      : []),
    ...(apart
      ? [
          find(
            'sleeve-armhole',
            'warn',
            beside(r, 'sleeves'),
            { sleeveMm: g.sleeveMm, armholeMm: g.armholeMm },
            panels,
            g.sleeveMm > g.armholeMm ? deeper(at, g.sleeveMm - g.armholeMm) : undefined
          )
        ]
      : [])
  ];
}

/** A pocket that does not fit between hem and underarm: above it the front narrows. */
function pockets({ r }: Fitting): Finding[] {
  const pocket = r.notes.garment?.pocket;
  if (!pocket || pocket.up + pocket.rows <= pocket.room) return [];
  const { up, rows, room } = pocket;
  const mm = (n: number): number => Math.floor((10 * n) / mainGauge(r, pocket.piece).courses.value / 5) * 5;
  const [upMm, tallMm] = [mm(room - rows), mm(room - up)];
  return [
    find(
      'pocket-high',
      'stop',
      beside(r, 'pocketUpMm'),
      { up, rows, room },
      upMm > 0 ? options({ code: 'lower', mm: upMm }, { pocketUpMm: upMm }) : undefined,
      tallMm > 0 ? options({ code: 'shallower', mm: tallMm }, { pocketTallMm: tallMm }) : undefined
    )
  ];
}

/** A garment against the body, and its parts against each other (known failures of craft 8). */
export const garmentFit: Judge = {
  code: 'garment-fit',
  watches: 'armholes, necks, shoulders and sleeves that do not fit the body or each other',
  find: (r) => {
    const g = garmentSizes(r);
    const asked = r.notes.garment?.asked;
    if (!g || !asked) return [];
    const at: Fitting = { r, g, asked, byRows: r.brief.options['sizeBy'] !== 'measures' };
    return [...ends(at), ...armholes(at), ...necks(at), ...shoulders(at), ...sleeves(at), ...pockets(at)];
  }
};
