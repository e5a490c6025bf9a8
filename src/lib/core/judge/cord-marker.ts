import { machineOf } from '../kit';
import type { Finding } from '../plan';
import type { Judge } from './readings';

/** A cord turned by hand should keep away from the marker, where the catch makes the crank stick (craft 1). */
export const cordMarker: Judge = {
  code: 'cord-marker',
  watches: 'a cord or hand-turned panel that reaches the marker',
  find: (r) =>
    r.plan.pieces.flatMap((piece, p): Finding[] => {
      const { pins, name } = machineOf(r.kit, piece.machineId);
      if (piece.mode !== 'tube-as-panel' || (piece.from > 1 && piece.to < pins)) return [];
      return [
        {
          code: 'cord-marker',
          weight: 'warn',
          place: { piece: p },
          sentence: `The ${piece.label.toLowerCase()} on pins ${piece.from} to ${piece.to} of ${name} reaches the marker: the catch of the counter makes the crank stick there.`
        }
      ];
    })
};
