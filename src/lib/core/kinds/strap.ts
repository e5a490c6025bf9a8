import { z } from 'zod';
import { choiceOption, countOption, lengthOption, MOST_ROWS, yarnOption } from '../plan';
import type { Kind } from './kind';
import { promised, weave } from './shared/hands';
import { countedOption, measuredOnly, sizeByOption, WHAT } from './shared/options';
import { firstYarns } from './shared/pick';
import { cordPiece, ringOn, rowsFor, wantedRows } from './shared/tube';

export const StrapOptions = z.object({
  wearer: choiceOption({
    title: 'For',
    group: WHAT,
    choices: [
      { value: 'thing', label: 'A bag, a thing' },
      { value: 'adult', label: 'Adult' },
      { value: 'child', label: 'Child' }
    ]
  }),
  sizeBy: sizeByOption(WHAT, { measures: 'The length', rows: 'A row count' }),
  lengthMm: lengthOption({ title: 'Length', group: WHAT, min: 50, max: 5000, start: 600, when: measuredOnly }),
  rows: countedOption({ title: 'Rows', group: WHAT, min: 4, max: MOST_ROWS, start: 120 }),
  pins: countOption({ title: 'Pins', group: WHAT, help: 'Half way round the ring, clear of the marker.', min: 2, max: 6, start: 3 }), // prettier-ignore
  copies: countOption({ title: 'How many', group: WHAT, min: 1, max: 40, start: 1 }),
  yarn: yarnOption({ title: 'Yarn', group: 'Yarn and colour' })
});

/** A strap or cord of a few pins, turned to and fro by hand. */
export const strap: Kind<typeof StrapOptions> = {
  code: 'strap',
  title: 'Strap or cord',
  blurb: 'Two to six pins, turned to and fro by hand; no waste yarn.',
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
