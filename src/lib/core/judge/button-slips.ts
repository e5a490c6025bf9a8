import { mainGauge } from '../knit';
import { finder } from '../plan';
import type { Judge } from './readings';

/** Facts of a button that holds a pompom, in mm, with the least that holds. */
export interface ButtonSlipsFacts {
  'button-slips': { buttonMm: number; leastMm: number };
}
const find = finder<ButtonSlipsFacts>();

/** What a button is wider by than the slit it must not pass, mm (own estimate, no source). */
const SURE = 2;

/**
 * The button inside holds the strings of a pompom only where it cannot slip through a loop: pulled quite open, a loop is a
 * slit of half its length (own model).
 */
export const buttonSlips: Judge = {
  code: 'button-slips',
  watches: 'a button under a pompom that slips through the knitting',
  find: (r) => {
    const wish = r.brief.pompom;
    const done = r.worked.done.find((d) => d.do === 'pompom');
    const buttonMm = done?.facts?.buttonMm;
    if (!wish || typeof buttonMm !== 'number' || !r.fabric.pieces[0]?.rows) return [];
    const slitMm = mainGauge(r, 0).loopMm / 2;
    if (buttonMm > slitMm) return [];
    const leastMm = Math.ceil(slitMm) + SURE;
    return [find('button-slips', 'warn', { piece: 0 }, { buttonMm, leastMm }, { remedy: { code: 'buttonWider', mm: leastMm }, change: { pompom: { ...wish, buttonMm: leastMm } } })]; // prettier-ignore
  }
};
