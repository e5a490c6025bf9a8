import { machineOf } from '../kit';
import { finder } from '../plan';
import type { Judge } from './readings';

/** Facts of a motor. */
export interface MotorFacts {
  'motor-care': { machine: string };
}
const find = finder<MotorFacts>();

/** Motors and drills (craft 11). */
export const motor: Judge = {
  code: 'motor',
  watches: 'a machine driven by a motor',
  find: (r) => {
    const id = r.plan.pieces.map((piece) => piece.machineId).find((machine) => machineOf(r.kit, machine).motor);
    return id === undefined ? [] : [find('motor-care', 'note', {}, { machine: id })];
  }
};
