import * as z from 'zod/mini';
import type { Kit } from '../kit';
import { isLarge, machineOf } from '../kit';
import { type Brief, choiceOption, countOption, type Draft, knitRows, yarnOption } from '../plan';
import type { Kind } from './kind';
import { crownOptions, hatSizeOptions, linedActs, linedEnds, linedTubeRows, turnUpOption } from './shared/hat';
import { linedThing } from './shared/hands';
import { WHO } from './shared/options';
import { firstYarns } from './shared/pick';
import { ringOn, tubePiece } from './shared/tube';

const counted = { key: 'sizeBy', is: ['sections'] } as const;

export const BandHatOptions = z.object({
  ...hatSizeOptions,
  // The band is a false brim: nothing is turned up.
  turnUpMm: turnUpOption(0),
  sizeBy: choiceOption({ group: WHO, choices: ['head', 'height', 'length', 'rows', 'sections'] }),
  bandRows: countOption({ counts: 'rows', group: WHO, min: 4, max: 200, start: 28 }),
  outsideRows: countOption({ counts: 'rows', group: WHO, min: 4, max: 400, start: 36, when: counted }),
  liningRows: countOption({ counts: 'rows', group: WHO, min: 4, max: 400, start: 36, when: counted }),
  yarn: yarnOption({ group: 'yarn' }),
  bandYarn: yarnOption({ group: 'yarn' }),
  ...crownOptions
});
type BandHatOptions = z.output<typeof BandHatOptions>;

/** Name of the section that must lie astride the fold. */
const BAND = 'Band';

/** Rows of outside, band and lining: the band in the middle of all rows, unless the knitter counts the three. */
function threeParts(o: BandHatOptions, rows: number): readonly [number, number, number] {
  if (o.sizeBy === 'sections') return [o.outsideRows, o.bandRows, o.liningRows];
  const outside = Math.max(1, Math.round((rows - o.bandRows) / 2));
  return [outside, o.bandRows, outside];
}

function draft(kit: Kit, brief: Brief, o: BandHatOptions): Draft {
  const ring = ringOn(kit, brief, o.yarn);
  const size = { ...o, sizeBy: o.sizeBy === 'sections' ? ('head' as const) : o.sizeBy };
  const fitted = linedTubeRows(size, ring);
  const [outside, band, lining] = threeParts(o, fitted.rows);
  const rows = outside + band + lining;
  const lengthOf = (n: number): number => (10 * n) / ring.gauge.courses.value;
  const parts = [
    knitRows('Outside', o.yarn, outside),
    knitRows(BAND, o.bandYarn, band),
    knitRows('Lining', o.yarn, lining)
  ];
  const work = o.outer === 'first' ? parts : parts.reverse();
  const { operations, waste, ends } = linedEnds(kit, o, work, ring, o.yarn, o.yarn);
  const joins = o.yarn === o.bandYarn ? 0 : 2;
  return {
    plan: {
      title: brief.name,
      pieces: [tubePiece(kit, ring, 'Tube', operations)],
      acts: linedActs(o, { piece: 0, joins, first: o.yarn, waste, ends }),
      promises: [linedThing('hat', 0, o.outer, o.closing === 'zip')],
      worn: { form: 'lined-hat', headMm: o.headMm, turnUpMm: o.turnUpMm, band: BAND },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      wanted: fitted.wanted,
      unasked: {
        rows,
        heightMm: lengthOf(rows) / 2 - o.turnUpMm - ring.crownMm,
        tubeMm: lengthOf(rows),
        outsideRows: outside,
        liningRows: lining
      }
    }
  };
}

/** A lined hat in three sections, the middle one astride the fold. */
export const bandHat: Kind<typeof BandHatOptions> = {
  code: 'band-hat',
  family: 'hats',
  pins: { from: 20, to: 60, usual: 48 },
  options: BandHatOptions,
  start: (kit, machineId) => {
    const { main, second } = firstYarns(kit);
    return BandHatOptions.parse({
      yarn: main,
      bandYarn: second,
      ...(isLarge(machineOf(kit, machineId)) ? {} : { wearer: 'baby', headMm: 250, bandRows: 12 })
    });
  },
  draft
};
