import { perCm, yarnName } from '../kit';
import type { Judge } from './readings';

/** Rows to stitches of a real swatch (handbook section 5, around the 1.3 of Munden's constants). */
export const PLAUSIBLE_RATIO = { low: 1.1, high: 1.7 } as const;

/** A swatch whose rows and stitches cannot belong together. */
export const swatchRatio: Judge = {
  code: 'swatch-ratio',
  watches: 'a swatch whose rows and stitches do not belong together',
  find: (r) =>
    r.gauges.flatMap((gauge, i) => {
      const swatch = r.kit.swatches.find((s) => s.id === gauge.swatchId);
      if (!swatch) return [];
      const { courses, wales } = perCm(swatch.statement);
      const ratio = courses / wales;
      if (ratio >= PLAUSIBLE_RATIO.low && ratio <= PLAUSIBLE_RATIO.high) return [];
      const turned = 1 / ratio;
      const swapped = turned >= PLAUSIBLE_RATIO.low && turned <= PLAUSIBLE_RATIO.high;
      return [
        {
          code: 'swatch-implausible',
          weight: 'warn' as const,
          place: { option: 'yarn' },
          sentence: `The swatch of ${yarnName(r.yarns[i]!)} has ${ratio.toFixed(2)} rows to a stitch; knitting has ${PLAUSIBLE_RATIO.low} to ${PLAUSIBLE_RATIO.high}. ${swapped ? 'Stitches and rows look swapped.' : 'Measure it again, off the machine and rested.'}`
        }
      ];
    })
};
