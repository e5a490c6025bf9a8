import type { Talk } from '../talk';
import type { Words } from '../words';
import { tensionWords } from './cues';
import { holeName, pinsOf } from './moments';

/** What a yarn's behaviour asks of the hand that holds it (craft 5.9). */
const TENSION = {
  much: ' It stretches: a little more tension, the yarn between two fingers.',
  some: '',
  little: ' It hardly stretches: the first rows very loose, then a little tension.'
} as const;

/** Side a full-fashioned decrease leans to on the finished knit side, where the low pins are the right edge (craft 8.3). */
const LEANS = { low: 'left', high: 'right' } as const;

/** What every shaping of an edge begins and ends with (craft 8.2). */
const ready = (t: Talk): string => `Yarn out of the guide; turn until the edge ${t.pins} rise half way.`; // prettier-ignore
const onAgain = (pin: number, t: Talk): string => `Push down; yarn under the bumper beside ${t.pin(pin)}, back into the guide, gate closed.`; // prettier-ignore

/** What is done at the machine. */
export const steps: Words['steps'] = {
  mode: (f, t) => ({
    title: `Switch ${t.machine(f.machineId)} to ${f.mode === 'panel' ? 'PANEL' : 'TUBE'}`,
    detail:
      f.mode === 'tube-as-panel'
        ? `Feet and clamps tight. You turn to and fro by hand over ${t.pins} ${f.from} to ${f.to}${f.from > 1 ? ', away from the marker, where the catch makes the crank stick' : ''}.`
        : `Feet and clamps tight, every ${t.terms.pin} down, the ${t.marker(f.machineId)} marker ${t.terms.pin} at the yarn guide.`
  }),
  guide: (f, t) => ({
    title: `Thread the yarn through ${holeName(f.hole, f.holes)}`,
    detail: `${f.yarn ? t.yarn(f.yarn) : 'The yarn'}${f.strands > 1 ? `, ${f.strands} strands together` : ''}, pulled slack from the ball on the floor. The gate stays open until the cast-on is laid.${TENSION[f.stretch]}`
  }),
  castOn: (f, t) => {
    // Which they are is said where they are not all of the ring.
    const which = f.whole ? `, all ${t.num(f.to)} of the ring` : `, ${pinsOf(f.from, f.to, t)}`;
    // A panel is cranked one stitch beyond its last pin, so that the yarn flicks under the bumper there.
    const flick =
      f.yarnPin === null || f.farPin === null
        ? ''
        : ` The yarn now stands at ${t.pin(f.yarnPin)}: crank one stitch past it until the yarn flicks under the bumper there; the first ${t.terms.row} runs back from ${t.pin(f.yarnPin)} to ${t.pin(f.farPin)}.`;
    const lost = f.lost
      ? ` PANEL mode loses the stitches at the end of the ring: ${t.num(f.lost.knitted)} are knitted, the first on ${t.pin(f.lost.first)}.`
      : '';
    const begin = `lay the yarn in the guide and close the gate.${flick}${lost}`;
    switch (f.style) {
      case 'rag':
        return {
          title: `Hang the reusable strip on the ${t.pins}`,
          detail: `One open loop of the strip on every ${t.terms.pin}${which}, none skipped. L${begin.slice(1)}`
        };
      case 'e-wrap':
        return {
          title: `Wrap the cast-on in ${t.yarn(f.yarn)}`,
          detail: `Leave a tail of ${t.cut(f.tailMm)}. Wrap ${pinsOf(f.from, f.to, t)} one by one, snug, not tight. Then ${begin}`
        };
      case 'weave':
        return {
          title: `Weave the cast-on in ${t.yarn(f.yarn)}`,
          detail: `Leave a tail of ${t.cut(f.tailMm)} hanging in the middle. In front of one ${t.terms.pin}, behind the next${which}, no pull on the yarn, none skipped. Then ${begin} This pass is not a counted ${t.terms.row}.`
        };
    }
  },
  zeroCounter: (_f, t) => ({
    title: 'Set the counter to zero',
    detail: `The next turn is ${t.row(1)} of the section.`
  }),
  knit: (f, t) => {
    const where = t.sentence(t.span(f.from, f.to));
    const tape =
      f.hangsMm === null
        ? ''
        : ` Hanging on the ${t.pins} these ${t.terms.row}s alone are about ${t.len(f.hangsMm)} long.`;
    const blind = f.tube ? tape : ` The counter does not count here: Tomble does.${tape}`;
    const what = {
      work: `${where} of the piece.${f.lifts ? ` The lifting was ${t.row(1)} of these ${t.num(f.rows)}: do not count it beside them.` : ''}${blind}${f.tension ? ` ${tensionWords(f.tension)}` : ''}`,
      waste: `${where}. ${f.rows === 1 ? `This ${t.terms.row} comes` : `These ${t.terms.row}s come`} out again.`,
      separator: `${where}. One ${t.terms.row} to pull out, so that the waste falls away.`
    };
    return { title: `${f.section}: ${t.rows(f.rows)} in ${t.yarn(f.yarn)}`, detail: what[f.purpose] };
  },
  rehang: (f, t) => ({
    title: `Crank ${t.row(f.into)} ${t.terms.pin} by ${t.terms.pin} and lift ${t.row(f.row)} in it`,
    detail: `Turn slowly. As each ${t.terms.pin} rises, lift the loop of ${t.row(f.row)} in the same column, above the waste, not of it, onto the ${t.terms.pin}; the turn knits both together. ${f.pins} of them; the first is the hardest, and some begin at the second. Keep the start tail out of it, and push each lifted loop down to the base. It gets tight towards the end. This turn is ${t.row(1)} of the next ${t.num(f.ofRows)}. Go slowly on the next ${t.terms.row} too: a stiff ${t.terms.row} here is normal.`,
    why: 'A doubled edge lies flat and holds a cord; a single one rolls up.'
  }),
  ladder: (f, t) => ({
    title: `Let ${f.pins.length === 1 ? 'a stitch' : t.stitches(f.pins.length)} run down at ${t.terms.pin} ${t.list(f.pins.map(String))}`,
    detail: `Lift the stitch off ${t.terms.pin} ${t.list(f.pins.map(String))} and help it run to the cast-on with a pick. Clingy wool may need help at every ${t.terms.row}.`
  }),
  decrease: (f, t) => {
    const title = `Decrease ${f.stitches === 1 ? 'one' : 'two'} at the edge of ${t.pin(f.pin)}`;
    const leans = `${onAgain(f.edge, t)} On the knit side it leans ${LEANS[f.side]}.`;
    switch (f.method) {
      case 'full-fashioned':
        return {
          title,
          detail: `${ready(t)} With the pick lift three edge stitches: the middle one first, onto ${t.pin(f.nearest)}; the innermost on top; the edge stitch onto ${t.pin(f.inner)}. ${leans}`,
          why: 'Full-fashioned: a neat edge column for the seam. Simple: quicker, for edges that are hidden.'
        };
      case 'two-edge':
        return {
          title,
          detail: `${ready(t)} With the pick lift four edge stitches: the third from the edge first, onto ${t.pin(f.deepest)}; the innermost on top; then the two edge stitches, onto ${t.pin(f.nearest)} and ${t.pin(f.inner)}. ${leans}`,
          why: 'Two edge stitches: a wider neat edge, for a band. One edge stitch: quicker, for a seam.'
        };
      case 'double':
        return {
          title,
          detail: `${ready(t)} With the pick lift four edge stitches: the two in the middle first, both onto ${t.pin(f.deepest)}; the innermost on top; the edge stitch onto ${t.pin(f.nearest)}. ${t.sentence(t.pins)} ${Math.min(f.pin, f.inner)} and ${Math.max(f.pin, f.inner)} are empty. ${leans}`,
          why: 'A double one takes two away: half as many stops, a steeper edge.'
        };
      case 'simple':
        return {
          title,
          detail: `${ready(t)} Move the edge stitch from ${t.pin(f.pin)} onto its neighbour, ${t.pin(f.inner)}; ${t.pin(f.pin)} is empty. ${onAgain(f.inner, t)}`
        };
    }
  },
  increase: (f, t) => ({
    title: `Increase one at the edge of ${t.pin(f.pin)}`,
    detail: `${ready(t)} Pick the loop of the ${t.terms.row} below at the edge onto the empty ${t.pin(f.next)}, beside the edge. ${onAgain(f.next, t)}`
  }),
  hold: (f, t) => ({
    title: `Take ${t.stitches(f.stitches)} off at the edge of ${t.pin(f.pin)}`,
    detail: `The yarn must hang here, at ${t.pin(f.pin)}, out of the guide. Turn slowly, and as each ${t.terms.pin} rises take ${f.from === f.to ? `the stitch of ${t.pin(f.from)}` : `the stitches of ${t.pins} ${f.from} to ${f.to}, one by one,`} onto a needle with waste yarn. They are chained off later. ${onAgain(f.next, t)} Go on from ${t.pin(f.next)}.`
  }),
  newEnd: (f, t) => ({
    title: `Cut the yarn and begin at ${t.pin(f.pin)}`,
    detail: `Leave ${f.oldMm === f.newMm ? `${t.cut(f.oldMm)} at either end of the cut` : `${t.cut(f.oldMm)} of the old end and ${t.cut(f.newMm)} of the new one: each chains off the stitches that wait beside it`}, the old end to the middle. Slip the new end under the bumper at ${t.pin(f.pin)}, its tail to the middle, into the guide, gate closed; hold the tail for the first stitches.`
  }),
  float: (f, t) => ({
    title: `Set the card for ${t.many(f.after.length, 'group', 'groups')} of ${t.many(f.columns, 'column', 'columns')}`,
    detail: `${f.cardMm === null ? 'A card' : `A card ${t.small(f.cardMm)} wide`} stands on the ring behind ${f.after.length === 1 ? t.terms.pin : t.pins} ${t.list(f.after.map(String))}, ${f.castOn ? 'in the cast-on and ' : ''}in every ${t.terms.row} of the work: stop with the guide over it, push the ${t.pins} beside it down, take the yarn out, lay it round the card, back into the guide. Always the same pull.`
  }),
  hangOff: (f, t) => {
    const thread = f.thread ? t.yarn(f.thread) : 'a thread';
    const off = t.sentence(t.terms.off);
    switch (f.style) {
      case 'drawstring':
        return f.gather
          ? {
              title: 'Gather the last stitches onto the tail',
              detail: `Cut a tail of ${t.cut(f.threadMm)} and draw it through all ${t.stitches(f.stitches)} with a needle.`
            }
          : {
              title: `${off} onto ${thread}`,
              detail: `Cut a tail of ${t.cut(f.threadMm)} (${t.num(f.turns, 1)} turns of the ring${f.doubled ? ', to be used doubled' : ''}). Take the yarn out of the guide and ${f.empty ? `crank nearly once round with no yarn: stop a few ${t.pins} before the start. Then take all stitches from inside to outside onto the needle, a thumb on the next one.` : `crank one ${t.terms.row} with no yarn while lifting: as each ${t.terms.pin} drops its stitch, take it from inside to outside onto the needle, several at a time, a finger over the next one. Stop cranking between.`}`
            };
      case 'thread':
        return {
          title:
            f.threads > 1
              ? `Take the last ${t.stitches(f.stitches)} onto ${t.num(f.threads)} threads`
              : `Take the last ${t.stitches(f.stitches)} onto a thread`,
          detail: `Cut the yarn, its end to the middle. ${t.sentence(t.pins)} ${f.low} to ${f.high}: crank without yarn, and as each ${t.terms.pin} drops its stitch take it from inside to outside onto a needle with ${t.cut(f.threadMm)} of waste thread${f.threads > 1 ? ' in all' : ''}, a finger over the next one. ${f.threads > 1 ? `A thread of its own for every run of ${t.pins} between two cards, so that nothing stretches: the columns that are latched up go on between them, in order. ` : ''}They stay live until they are chained or joined.`
        };
      case 'chain':
        return {
          title: `Chain the stitches off in ${f.thread ? t.yarn(f.thread) : 'the yarn'}`,
          detail: `Leave ${t.cut(f.threadMm)} of yarn. With a hook take two stitches off, ${f.panel ? `from ${t.pin(f.yarnPin)}, where the yarn is` : 'from the marker'}, pull the second through the first, then the next through that, ${f.panel ? 'along the edge' : 'round the ring'}: firm, not tight. Pull the end through the last one.`,
          why: 'Chained off: an edge that is done at once. On waste yarn the stitches stay live for a later edge.'
        };
      case 'waste':
        return {
          title: 'Crank off the waste',
          detail: `Cut the yarn, lay it to the middle and crank on without it until the ${f.panel ? 'panel falls off: to the end of the ' + t.terms.row + ' and back' : 'tube falls off'}. The last loops may need a pull. The waste holds the stitches.`
        };
    }
  }
};
