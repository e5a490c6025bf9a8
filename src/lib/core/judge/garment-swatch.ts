import { mainGauge, mainYarn } from '../knit';
import { finder } from '../plan';
import { yarnOption } from './options';
import type { Judge } from './readings';

/** Facts of a garment that stands on common practice: how far its width may be off, in percent. */
export interface GarmentSwatchFacts {
  'garment-unmeasured': { yarn: string; percent: number };
}
const find = finder<GarmentSwatchFacts>();

/** A garment is weeks of work: its yarn wants a swatch on its machine first (craft 5). */
export const garmentSwatch: Judge = {
  code: 'garment-swatch',
  watches: 'a garment planned without a swatch of its yarn on its machine',
  find: (r) => {
    if (!r.notes.garment || !r.fabric.pieces[0]) return [];
    const { wales } = mainGauge(r, 0);
    if (wales.basis !== 'default') return [];
    const yarn = r.yarns[mainYarn(r.fabric.pieces[0])]!;
    const option = yarnOption(r, yarn.id);
    const percent = (50 * (wales.high - wales.low)) / wales.value;
    return [find('garment-unmeasured', 'note', option ? { option } : {}, { yarn: yarn.id, percent })];
  }
};
