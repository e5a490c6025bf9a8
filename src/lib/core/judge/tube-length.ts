import { showLength } from '../quantity';
import { foldHat, hatOf } from '../read';
import type { Judge } from './readings';

/** A hat may sit a centimetre higher on the brow before it looks short (own estimate, no source). */
const SHORT_MM = 10;

/** Two centimetres more are pushed up or turned up; beyond that the crown stands empty (own estimate, no source). */
const LONG_MM = 20;

/** The option that decides the rows. */
const BY: Readonly<Record<string, string>> = { height: 'heightMm', rows: 'rows', sections: 'outsideRows' };

/** The tube has too few or too many rows for the head it is meant for. */
export const tubeLength: Judge = {
  code: 'tube-length',
  watches: 'a hat tube too short or too long for the head',
  find: (r) => {
    const worn = hatOf(r.plan);
    const { wanted } = r.notes;
    const { options } = r.brief;
    if (!worn || !wanted || !r.fabric.pieces[0]?.rows) return [];
    const hat = foldHat(r, worn);
    const { units } = r.kit.habits;
    const offMm = ((hat.workRows - wanted.rows) / 2) * hat.fit.fullCourseMm;
    if (offMm > -SHORT_MM && offMm < LONG_MM) return [];
    const option = BY[String(options['sizeBy'])] ?? 'headMm';
    const gap = showLength(Math.abs(offMm), units);
    const rows = `${hat.workRows} rows where this head asks for ${wanted.rows}`;
    const sentence =
      offMm < 0
        ? `Too short for the head: ${rows}; it ends ${gap} above the brow${worn.turnUpMm ? ' with this turn-up' : ''}.`
        : `Too long for the head: ${rows}; ${gap} too much at the brow.`;
    return [
      {
        code: offMm < 0 ? 'tube-short' : 'tube-long',
        weight: Math.abs(offMm) > 3 * LONG_MM ? 'stop' : 'warn',
        place: { option, piece: 0 },
        sentence,
        // Where the head decides already, a band or a lining is too deep for it: that is the knitter's to choose.
        ...(options['sizeBy'] === 'head'
          ? {}
          : { fix: { label: `Let the head decide: ${wanted.rows} rows`, change: { options: { sizeBy: 'head' } } } })
      }
    ];
  }
};
