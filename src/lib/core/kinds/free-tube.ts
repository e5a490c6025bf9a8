import * as z from 'zod/mini';
import { type Act, choiceOption, countOption, knitRows, sectionsOption } from '../plan';
import type { Kind } from './kind';
import { endLook, endsOf, FAR_ENDS, START_ENDS } from './shared/ends';
import { closeOption, joinOption, joinsTied, onPurlSide, promised, rest, weave } from './shared/hands';
import { ENDS } from './shared/options';
import { anyYarn, firstYarns } from './shared/pick';
import { firstWith, lastWith } from './shared/tails';
import { ringOn, tubePiece } from './shared/tube';
import { wasteNeeded } from './shared/waste';

export const FreeTubeOptions = z.object({
  sections: sectionsOption({ group: 'rows', counts: 'rows' }),
  copies: countOption({ group: 'rows', min: 1, max: 200, start: 1 }),
  start: choiceOption({ group: ENDS, choices: START_ENDS }),
  end: choiceOption({ group: ENDS, choices: FAR_ENDS }),
  closeBy: closeOption(),
  ...firstWith({ key: 'start', is: ['straight', 'crochet'] }),
  ...lastWith({ key: 'end', is: ['straight', 'crochet'] }),
  joinBy: joinOption,
  ...wasteNeeded
});

/** Rows of a tube when no section is listed. */
const DEFAULT_ROWS = 100;

/** Any list of sections, for those who just want the arithmetic. */
export const freeTube: Kind<typeof FreeTubeOptions> = {
  code: 'free-tube',
  family: 'free',
  pins: { from: 4, to: 200, usual: 48 },
  options: FreeTubeOptions,
  start: (kit) => {
    const { main, second } = firstYarns(kit);
    return FreeTubeOptions.parse({
      sections: [
        { yarn: main, rows: 60 },
        { yarn: second, rows: 40 }
      ]
    });
  },
  draft: (kit, brief, o) => {
    const sections = o.sections.length > 0 ? o.sections : [{ yarn: anyYarn(kit), rows: DEFAULT_ROWS }];
    const [first, last] = [sections[0]!.yarn, sections.at(-1)!.yarn];
    const ring = ringOn(kit, brief, first);
    const ends = endsOf({ kit, ring, p: 0, first, last, choice: o }, o.start, o.end);
    const joins = sections.filter((s, i) => i > 0 && s.yarn !== sections[i - 1]!.yarn).length;
    const shut = Object.keys(ends.openings).length === 0;
    const acts: Act[] = [
      rest(0),
      ...onPurlSide(0, joinsTied(0, joins, o.joinBy)),
      ...ends.first,
      ...ends.last,
      weave(shut ? 'inside' : 'woven', 0)
    ];
    const work = sections.map((s, i) => knitRows(`Section ${i + 1}`, s.yarn, s.rows));
    return {
      plan: {
        title: brief.name,
        pieces: [tubePiece(kit, ring, 'Tube', [...ends.before, ...work, ...ends.after], { copies: o.copies })],
        acts,
        promises: [promised('tube', 0, ends.openings)],
        worn: { form: 'flat', ends: [endLook(o.start), endLook(o.end)], pompoms: brief.pompom ? Math.min(2, brief.pompom.count) : 0 }, // prettier-ignore
        wearer: 'thing',
        state: ring.gauge.state
      },
      notes: { wanted: null }
    };
  }
};
