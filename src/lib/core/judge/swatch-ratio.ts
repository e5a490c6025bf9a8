import { DEFAULT_PIN_SPACING_MM, evidenceFor, inState, machineOf, practiceFor, type Slip, slipOf } from '../kit';
import { finder, type Finding } from '../plan';
import { workRows } from '../read';
import type { Judge } from './readings';

/** Facts of a swatch that cannot be, by its day. */
export interface SwatchRatioFacts {
  'swatch-implausible': { yarn: string; on: string; slip: Slip };
}
const find = finder<SwatchRatioFacts>();

/** A swatch whose rows and stitches cannot belong together, with the slip that explains it. */
export const swatchRatio: Judge = {
  code: 'swatch-ratio',
  watches: 'a swatch whose rows and stitches do not belong together',
  find: (r) =>
    r.yarns.flatMap((yarn, i) => {
      const p = r.fabric.pieces.findIndex((piece) => workRows(piece).has(i));
      if (p < 0) return [];
      const { machineId, hole } = r.plan.pieces[p]!;
      const machine = machineOf(r.kit, machineId);
      const expected = inState(practiceFor(yarn), 'rested', r.gauges[p]![i]!.state);
      return evidenceFor(r.kit, machine, yarn, hole, r.gauges[p]![i]!.state, r.brief.fingers).flatMap(
        (e): Finding[] => {
          if (e.nearness === 'other-yarn' || e.kind !== 'swatch' || e.setAside) return [];
          if (e.courses === null || e.wales === null) return [];
          const slip = slipOf({ courses: e.courses, wales: e.wales }, expected, machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM); // prettier-ignore
          const place = 'yarn' in r.brief.options ? { option: 'yarn' } : {};
          return slip ? [find('swatch-implausible', 'warn', place, { yarn: yarn.id, on: e.on, slip })] : [];
        }
      );
    })
};
