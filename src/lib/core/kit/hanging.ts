import { mean } from 'd3-array';
import { about, type Figure, remembered } from '../quantity';
import { type Gauge } from './gauge';
import { rulesOf, speaksFor } from './edition';
import { type Kit, yarnsById } from './kit';
import { type KnownOfGauges, knownOf } from './known';
import { courseWhenStretched } from './loop';
import { type Machine, ringMm } from './machine';
import type { Yarn } from './yarn';

/** How far the law may be off for a fabric that nobody laid a tape along on the pins (own estimate, no source). */
const LAW_SPREAD = 0.12;

/** What a tape along hanging rows may be off (own estimate, no source). */
const TAPE_SPREAD = 0.04;

/** What swatches of a yarn measured as they hung on a machine, cm to 20 rows. */
const hungOn = remembered(
  ({ swatches, yarns, edition }: KnownOfGauges, machine: Machine, yarn: Yarn): readonly number[] => {
    const byId = yarnsById(yarns);
    const own = speaksFor(edition, yarn, (id) => byId.get(id));
    return swatches.flatMap((s) =>
      s.hangCmTo20Rows && s.machineId === machine.id && s.strands === yarn.strands && !s.setAside && own(s.yarnId)
        ? [s.hangCmTo20Rows]
        : []
    );
  }
);

/**
 * Height of a course while it hangs on the pins, as wide as they stand apart: by the one law of stretch, or as a swatch was
 * measured there (craft 5.5).
 *
 * @returns mm a row
 * @example hangingCourse(kit, machine48, mediumYarn, gauge).value // 3, that is 3.3 rows to a cm
 */
export function hangingCourse(kit: Kit, machine: Machine, yarn: Yarn, gauge: Gauge): Figure {
  const hung = hungOn(knownOf(kit), machine, yarn);
  if (hung.length > 0) {
    const mm = mean(hung)! / 2;
    return about(mm, TAPE_SPREAD, 'mm', 'measured', [{ say: 'hangingSwatches', mm: 20 * mm }]);
  }
  const apart = ringMm(machine) / machine.pins;
  const mm = courseWhenStretched(10 / gauge.courses.value, 10 / gauge.wales.value, apart, rulesOf(kit).flattest);
  return about(mm, LAW_SPREAD, 'mm', 'default', [{ say: 'hangingLaw', wideMm: apart, highMm: mm }]); // prettier-ignore
}
