import * as z from 'zod/mini';
import { headFit } from '../body';
import { isLarge, type Kit, machineOf } from '../kit';
import {
  type Act,
  type Brief,
  castOn,
  type Draft,
  type Face,
  type Operation,
  type RunRef,
  shapedRows,
  type Side,
  yarnAfter,
  yarnOption,
  yarnOrNoneOption
} from '../plan';
import type { Kind } from './kind';
import { onPurlSide, promised, rest, weave } from './shared/hands';
import { BABY_TURN_UP_MM, headOption, turnUpOption } from './shared/hat';
import { countedOption, ENDS, sizeByOption, wearerOption, WHO } from './shared/options';
import { panelMode, panelPiece, pinsFor, SEAM_STITCH, startingAt, startOption, usable } from './shared/panel';
import { firstYarns } from './shared/pick';
import { begun, even, ringOn } from './shared/tube';

export const GatheredHatOptions = z.object({
  wearer: wearerOption('baby', 'child', 'adult'),
  headMm: headOption,
  turnUpMm: turnUpOption(BABY_TURN_UP_MM),
  sizeBy: sizeByOption(WHO, 'head', 'rows'),
  stitches: countedOption({ counts: 'stitches', group: WHO, min: 8, max: 200, start: 38 }),
  rows: countedOption({ counts: 'rows', group: WHO, min: 8, max: 400, start: 40 }),
  yarn: yarnOption({ group: 'yarn' }),
  thread: yarnOrNoneOption({ group: ENDS, open: true }),
  mode: panelMode,
  yarnAt: startOption
});
type GatheredHatOptions = z.output<typeof GatheredHatOptions>;

/**
 * A hat that holds is a little narrower than the head: how far the panel is to stretch round it (own estimate, no
 * source).
 */
const SNUG = 0.25;

/** A thread through a panel's last row: 1.5 times its width and a hand (craft 3.9). */
const threadMm = (widthMm: number): number => Math.round(1.5 * widthMm + 100);

/** Stitches of a panel that goes round a head once its seam took one of either edge. */
const stitchesRound = (headMm: number, wales: number): number =>
  Math.max(8, Math.round((headMm / (1 + SNUG) / 10) * wales)) + 2 * SEAM_STITCH;

function draft(kit: Kit, brief: Brief, o: GatheredHatOptions): Draft {
  const ring = startingAt(ringOn(kit, brief, o.yarn), o);
  const { courses, wales } = ring.gauge;
  const most = usable(ring, o.mode);
  const own = o.sizeBy === 'rows';
  const asked = own ? o.stitches : stitchesRound(o.headMm, wales.value);
  const stitches = Math.min(asked, most);
  const fitAt = (perCm: number) =>
    headFit(o.headMm, { ...ring.knitted, pins: Math.max(2, stitches - 2 * SEAM_STITCH), courses: perCm });
  const rowsAt = (perCm: number): number => {
    const fit = fitAt(perCm);
    return ring.fewer * (fit.rowsTo(fit.browArcMm) + o.turnUpMm / fit.fullCourseMm);
  };
  const fitted = even(rowsAt(courses.value), 8);
  const rows = own ? o.rows : fitted;
  const turned = Math.min(rows - 4, Math.round((ring.fewer * o.turnUpMm) / fitAt(courses.value).fullCourseMm));
  const widthMm = (10 * stitches) / wales.value;
  const thread = o.thread ?? o.yarn;
  const before = begun(ring, [castOn(o.yarn, 'e-wrap')]);
  const operations: Operation[] = [
    ...before,
    ...shapedRows('Hat', o.yarn, rows, [], yarnAfter(before)),
    { op: 'hangOff', style: 'drawstring', thread, threadMm: threadMm(widthMm), doubled: false }
  ];
  const edge = (side: Side, from: number, to: number): RunRef => ({ piece: 0, run: 'side', side, rows: { from, to } });
  const seam = (name: string, from: number, to: number, side: Face): Act => ({
    do: 'join',
    name,
    a: [edge('high', from, to)],
    b: [edge('low', from, to)],
    by: 'mattress',
    yarn: o.yarn,
    from: side
  });
  const acts: Act[] = [
    rest(0),
    // Turned up, the brim shows its other face: its part of the seam is sewn from there, so that no seam shows.
    seam('hat-back', turned + 1, rows, 'knit'),
    ...(turned > 0 ? [seam('hat-brim', 1, turned, 'purl')] : []),
    // The crown is drawn and its tails are worked in on the purl side.
    ...onPurlSide(0, [{ do: 'draw', piece: 0, edges: ['hung-off'], tail: 'purl' }, weave('woven', 0)]),
    ...(turned > 0 ? [{ do: 'fold', piece: 0, how: 'brim', heightMm: o.turnUpMm } as const] : [])
  ];
  return {
    plan: {
      title: brief.name,
      pieces: [panelPiece(ring, 'Hat', o.mode, pinsFor(ring.machine, o.mode, stitches), operations)],
      acts,
      promises: [promised('hat', 0, { brim: { piece: 0, run: 'cast-on' } })],
      worn: { form: 'gathered-hat', headMm: o.headMm, turnRows: turned },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      unasked: { stitches, rows },
      narrowed: asked > stitches ? [{ piece: 0, asked, given: stitches, option: own ? 'stitches' : 'headMm' }] : [],
      wanted: {
        rows: fitted,
        low: Math.min(rowsAt(courses.low), rowsAt(courses.high)),
        high: Math.max(rowsAt(courses.low), rowsAt(courses.high)),
        because: [{ say: 'oneLayer', headMm: o.headMm, brimMm: o.turnUpMm, fewer: 1 - ring.fewer }, ...courses.because]
      }
    }
  };
}

/** A panel seamed up its back and gathered at the top: small heads on a large ring. */
export const gatheredHat: Kind<typeof GatheredHatOptions> = {
  code: 'gathered-hat',
  family: 'hats',
  pins: { from: 16, to: 200, usual: 48 },
  options: GatheredHatOptions,
  start: (kit, machineId) =>
    GatheredHatOptions.parse({
      yarn: firstYarns(kit).main,
      ...(isLarge(machineOf(kit, machineId)) ? { headMm: 380 } : { headMm: 250 })
    }),
  draft
};
