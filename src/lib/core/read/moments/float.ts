import type { StepFacts } from '../facts';
import type { Moment } from './moment';
import { inGuide, look, shownRound, type Standing } from './standing';

/** Cards stand behind some pins; from then on the yarn goes round them in the cast-on and in every row. */
export function float(at: Standing, facts: StepFacts['float']): Moment[] {
  const { after, cardMm } = facts;
  const pin = after[0] ?? at.pin;
  const shown = shownRound(at, pin);
  const cards = [...after];
  const stand: Moment = {
    code: 'cards',
    facts: { after, cardMm },
    sight: { of: 'pins', look: look(at, shown, { cards }) }
  };
  // Before the cast-on there is no yarn to lay yet: the cast-on itself goes round the card.
  if (at.loops.length === 0) return [stand];
  const aside = { ...inGuide(at), pin, where: 'aside', bumper: null } as const;
  return [
    stand,
    { code: 'over', facts: { pin }, sight: { of: 'pins', look: look(at, shown, { cards, working: { ...aside, where: 'guide' } }) } }, // prettier-ignore
    { code: 'roundCard', facts: { pin }, sight: { of: 'pins', look: look(at, shown, { cards, working: aside, gate: 'open', lay: [{ pin, way: 'card' }] }) } } // prettier-ignore
  ];
}
