import type { Did } from '../hand';
import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';
import { options } from './remedies';

/** Facts of buttons on a band, in mm: the band, a button, the room from one to the next. */
export interface ButtonBandFacts {
  'band-narrow': { buttonMm: number; bandMm: number };
  'buttons-close': { count: number; gapMm: number; buttonMm: number; most: number };
}
const find = finder<ButtonBandFacts>();

/** Room from one button to the next, in buttons: nearer than this the band between two holes tears (own estimate, no source). */
const LEAST_GAP = 1.5;

/** A band is a little wider than the button it carries, mm (own estimate, no source). */
const ROUND_IT = 4;

/** Buttons and their holes must have room: across the band, and along it (craft 8: evenly spaced). */
export const buttonBand: Judge = {
  code: 'button-band',
  watches: 'buttons wider than their band, or so close that the band between them tears',
  find: (r) => {
    const band = r.worked.done.find((d): d is Extract<Did, { do: 'bind' }> => d.do === 'bind' && d.act.holes !== undefined); // prettier-ignore
    const { holes, widthMm } = band?.facts ?? { holes: null, widthMm: null };
    if (!holes || widthMm === null) return [];
    const { buttonMm, count } = band!.act.holes!;
    const found: Finding[] = [];
    if (widthMm < buttonMm) {
      const bandMm = Math.ceil((buttonMm + ROUND_IT) / 5) * 5;
      found.push(find('band-narrow', 'warn', beside(r, 'bandMm'), { buttonMm, bandMm: widthMm }, options({ code: 'bandWider', mm: bandMm }, { bandMm }))); // prettier-ignore
    }
    const least = LEAST_GAP * buttonMm;
    if (count > 1 && holes.gapMm < least) {
      const most = Math.max(1, Math.floor((holes.gapMm * (count - 1)) / least) + 1);
      found.push(find('buttons-close', 'warn', beside(r, 'buttons'), { count, gapMm: holes.gapMm, buttonMm, most }, options({ code: 'fewerButtons', count: most }, { buttons: most }))); // prettier-ignore
    }
    return found;
  }
};
