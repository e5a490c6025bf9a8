import type { JoinedFacts, KnitFacts } from '../facts';
import type { Moment } from './moment';
import { inGuide, look, shownAtEdge, shownRound, type Standing } from './standing';

/** First rows that go slowly: of a tube, and of a panel (craft 3.5). */
const SLOW = { tube: 12, panel: 3 } as const;

/** A new yarn: stop, the old one cut and to the middle, the new one into the guide, its tail in the middle. */
export function join(at: Standing, facts: JoinedFacts, waste: boolean): Moment[] {
  const { tailMm: mm, newTailMm, tube, before, first } = facts;
  const fresh = Math.max(0, at.run.fabric.yarns.indexOf(facts.yarn));
  // Some pins before the marker: there the ring was stopped.
  const pin = tube && before > 0 ? at.ring - before + 1 : at.pin;
  const shown = tube ? shownRound(at, pin) : shownAtEdge(at, pin, pin === at.high ? 'high' : 'low');
  const working = { ...inGuide(at), pin };
  const old = { pin, yarn: at.yarn, mm };
  const led = { ...working, yarn: fresh };
  return [
    {
      code: 'stop',
      facts: { yarn: facts.yarn, tube, before, pin },
      sight: { of: 'pins', look: look(at, shown, { working }) }
    },
    { code: 'oldOut', facts: { mm, waste }, sight: { of: 'pins', look: look(at, shown, { working: { ...working, where: 'cut', bumper: null }, gate: 'open', tails: [old], tool: 'scissors' }) } }, // prettier-ignore
    ...(facts.through ? [threaded(at, fresh, facts.through)] : []),
    {
      code: 'newIn',
      facts: { yarn: facts.yarn, first, mm: newTailMm },
      sight: {
        of: 'pins',
        look: look(at, shown, { working: led, gate: 'closed', tails: [old, { pin, yarn: fresh, mm: newTailMm }] })
      }
    }
  ];
}

/** The new yarn goes through another hole of the tension guide before it comes to the ring. */
function threaded(at: Standing, yarn: number, { hole, holes }: NonNullable<JoinedFacts['through']>): Moment {
  const { id, strands, behaviour } = at.run.yarns[yarn]!;
  return {
    code: 'hole',
    facts: { hole, holes, yarn: id, strands, stretch: behaviour.stretch },
    sight: { of: 'way', hole, holes, yarn, strands, slack: false }
  };
}

/** Rows go by: round and round, or from the edge where the yarn stands to the other one. */
export function turning(at: Standing, facts: KnitFacts): Moment[] {
  const yarn = Math.max(0, at.run.fabric.yarns.indexOf(facts.yarn));
  const slow = at.rows < SLOW[facts.tube ? 'tube' : 'panel'];
  const working = { ...inGuide(at), yarn };
  if (at.tube) {
    return [{ code: 'turning', facts: { pin: null, far: null, slow }, sight: { of: 'pins', look: look(at, shownRound(at, at.pin), { working, turn: 'round' }) } }]; // prettier-ignore
  }
  const high = at.pin === at.high;
  const shown = shownAtEdge(at, at.pin, high ? 'high' : 'low');
  return [{ code: 'turning', facts: { pin: at.pin, far: high ? at.low : at.high, slow }, sight: { of: 'pins', look: look(at, shown, { working, turn: high ? 'down' : 'up' }) } }]; // prettier-ignore
}
