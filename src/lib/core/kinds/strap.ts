import { z } from 'zod';
import { choiceOption, countOption, lengthOption, yarnOption } from '../plan';
import type { Kind } from './kind';
import { promised, weave } from './shared/hands';
import { WHAT } from './shared/options';
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
  lengthMm: lengthOption({ title: 'Length', group: WHAT, min: 50, max: 5000, start: 600 }),
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
    return {
      plan: {
        title: brief.name,
        pieces: [cordPiece(ring, 'Strap', Math.min(o.pins, ring.machine.pins), rowsFor(ring, o.lengthMm), o.copies)],
        acts: [weave('woven', 0)],
        promises: [promised('strap', 0)],
        worn: { form: 'flat', ends: ['open', 'open'], pompoms: 0 },
        wearer: o.wearer,
        state: ring.gauge.state
      },
      notes: { wanted: wantedRows((courses) => (o.lengthMm / 10) * courses, ring, `${o.lengthMm / 10} cm of strap`) }
    };
  }
};
