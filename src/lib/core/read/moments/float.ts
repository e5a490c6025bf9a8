import { pieceAt } from '../../knit';
import type { StepFacts } from '../facts';
import type { Moment } from './moment';
import { inGuide, look, shownRound, span, type Standing } from './standing';

/** Cards stand behind some pins; from then on the yarn goes round them in the cast-on and in every row. */
export function float(at: Standing, facts: StepFacts['float']): Moment[] {
  const { after, cardMm } = facts;
  const pin = after[0] ?? at.pin;
  const shown = shownRound(at, pin);
  const cards = [...after];
  const stand: Moment = {
    code: 'cards',
    facts: { after, cardMm },
    sight: { of: 'pins', look: look(at, shown, { cards, working: null, gate: null }) }
  };
  // It stands before the cast-on, which goes round it too: how every row goes is shown with the loops that will hang then.
  const { from, to } = pieceAt(at.run, at.piece).planned;
  const loops = at.loops.length > 0 ? at.loops : span(from, to).map((on) => ({ pin: on, yarn: at.yarn }));
  const aside = { ...inGuide(at), pin, where: 'aside', bumper: null } as const;
  const row = { cards, loops } as const;
  return [
    stand,
    { code: 'over', facts: { pin }, sight: { of: 'pins', look: look(at, shown, { ...row, working: { ...aside, where: 'guide' }, gate: 'closed' }) } }, // prettier-ignore
    { code: 'roundCard', facts: { pin }, sight: { of: 'pins', look: look(at, shown, { ...row, working: aside, gate: 'open', lay: [{ pin, way: 'card' }] }) } } // prettier-ignore
  ];
}
