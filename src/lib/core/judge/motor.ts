import { machineOf } from '../kit';
import type { Judge } from './readings';

/** Motors and drills (handbook section 11). */
export const motor: Judge = {
  code: 'motor',
  watches: 'a machine driven by a motor',
  find: (r) => {
    const machine = machineOf(r.kit, r.brief.machineId);
    if (!machine.motor) return [];
    return [
      {
        code: 'motor-care',
        weight: 'note',
        place: {},
        sentence: `${machine.name} has a motor: low speed only, first rows by hand, hair and sleeves tied back, no children near.`
      }
    ];
  }
};
