import { finder, type Fix, type Weight } from '../plan';
import { brimHatReach, foldHat, hatOf } from '../read';
import type { Judge, Readings } from './readings';
import { options } from './remedies';

interface Length {
  readonly rows: number;
  readonly wanted: number;
  readonly gapMm: number;
  readonly turnedUp: boolean;
  /** Rows above a doubled brim and half of its own, where the hat is one layer. */
  readonly layer: boolean;
}

/** Facts of a hat that ends above or below the brow. */
export interface TubeLengthFacts {
  'tube-short': Length;
  'tube-long': Length;
}
const find = finder<TubeLengthFacts>();

/** A hat may sit a centimetre higher on the brow before it looks short (own estimate, no source). */
const SHORT_MM = 10;

/**
 * A single hat with a doubled brim is worn two centimetres higher without looking short: 40 rows of brim and 25 more on 46
 * pins fit grown-ups (common practice, no source).
 */
const SINGLE_SHORT_MM = 20;

/** Two centimetres more are pushed up or turned up; beyond that the crown stands empty (own estimate, no source). */
const LONG_MM = 20;

/** The option that decides the rows. */
const BY: Readonly<Record<string, string>> = { height: 'heightMm', rows: 'rows', sections: 'outsideRows' };

const weightOf = (offMm: number): Weight => (Math.abs(offMm) > 3 * LONG_MM ? 'stop' : 'warn');
const isOff = (offMm: number): boolean => offMm <= -SHORT_MM || offMm >= LONG_MM;

/** One layer above a doubled brim: the brim may be as deep as one likes, what counts is where it ends. */
function singleHat(r: Readings) {
  const hat = brimHatReach(r);
  if (!hat || (hat.offMm > -SINGLE_SHORT_MM && hat.offMm < LONG_MM)) return [];
  const more = Math.max(4, hat.bodyRows + Math.round(hat.wantedRows - hat.reachRows));
  const byRows = r.brief.options['sizeBy'] === 'rows';
  return [
    find(
      hat.offMm < 0 ? 'tube-short' : 'tube-long',
      weightOf(hat.offMm),
      { option: byRows ? 'bodyRows' : 'brimMm', piece: 0 },
      {
        rows: Math.round(hat.reachRows),
        wanted: Math.round(hat.wantedRows),
        gapMm: Math.abs(hat.offMm),
        turnedUp: false,
        layer: true
      },
      byRows ? options({ code: 'rows', rows: more }, { bodyRows: more }) : undefined
    )
  ];
}

/** The tube has too few or too many rows for the head it is meant for. */
export const tubeLength: Judge = {
  code: 'tube-length',
  watches: 'a hat tube too short or too long for the head',
  find: (r) => {
    if (!r.fabric.pieces[0]?.rows) return [];
    if (r.plan.worn?.form === 'brim-hat') return singleHat(r);
    const worn = hatOf(r.plan);
    const { wanted } = r.notes;
    if (!worn || !wanted) return [];
    const hat = foldHat(r, worn);
    const offMm = ((hat.workRows - wanted.rows) / 2) * hat.fit.fullCourseMm;
    if (!isOff(offMm)) return [];
    const by = String(r.brief.options['sizeBy']);
    // Where the head decides already, a band or a lining is too deep for it: that is the knitter's to choose.
    const head: Fix[] =
      by === 'head' ? [] : [options({ code: 'decide', by: 'head', rows: wanted.rows }, { sizeBy: 'head' })];
    return [
      find(
        offMm < 0 ? 'tube-short' : 'tube-long',
        weightOf(offMm),
        { option: BY[by] ?? 'headMm', piece: 0 },
        { rows: hat.workRows, wanted: wanted.rows, gapMm: Math.abs(offMm), turnedUp: worn.turnUpMm > 0, layer: false },
        ...head
      )
    ];
  }
};
