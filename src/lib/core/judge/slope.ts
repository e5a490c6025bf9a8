import { finder, type Finding, type ShapingLine, type SlopeTrouble } from '../plan';
import type { Judge } from './readings';

/** Facts of a line of shaping that does not come out. */
export interface SlopeFacts {
  'slope-fraction': { what: ShapingLine; why: SlopeTrouble };
}
const find = finder<SlopeFacts>();

/** A slope must come out in whole decreases at whole rows (craft 8). */
export const slope: Judge = {
  code: 'slope',
  watches: 'a slope that does not come out in whole decreases at whole rows',
  find: (r) =>
    (r.notes.shaping ?? []).flatMap(({ piece, what, trouble }): Finding[] =>
      trouble
        ? [
            find(
              'slope-fraction',
              'warn',
              { ...(trouble.option ? { option: trouble.option } : {}), piece },
              { what, why: trouble.why },
              trouble.mend && { remedy: trouble.mend.remedy, change: { options: trouble.mend.options } }
            )
          ]
        : []
    )
};
