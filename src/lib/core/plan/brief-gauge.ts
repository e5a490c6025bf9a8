import { type FingerTension, type Gauge, gaugeFor, type Kit, type Machine, statedGauge, type Yarn } from '../kit';
import type { Brief } from './brief';

/**
 * The gauge a brief is planned at: the one it states for a yarn, else what is known of it.
 *
 * @param hole the tension hole in use, counted from the smallest
 * @example gaugeIn(kit, brief, machine, yarn, 2).courses.value // 2
 */
export const gaugeIn = (
  kit: Kit,
  brief: Pick<Brief, 'gauge' | 'fingers'>,
  machine: Machine,
  yarn: Yarn,
  hole: number,
  fingers: FingerTension = brief.fingers
): Gauge =>
  brief.gauge?.yarn === yarn.id ? statedGauge(kit, brief.gauge) : gaugeFor(kit, machine, yarn, hole, fingers);

/**
 * The gauge that rows and stitches are counted by while a plan is drafted: that of another yarn where its counts are kept, else
 * the one it is planned at.
 *
 * @param hole the tension hole in use, counted from the smallest
 * @example countingGauge(kit, { ...brief, countsAs: { yarn: 'tide', courses: 2, wales: 1.35 } }, machine, tide, 2) // 2 rows to a cm, whatever tide has
 */
export const countingGauge = (
  kit: Kit,
  brief: Pick<Brief, 'gauge' | 'countsAs' | 'fingers'>,
  machine: Machine,
  yarn: Yarn,
  hole: number
): Gauge =>
  brief.countsAs?.yarn === yarn.id ? statedGauge(kit, brief.countsAs) : gaugeIn(kit, brief, machine, yarn, hole);
