import type { Finding } from '../plan';
import { showLength } from '../quantity';
import { garmentSizes, mainGauge } from '../read';
import { beside } from './options';
import type { Judge } from './readings';

/** An armhole round must leave the arm so much room (own estimate, no source). */
const ARM_ROOM_MM = 30;

/** A neck may come out so much wider than asked before it slips off the shoulders (own estimate, no source). */
const NECK_WIDER_MM = 25;

/** A shoulder narrower than this carries nothing (own estimate, no source). */
const LEAST_SHOULDER_MM = 35;

/** A sleeve top and its armhole may differ by so much of the armhole (own estimate, no source). */
const SLEEVE_EASES = 0.08;

/** A garment against the body, and its parts against each other (known failures of craft 8). */
export const garmentFit: Judge = {
  code: 'garment-fit',
  watches: 'armholes, necks, shoulders and sleeves that do not fit the body or each other',
  find: (r) => {
    const g = garmentSizes(r);
    const asked = r.notes.garment?.asked;
    if (!g || !asked) return [];
    const { units } = r.kit.habits;
    const len = (mm: number): string => showLength(mm, units);
    const found: Finding[] = [];
    const byRows = r.brief.options['sizeBy'] === 'rows';
    // A back in one ends its far shoulder a row later, where the yarn is.
    if (Math.abs(g.frontRows - g.backRows) > 1) {
      const longer = g.frontRows > g.backRows ? 'front' : 'back';
      found.push({
        code: 'ends-differ',
        weight: 'warn',
        place: beside(r, byRows ? 'frontArmRows' : 'armholeMm'),
        sentence: `Front and back end at different rows: ${g.frontRows} and ${g.backRows}; the ${longer} is ${Math.abs(g.frontRows - g.backRows)} rows longer and the shoulders do not meet.`,
        fix: {
          label: 'Knit the front as long as the back',
          change: { options: { frontRows: r.brief.options['backRows'], frontArmRows: r.brief.options['armRows'] } }
        }
      });
    }
    if (g.armholeMm < asked.upperArmMm + ARM_ROOM_MM) {
      const deeper = Math.ceil((asked.upperArmMm + ARM_ROOM_MM - g.armholeMm) / 2 / 5) * 5;
      const more = 2 * Math.ceil((deeper * mainGauge(r, 0).courses.value) / 20);
      const rowsNow = (option: string): number => Number(r.brief.options[option]) + more;
      found.push({
        code: 'armhole-small',
        weight: g.armholeMm < asked.upperArmMm ? 'stop' : 'warn',
        place: beside(r, byRows ? 'armRows' : 'armholeMm'),
        sentence:
          g.armholeMm < asked.upperArmMm
            ? `The armhole is ${len(g.armholeMm)} round, the arm ${len(asked.upperArmMm)}: it does not go through.`
            : `The armhole is ${len(g.armholeMm)} round, the arm ${len(asked.upperArmMm)}: it goes through, and pulls; ${len(ARM_ROOM_MM)} of room are easy.`,
        fix: {
          label: `Make it ${len(deeper)} deeper`,
          change: {
            options: byRows
              ? { armRows: rowsNow('armRows'), frontArmRows: rowsNow('frontArmRows') }
              : { armholeMm: Number(r.brief.options['armholeMm']) + deeper }
          }
        }
      });
    }
    if (g.neckMm > asked.neckMm + NECK_WIDER_MM) {
      const wider = Math.ceil(((g.neckMm - asked.neckMm) / 20) * mainGauge(r, 0).wales.value);
      found.push({
        code: 'neck-wide',
        weight: 'warn',
        place: beside(r, 'neckMm'),
        sentence: `The neck comes out ${len(g.neckMm)} wide where ${len(asked.neckMm)} are wanted: both shoulders together leave too much between them.`,
        ...(byRows
          ? { fix: { label: `Make each shoulder ${wider} stitches wider`, change: { options: { shoulderStitches: Number(r.brief.options['shoulderStitches']) + wider } } } } // prettier-ignore
          : {})
      });
    }
    if (g.shoulderMm < LEAST_SHOULDER_MM) {
      found.push({
        code: 'shoulder-narrow',
        weight: 'warn',
        place: beside(r, 'neckMm'),
        sentence: `Only ${len(g.shoulderMm)} of shoulder are left beside a neck of ${len(g.neckMm)}: it slips off.`,
        fix: { label: 'Make the neck narrower', change: { options: { neckMm: Math.max(60, Math.round(asked.neckMm * 0.7)) } } } // prettier-ignore
      });
    }
    if (g.sleeveMm !== null) {
      if (g.sleeveMm < asked.upperArmMm) {
        found.push({
          code: 'sleeve-tight',
          weight: 'warn',
          place: beside(r, 'sleeves'),
          sentence: `The sleeve is ${len(g.sleeveMm)} round at rest, the arm ${len(asked.upperArmMm)}: it stretches over it all day.`,
          ...(r.brief.options['sleeves'] === 'tube'
            ? { fix: { label: 'Knit the sleeves as panels', change: { options: { sleeves: 'panel' } } } }
            : {})
        });
      }
      if (Math.abs(g.sleeveMm / g.armholeMm - 1) > SLEEVE_EASES) {
        found.push({
          code: 'sleeve-armhole',
          weight: 'warn',
          place: beside(r, 'sleeves'),
          sentence: `The top of the sleeve is ${len(g.sleeveMm)} round, the armhole ${len(g.armholeMm)}: they differ by more than a seam eases in.`,
          ...(r.brief.options['sleeves'] === 'tube'
            ? { fix: { label: 'Knit the sleeves as panels', change: { options: { sleeves: 'panel' } } } }
            : {})
        });
      }
    }
    return found;
  }
};
