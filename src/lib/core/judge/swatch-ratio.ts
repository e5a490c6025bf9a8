import { DEFAULT_PIN_SPACING_MM, evidenceFor, inState, machineOf, practiceFor, slipOf, yarnName } from '../kit';
import { workRows } from '../read';
import type { Judge } from './readings';

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
      return evidenceFor(r.kit, machine, yarn, hole, r.gauges[p]![i]!.state).flatMap((e) => {
        if (e.nearness === 'other-yarn' || e.kind !== 'swatch' || e.setAside) return [];
        if (e.courses === null || e.wales === null) return [];
        const gauge = { courses: e.courses, wales: e.wales };
        const slip = slipOf(gauge, expected, machine.pinSpacingMm ?? DEFAULT_PIN_SPACING_MM);
        if (!slip) return [];
        return [
          {
            code: 'swatch-implausible',
            weight: 'warn' as const,
            place: 'yarn' in r.brief.options ? { option: 'yarn' } : {},
            sentence: `The ${e.label} of ${yarnName(yarn)}: ${slip.sentence}`
          }
        ];
      });
    })
};
