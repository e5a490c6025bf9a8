import * as z from 'zod/mini';
import type { Kit } from '../kit';
import { type Act, type Brief, choiceOption, countOption, type Draft, knitRows, lengthOption, switchOption, yarnOption } from '../plan'; // prettier-ignore
import type { Kind } from './kind';
import { closeFlat, closeOption, promised, rest, weave, whole } from './shared/hands';
import { bestYarns } from './shared/pick';
import { hooked, lastWith, ownTails } from './shared/tails';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { firstLoop, rowsBefore, wasteAway, wasteFor, wasteNeeded } from './shared/waste';
import { chainGauge, countedOption, ENDS, sizeByOption, WHAT } from './shared/options';

export const SackOptions = z.object({
  wearer: choiceOption({ group: WHAT, choices: ['thing', 'child'] }),
  sizeBy: sizeByOption(WHAT, 'rows', 'height'),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 6, max: 400, start: 20 }),
  heightMm: lengthOption({ group: WHAT, min: 60, max: 600, start: 130, when: { key: 'sizeBy', is: ['height'] } }), // prettier-ignore
  channelRows: countOption({ group: WHAT, min: 4, max: 30, start: 10 }), // prettier-ignore
  yarn: yarnOption({ group: 'yarn' }),
  cordYarn: yarnOption({ group: 'yarn' }),
  purlOut: switchOption({ group: ENDS, start: true }), // prettier-ignore
  closeBy: closeOption(),
  ...lastWith(hooked),
  chainPer10: chainGauge,
  ...wasteNeeded
});
type SackOptions = z.output<typeof SackOptions>;

function draft(kit: Kit, brief: Brief, o: SackOptions): Draft {
  const ring = ringOn(kit, brief, o.yarn);
  const channel = o.channelRows;
  const rowsAt = (courses: number): number => Math.max(6, (o.heightMm / 10) * courses - channel / 2);
  const rows = o.sizeBy === 'rows' ? o.rows : Math.round(rowsAt(ring.gauge.courses.value));
  const waste = wasteFor(kit, o, o.yarn, o.yarn);
  const acts: Act[] = [
    rest(0),
    closeFlat(0, 'hung-off', o.closeBy, o.yarn, ownTails(kit, o)('hung-off')),
    ...wasteAway(0, 'hung-off', waste, o),
    ...wasteAway(0, 'cast-on', waste, o),
    ...firstLoop(0, 'cast-on', waste),
    // The seam is sewn as the sack comes off, knit side out; then it is turned and stays so.
    ...(o.purlOut ? [{ do: 'turn', piece: 0, out: 'purl', stays: true } as const] : []),
    weave('woven', 0),
    { do: 'cord', name: 'drawstring', piece: 0, count: 1, yarn: o.cordYarn, per10Cm: o.chainPer10, along: { piece: 0, run: 'cast-on' } }, // prettier-ignore
    { do: 'threadCord', piece: 0 }
  ];
  return {
    plan: {
      title: brief.name,
      pieces: [
        tubePiece(kit, ring, 'Sack', [
          ...waste.before,
          knitRows('Channel', o.yarn, channel),
          { op: 'rehang', row: rowsBefore(waste) + 1 },
          knitRows('Sack', o.yarn, rows),
          ...waste.after
        ])
      ],
      acts,
      promises: [
        promised(
          'sack',
          0,
          { mouth: { piece: 0, run: 'fold' } },
          o.purlOut ? { outside: whole('purl'), inside: whole('knit'), ridgesInside: true } : {}
        )
      ],
      worn: { form: 'sack' },
      wearer: o.wearer,
      state: ring.gauge.state
    },
    notes: {
      unasked: { rows, heightMm: (10 * (rows + channel / 2)) / ring.gauge.courses.value },
      wanted:
        o.sizeBy === 'height'
          ? (({ rows: n, ...more }) => ({ ...more, rows: n + channel }))(
              wantedRows(rowsAt, ring, { say: 'sackHigh', mm: o.heightMm, channel })
            )
          : null
    }
  };
}

/** A sack with a channel for a cord, made by lifting the first row back. */
export const sack: Kind<typeof SackOptions> = {
  code: 'sack',
  family: 'carry',
  pins: { from: 18, to: 60, usual: 22 },
  options: SackOptions,
  start: (kit) => {
    const yarns = bestYarns(kit);
    const cotton = yarns.find((y) => /cotton/i.test(y.fibre) && y.weightClass * y.strands >= 3) ?? yarns[0];
    if (!cotton) throw new RangeError('the kit must have a yarn; received none');
    return SackOptions.parse({ yarn: cotton.id, cordYarn: cotton.id });
  },
  draft
};
