import type { Finding } from '../plan';
import type { Judge } from './readings';

/** A slope must come out in whole decreases at whole rows (craft 8). */
export const slope: Judge = {
  code: 'slope',
  watches: 'a slope that does not come out in whole decreases at whole rows',
  find: (r) =>
    (r.notes.shaping ?? []).flatMap(({ piece, what, trouble }): Finding[] =>
      trouble
        ? [
            {
              code: 'slope-fraction',
              weight: 'warn',
              place: { ...(trouble.option ? { option: trouble.option } : {}), piece },
              sentence: `${what}: ${trouble.sentence}.`,
              ...(trouble.mend ? { fix: { label: trouble.mend.label, change: { options: trouble.mend.options } } } : {})
            }
          ]
        : []
    )
};
