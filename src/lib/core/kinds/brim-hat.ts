import * as z from 'zod/mini';
import { headFit } from '../body';
import { isLarge, type Kit, machineOf } from '../kit';
import {
  type Act,
  type Brief,
  type Draft,
  drawstring,
  knitRows,
  lengthOption,
  yarnOption,
  yarnOrNoneOption
} from '../plan';
import type { Kind } from './kind';
import { joinOption, joinsTied, onPurlSide, promised, rest, weave } from './shared/hands';
import { headOption } from './shared/hat';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { even, ringOn, tubePiece } from './shared/tube';
import { firstLoop, rowsBefore, wasteAway, wasteFor, wasteNeeded } from './shared/waste';

const COLOUR = 'yarn';

export const BrimHatOptions = z.object({
  wearer: wearerOption('adult', 'child', 'baby'),
  headMm: headOption,
  sizeBy: sizeByOption(WHO, 'head', 'rows'),
  brimMm: lengthOption({ group: WHO, min: 15, max: 150, start: 55, when: { key: 'sizeBy', is: ['head'] } }),
  brimRows: countedOption({ counts: 'rows', group: WHO, min: 4, max: 200, start: 40 }),
  bodyRows: countedOption({ counts: 'rows', group: WHO, min: 4, max: 300, start: 25 }),
  yarn: yarnOption({ group: COLOUR }),
  brimYarn: yarnOption({ group: COLOUR }),
  joinBy: joinOption,
  ...wasteNeeded,
  thread: yarnOrNoneOption({ group: ENDS, open: true }) // prettier-ignore
});
type BrimHatOptions = z.output<typeof BrimHatOptions>;

function draft(kit: Kit, brief: Brief, o: BrimHatOptions): Draft {
  const ring = ringOn(kit, brief, o.yarn);
  const rowsAt = (courses: number): { brim: number; body: number } => {
    const fit = headFit(o.headMm, { ...ring.knitted, courses });
    const brim = even((ring.fewer * 2 * o.brimMm) / fit.fullCourseMm, 4);
    return { brim, body: Math.max(4, Math.round(ring.fewer * fit.rowsTo(fit.browArcMm) - brim / 2)) };
  };
  const fitted = rowsAt(ring.gauge.courses.value);
  const rows = o.sizeBy === 'rows' ? { brim: o.brimRows, body: o.bodyRows } : fitted;
  const waste = wasteFor(kit, o, o.brimYarn, o.yarn);
  const firstRow = rowsBefore(waste) + 1;
  const joins = o.brimYarn === o.yarn ? 0 : 1;
  const acts: Act[] = [
    rest(0),
    ...onPurlSide(0, [
      // The lifting holds the first row: its waste may go, and the first loop is tied so that it cannot drop.
      ...wasteAway(0, 'cast-on', waste, o),
      ...firstLoop(0, 'cast-on', waste),
      ...joinsTied(0, joins, o.joinBy),
      { do: 'draw', piece: 0, edges: ['hung-off'], tail: 'purl' },
      weave('woven', 0)
    ])
  ];
  const whole = (courses: number): number => rowsAt(courses).brim + rowsAt(courses).body;
  const { courses } = ring.gauge;
  return {
    plan: {
      title: brief.name,
      pieces: [
        tubePiece(kit, ring, 'Hat', [
          ...waste.before,
          knitRows('Brim', o.brimYarn, rows.brim),
          { op: 'rehang', row: firstRow },
          knitRows('Hat', o.yarn, rows.body),
          drawstring(o.thread ?? o.yarn, ring.turnMm)
        ])
      ],
      acts,
      promises: [promised('hat', 0, { brim: { piece: 0, run: 'fold' } })],
      worn: { form: 'brim-hat', headMm: o.headMm },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      unasked: { brimRows: rows.brim, bodyRows: rows.body },
      wanted: {
        rows: fitted.brim + fitted.body,
        layer: fitted.body + fitted.brim / 2,
        low: Math.min(whole(courses.low), whole(courses.high)),
        high: Math.max(whole(courses.low), whole(courses.high)),
        because: [{ say: 'oneLayer', headMm: o.headMm, brimMm: o.brimMm, fewer: 1 - ring.fewer }, ...courses.because]
      }
    }
  };
}

/** One layer with a brim doubled on the machine. */
export const brimHat: Kind<typeof BrimHatOptions> = {
  code: 'brim-hat',
  family: 'hats',
  pins: { from: 20, to: 60, usual: 48 },
  options: BrimHatOptions,
  start: (kit, machineId) => {
    const { main } = firstYarns(kit);
    return BrimHatOptions.parse({
      yarn: main,
      brimYarn: main,
      ...(isLarge(machineOf(kit, machineId)) ? {} : { wearer: 'baby', headMm: 250, brimMm: 25 })
    });
  },
  draft
};
