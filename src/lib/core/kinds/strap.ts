import * as z from 'zod/mini';
import { choiceOption, countOption, lengthOption, MOST_ROWS, yarnOption } from '../plan';
import type { Kind } from './kind';
import { promised, weave } from './shared/hands';
import { countedOption, measuredOnly, sizeByOption, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { cordPiece, ringOn, rowsFor, wantedRows } from './shared/tube';

export const StrapOptions = z.object({
  wearer: choiceOption({ group: WHAT, choices: ['thing', 'adult', 'child'] }),
  sizeBy: sizeByOption(WHAT, 'measures', 'rows'),
  lengthMm: lengthOption({ group: WHAT, min: 50, max: 5000, start: 600, when: measuredOnly }),
  rows: countedOption({ counts: 'rows', group: WHAT, min: 4, max: MOST_ROWS, start: 120 }),
  pins: countOption({ group: WHAT, min: 2, max: 6, start: 3 }), // prettier-ignore
  copies: countOption({ group: WHAT, min: 1, max: 40, start: 1 }),
  yarn: yarnOption({ group: 'yarn' })
});

/** A strap or cord of a few pins, turned to and fro by hand. */
export const strap: Kind<typeof StrapOptions> = {
  code: 'strap',
  family: 'panels',
  pins: { from: 12, to: 200, usual: 22 },
  options: StrapOptions,
  start: (kit) => StrapOptions.parse({ yarn: firstYarns(kit).main }),
  draft: (kit, brief, o) => {
    const ring = ringOn(kit, brief, o.yarn);
    const rows = o.sizeBy === 'rows' ? o.rows : rowsFor(ring, o.lengthMm);
    const pins = Math.min(o.pins, ring.machine.pins);
    return {
      plan: {
        title: brief.name,
        pieces: [cordPiece(ring, 'Strap', pins, rows, o.copies)],
        acts: [weave('woven', 0)],
        promises: [promised('strap', 0)],
        worn: { form: 'flat', ends: ['open', 'open'], pompoms: 0 },
        wearer: o.wearer,
        state: ring.gauge.state
      },
      notes: {
        unasked: { rows },
        clamped: o.pins > pins ? [{ piece: 0, option: 'pins', asked: o.pins, given: pins, of: 'stitches', why: 'room' }] : [], // prettier-ignore
        wanted:
          o.sizeBy === 'rows'
            ? null
            : wantedRows((courses) => (o.lengthMm / 10) * courses, ring, {
                say: 'lengthOf',
                mm: o.lengthMm,
                of: 'strap'
              })
      }
    };
  }
};
