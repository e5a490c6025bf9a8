import * as z from 'zod/mini';
import { limbFit } from '../body';
import { type Act, choiceOption, lengthOption, knitRows } from '../plan';
import type { Kind } from './kind';
import { endsOf } from './shared/ends';
import { joinsTied, onPurlSide, promised, rest, weave } from './shared/hands';
import { countedOption, ENDS, sizeByOption, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { colourOptions, colourSections, firstYarn, startColours } from './shared/stripes';
import { lastWith } from './shared/tails';
import { ringOn, tubePiece, wantedRows } from './shared/tube';
import { wasteNeeded } from './shared/waste';

export const BottleCosyOptions = z.object({
  bottleMm: lengthOption({ group: WHAT, measure: 'bottle-girth', min: 120, max: 700, start: 240 }), // prettier-ignore
  heightMm: lengthOption({ group: WHAT, measure: 'bottle-height', min: 60, max: 500, start: 200 }), // prettier-ignore
  sizeBy: sizeByOption(WHAT, 'bottle', 'rows'),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 6, max: 400, start: 60 }),
  ...colourOptions,
  top: choiceOption({ group: ENDS, choices: ['crochet', 'chain'] }),
  ...lastWith({ key: 'top', is: ['crochet'] }),
  ...wasteNeeded
});

/** A tube with a drawn foot that is pulled over a bottle. */
export const bottleCosy: Kind<typeof BottleCosyOptions> = {
  code: 'bottle-cosy',
  family: 'carry',
  pins: { from: 18, to: 60, usual: 22 },
  options: BottleCosyOptions,
  start: (kit, machineId) => {
    const large = (kit.machines.find((m) => m.id === machineId)?.pins ?? 0) >= 36;
    const size = large ? { bottleMm: 390, heightMm: 180 } : { bottleMm: 240, heightMm: 200 };
    return BottleCosyOptions.parse({ ...startColours(firstYarns(kit)), ...size });
  },
  draft: (kit, brief, o) => {
    const ring = ringOn(kit, brief, firstYarn(o));
    // The drawn foot covers the bottom: half its width more than the height.
    const reach = o.heightMm + o.bottleMm / (2 * Math.PI);
    const rowsAt = (courses: number): number => limbFit(o.bottleMm, { ...ring.knitted, courses }).rowsFor(reach);
    const rows = o.sizeBy === 'rows' ? o.rows : Math.max(6, Math.round(rowsAt(ring.gauge.courses.value)));
    const sections = colourSections(o, rows, 'Cosy');
    const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
    const ends = endsOf({ kit, ring, p: 0, first, last, choice: { ...o, closeBy: 'loops' } }, 'drawn', o.top);
    const joins = sections.length - 1;
    const acts: Act[] = [
      rest(0),
      ...ends.last,
      ...onPurlSide(0, [...joinsTied(0, joins, o.joinBy), ...ends.first, weave('woven', 0)])
    ];
    const work = sections.map((s) => knitRows(s.label, s.yarn, s.rows));
    return {
      plan: {
        title: brief.name,
        pieces: [tubePiece(kit, ring, 'Cosy', [...ends.before, ...work, ...ends.after])],
        acts,
        promises: [promised('cosy', 0, ends.openings)],
        worn: { form: 'sleeve', over: 'bottle', girthMm: o.bottleMm, closed: 'toe', straps: 0 },
        wearer: 'thing',
        state: ring.gauge.state
      },
      notes: {
        unasked: { rows },
        wanted: wantedRows(rowsAt, ring, { say: 'bottleReach', mm: reach }) // prettier-ignore
      }
    };
  }
};
