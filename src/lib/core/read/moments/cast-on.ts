import type { StepFacts } from '../facts';
import type { Lay, Look, PinLoop } from './look';
import type { Moment } from './moment';
import { look, shownAtEdge, shownRound, span, type Standing } from './standing';

/** The pins of a cast-on in the order they are laid. */
const laidOver = ({ from, to }: StepFacts['castOn']): number[] =>
  from <= to ? span(from, to) : span(to, from).reverse();

/** How the yarn passes the pins of a woven cast-on: in front of one, behind the next; round a card where one stands. */
function laid(facts: StepFacts['castOn'], cards: readonly number[]): Lay[] {
  const behind = new Set(cards);
  return laidOver(facts).flatMap((pin, i): Lay[] => [
    { pin, way: facts.style === 'e-wrap' ? 'round' : i % 2 === 0 ? 'front' : 'behind' },
    ...(behind.has(pin) ? [{ pin, way: 'card' as const }] : [])
  ]);
}

/**
 * Loops on every pin: the tail first, then pin by pin from the first one on, then the yarn into the guide. A panel's
 * is then
 * cranked one stitch past the last pin.
 */
export function castOn(at: Standing, facts: StepFacts['castOn']): Moment[] {
  const { style, from, to, whole, tailMm, yarnPin, farPin } = facts;
  const yarn = Math.max(0, at.run.fabric.yarns.indexOf(facts.yarn));
  const first = from <= to ? 'low' : 'high';
  const shown = at.tube ? shownRound(at, from + 2) : shownAtEdge(at, from, first);
  const none: Partial<Look> = { working: null, gate: 'open' };
  const rag = style === 'rag';
  const loops: PinLoop[] = laidOver(facts).map((pin) => ({ pin, yarn: rag ? null : yarn }));
  const lay = laid(facts, at.cards);
  const card = at.cards.length > 0;
  const tails = [{ pin: from, yarn, mm: tailMm }];
  const working = { yarn, pin: from, where: 'aside', bumper: null } as const;
  const put: Moment[] = [];
  if (rag)
    put.push({ code: 'hung', facts: { from, to, whole }, sight: { of: 'pins', look: look(at, shown, { ...none, loops, tool: 'pick', moves: [] }) } }); // prettier-ignore
  else {
    put.push({ code: 'tail', facts: { mm: tailMm, pin: from }, sight: { of: 'pins', look: look(at, shown, { ...none, tails, working }) } }); // prettier-ignore
    // So far as it is seen: from the first pin on, the yarn going on to the next.
    const laying = first === 'low' ? shown : [...shown].reverse();
    const [low, high] = [Math.min(from, to), Math.max(from, to)];
    const begun = laying.slice(laying.indexOf(from)).filter((pin) => pin >= low && pin <= high);
    const seen = {
      lay: lay.filter(({ pin }) => begun.includes(pin)),
      working: { ...working, pin: begun.at(-1) ?? from }
    };
    const sight = { of: 'pins', look: look(at, shown, { ...none, ...seen, tails }) } as const;
    put.push(style === 'weave' ? { code: 'woven', facts: { from, to, whole, card }, sight } : { code: 'wrapped', facts: { from, to, card }, sight }); // prettier-ignore
  }
  const end = yarnPin ?? from;
  const side = end === Math.min(from, to) ? 'low' : 'high';
  const last = at.tube ? shown : shownAtEdge(at, end, side);
  const lies = rag ? [] : lay;
  const led = { yarn, pin: end, where: 'guide', bumper: null } as const;
  put.push({ code: 'gate', facts: { counts: false }, sight: { of: 'pins', look: look(at, last, { loops: rag ? loops : [], lay: lies, tails: rag ? [] : tails, working: led, gate: 'closed', turn: at.tube ? 'round' : null }) } }); // prettier-ignore
  if (yarnPin !== null && farPin !== null) {
    const turned = { ...led, bumper: yarnPin };
    put.push({ code: 'flick', facts: { pin: yarnPin, far: farPin }, sight: { of: 'pins', look: look(at, last, { loops, working: turned, gate: 'closed', turn: side === 'high' ? 'down' : 'up' }) } }); // prettier-ignore
  }
  return put;
}
