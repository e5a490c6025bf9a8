import { finder, type Finding } from '../plan';
import { beside } from './options';
import type { Judge } from './readings';

/** Facts of a count that could not be given as it was asked for. */
export interface ClampedFacts {
  clamped: {
    option: string;
    asked: number;
    given: number;
    of: 'rows' | 'stitches' | 'groups' | 'pin';
    why: 'room' | 'even' | 'needs' | 'place';
  };
}
const find = finder<ClampedFacts>();

/** What was asked for stays as it was typed; what is knitted in its place is said. */
export const clamped: Judge = {
  code: 'clamped',
  watches: 'rows or stitches asked for that the piece has no room for',
  find: (r) =>
    (r.notes.clamped ?? []).map(({ piece, option, asked, given, of, why }): Finding =>
      find('clamped', 'warn', beside(r, option, { piece }), { option, asked, given, of, why })
    )
};
