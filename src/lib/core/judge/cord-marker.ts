import { machineOf } from '../kit';
import { finder, type Finding } from '../plan';
import type { Judge } from './readings';

/** Facts of a cord at the marker. */
export interface CordMarkerFacts {
  'cord-marker': { piece: number; from: number; to: number; machine: string };
}
const find = finder<CordMarkerFacts>();

/** A cord turned by hand should keep away from the marker, where the catch makes the crank stick (craft 1). */
export const cordMarker: Judge = {
  code: 'cord-marker',
  watches: 'a cord or hand-turned panel that reaches the marker',
  find: (r) =>
    r.plan.pieces.flatMap(({ mode, from, to, machineId }, p): Finding[] => {
      const { pins } = machineOf(r.kit, machineId);
      if (mode !== 'tube-as-panel' || (from > 1 && to < pins)) return [];
      // A panel over the whole ring cannot keep away from it.
      const whole = to - from + 1 > pins - 2;
      return [find('cord-marker', whole ? 'note' : 'warn', { piece: p }, { piece: p, from, to, machine: machineId })];
    })
};
