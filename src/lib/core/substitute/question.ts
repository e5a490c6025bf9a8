import { Brief } from '../plan';
import type { PerCm } from '../kit';
import type { Swap } from './swap';

/** What is asked: which yarn of a brief another would replace, and what is to stay. */
export interface Question {
  readonly brief: Brief;
  readonly yarnId: string;
  readonly keep: Swap['keep'];
}

/**
 * A plain tube of one yarn as a brief, for those who ask without a project: cast on, knitted, drawn shut.
 *
 * @param gauge stated by a pattern; else what is known of the yarn counts
 * @example tubeBrief('m', 'red', 110).options.sections // [{ yarn: 'red', rows: 110 }]
 */
export const tubeBrief = (machineId: string, yarn: string, rows: number, gauge?: PerCm): Brief =>
  Brief.parse({
    kind: 'free-tube',
    name: 'Tube',
    machineId,
    options: { sections: [{ yarn, rows }] },
    ...(gauge ? { gauge: { yarn, courses: gauge.courses, wales: gauge.wales } } : {})
  });
