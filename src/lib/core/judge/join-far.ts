import { colourChanges, pieceAt } from '../knit';
import { finder } from '../plan';
import type { Judge } from './readings';

/** Facts of colours that are changed a long way from the marker. */
export interface JoinFarFacts {
  'join-far': { pins: number; few: number };
}
const find = finder<JoinFarFacts>();

/** So many pins before the marker hide the step and still lie on the back seam (own estimate, no source). */
const FEW = 4;

/** Changes of colour belong to one line, the back seam: at the marker or a few pins before it (craft 4). */
export const joinFar: Judge = {
  code: 'join-far',
  watches: 'colours changed a long way from the marker',
  find: (r) => {
    const { joinPins } = r.kit.habits;
    if (joinPins <= FEW) return [];
    const p = r.fabric.pieces.findIndex(
      (piece, i) => pieceAt(r, i).planned.mode === 'tube' && colourChanges(piece.runs) > 0
    );
    return p < 0 ? [] : [find('join-far', 'warn', { piece: p }, { pins: joinPins, few: FEW })];
  }
};
