import { machineOf } from '../kit';
import type { Judge } from './readings';

/** Motors and drills (craft 11). */
export const motor: Judge = {
  code: 'motor',
  watches: 'a machine driven by a motor',
  find: (r) => {
    const used = [...new Set(r.plan.pieces.map((piece) => piece.machineId))].map((id) => machineOf(r.kit, id));
    const machine = used.find((m) => m.motor);
    if (!machine) return [];
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
