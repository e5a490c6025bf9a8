import type { Talk } from '../talk';
import type { Words } from '../words';

const HOLE_NAMES: Readonly<Record<number, readonly string[]>> = {
  1: ['only'],
  2: ['small', 'large'],
  3: ['smallest', 'middle', 'largest']
};

/** "the smallest hole", "hole 4". */
export const holeName = (hole: number, holes: number): string => {
  const name = HOLE_NAMES[holes]?.[hole - 1];
  return name ? `the ${name} hole` : `hole ${hole}`;
};

export const pinsOf = (from: number, to: number, t: Talk): string =>
  from === to ? t.pin(from) : `${t.pins} ${from} ${from < to ? 'to' : 'down to'} ${to}`;

/** What comes back, and where to look. */
export const repeated: Words['repeated'] = (r, t) => {
  switch (r.at) {
    case 'pin':
      return `${t.sentence(t.pin(r.pin))}: ${t.num(r.times)} times now. Look at its hook.`;
    case 'first-rows':
      return `${t.num(r.times)} times in the first ${t.terms.row}s: crank them slower, and see that the cast-on lies in every hook.`;
    case 'yarn':
      return `${t.num(r.times)} times with ${t.yarn(r.yarn)}: another hole, less tension, and slack pulled ahead from the ball.`;
  }
};

/** Why a step was not done when its turn came. */
export const passed: Words['passed'] = {
  later: { label: 'Later', help: 'It stays in view until it is done.' },
  'not-needed': { label: 'Not needed', help: 'It is left out on purpose.' },
  'other-way': { label: 'Done another way', help: 'What it is for was had by other means.' },
  'too-late': { label: 'Too late now', help: 'It was forgotten, and the piece goes on without it.' }
};

/** One thing a hand does, in one short sentence: it is read from a metre and a half away, wool in hand. */
export const moments: Words['moments'] = {
  feet: (_f, t) => `Feet and clamps tight, every ${t.terms.pin} down.`,
  switch: (f, t) =>
    f.mode === 'tube-as-panel'
      ? `The switch at TUBE; you turn to and fro by hand over ${pinsOf(f.from, f.to, t)}${f.from > 1 ? ', away from the marker' : ''}.`
      : `The switch at ${f.mode === 'panel' ? 'PANEL' : 'TUBE'}, the ${t.marker(f.machineId)} marker ${t.terms.pin} at the guide.`,
  hole: (f, t) =>
    `${f.yarn ? t.yarn(f.yarn) : 'The yarn'}${f.strands > 1 ? `, ${f.strands} strands together,` : ''} through ${holeName(f.hole, f.holes)}.${{ much: ' It stretches: hold it between two fingers.', some: '', little: ' It hardly stretches: the first rows very loose.' }[f.stretch]}`,
  slack: () => 'Pull slack from the ball on the floor. The gate stays open until the cast-on is laid.',
  tail: (f, t) => `Let a tail of ${t.cut(f.mm)} hang in the middle, beside ${t.pin(f.pin)}.`,
  woven: (f, t) =>
    `In front of one ${t.terms.pin}, behind the next, ${f.whole ? `all ${t.num(f.to)}` : pinsOf(f.from, f.to, t)}: no pull, none skipped.${f.card ? ' Round the card too.' : ''}`,
  wrapped: (f, t) =>
    `Wrap ${pinsOf(f.from, f.to, t)} one by one, snug, not tight.${f.card ? ' Round the card too.' : ''}`,
  hung: (f, t) => `One open loop of the strip on every ${t.terms.pin}${f.whole ? '' : `, ${pinsOf(f.from, f.to, t)}`}, none skipped.`, // prettier-ignore
  gate: (_f, t) => `Lay the yarn in the guide and close the gate. This pass is no counted ${t.terms.row}.`,
  flick: (f, t) => `Crank one stitch past ${t.pin(f.pin)}, until the yarn flicks under the bumper there. The first ${t.terms.row} runs back to ${t.pin(f.far)}.`, // prettier-ignore
  zero: (_f, t) => `The counter to zero: the next turn is ${t.row(1)} of the section.`,
  stop: (f, t) => {
    const marker = f.before > 0 ? `${t.many(f.before, t.terms.pin, t.pins)} before the marker, at ${t.pin(f.pin)}` : 'at the marker'; // prettier-ignore
    return `Stop ${f.tube ? marker : `at the edge, at ${t.pin(f.pin)}`}. ${t.yarn(f.yarn)} comes in.`;
  },
  oldOut: (f, t) => `Cut the ${f.waste ? 'waste' : 'old'} yarn and lay ${t.len(f.mm)} of it into the middle.`,
  newIn: (f, t) =>
    `${t.yarn(f.yarn)} into the guide, its tail of ${t.len(f.mm)} ${f.first === 'tie' ? 'tied very loosely round the waste yarn' : 'into the middle'}. Close the gate.`,
  turning: (f, t) =>
    f.pin === null || f.far === null
      ? f.slow
        ? 'Turn on, slowly: most stitches fall off now.'
        : 'Turn on.'
      : `From ${t.pin(f.pin)} to ${t.pin(f.far)}${f.slow ? ', slowly' : ''}; yarn under the bumper, a light pull, never force the stop.`,
  rise: (f, t) => `Turn until ${t.pin(f.pin)} rises.`,
  lift: (f, t) => `Lift the loop of ${t.row(f.row)} below it onto ${t.pin(f.pin)}, above the waste, not of it.`,
  aside: (f, t) => `Open the gate. The yarn, at ${t.pin(f.pin)}, out of the guide and out of the way.`,
  halfUp: (f, t) => `Turn slowly until ${pinsOf(f.from, f.to, t)} ${f.from === f.to ? 'rises' : 'rise'} half way.`,
  three: (f, t) =>
    `Lift three loops: 1 from ${t.pin(f.inner)} onto ${t.pin(f.nearest)}, 2 the one of ${t.pin(f.nearest)} back on top, 3 from ${t.pin(f.pin)} onto ${t.pin(f.inner)}.`,
  four: (f, t) =>
    `Lift four loops: 1 from ${t.pin(f.nearest)} onto ${t.pin(f.deepest)}, 2 the one of ${t.pin(f.deepest)} back on top, 3 from ${t.pin(f.inner)} onto ${t.pin(f.nearest)}, 4 from ${t.pin(f.pin)} onto ${t.pin(f.inner)}.`,
  fourDouble: (f, t) =>
    `Lift four loops: 1 and 2 from ${t.pin(f.inner)} and ${t.pin(f.nearest)} onto ${t.pin(f.deepest)}, 3 the one of ${t.pin(f.deepest)} back on top, 4 from ${t.pin(f.pin)} onto ${t.pin(f.nearest)}.`,
  one: (f, t) => `The loop of ${t.pin(f.pin)} onto ${t.pin(f.inner)}.`,
  below: (f, t) => `Pick the loop below the edge stitch of ${t.pin(f.pin)} onto the empty ${t.pin(f.next)}.`,
  take: (f, t) =>
    `Take ${t.stitches(f.stitches)}, ${pinsOf(f.from, f.to, t)}, onto a needle with waste yarn, in this order, as each ${t.terms.pin} rises.`,
  back: (f, t) => `Push the ${t.pins} down. The yarn under the bumper beside ${t.pin(f.pin)}, into the guide; close the gate.`, // prettier-ignore
  cutHere: (f, t) =>
    `Cut at ${t.pin(f.pin)}: ${f.mm === f.newMm ? `${t.cut(f.mm)} at either end` : `${t.cut(f.mm)} of the old end, ${t.cut(f.newMm)} of the new one`}; the old end to the middle.`,
  newEnd: (f, t) => `Slip the new end under the bumper at ${t.pin(f.pin)}, its tail to the middle; hold it for the first stitches.`, // prettier-ignore
  cards: (f, t) =>
    `A card${f.cardMm === null ? '' : ` ${t.small(f.cardMm)} wide`} stands behind ${f.after.length === 1 ? t.terms.pin : t.pins} ${t.list(f.after.map(String))}.`,
  over: (_f, t) => `In every ${t.terms.row}: stop with the guide over the card and push the ${t.pins} beside it down.`,
  roundCard: () => 'The yarn out of the guide, round the card, and back into the guide. Always the same pull.',
  offPin: (f, t) => `Lift the ${f.pins.length === 1 ? 'stitch' : 'stitches'} off ${f.pins.length === 1 ? t.terms.pin : t.pins} ${t.list(f.pins.map(String))}.`, // prettier-ignore
  runsDown: () => 'Help it run to the cast-on with a pick; clingy wool needs help at every rung.',
  cutTail: (f, t) =>
    `Cut a tail of ${t.cut(f.mm)}${f.turns === null ? '' : `, ${t.num(f.turns, 1)} turns of the ring`}${f.doubled ? ', to be used doubled' : ''}.`,
  noYarn: (f, t) =>
    f.empty
      ? `The yarn out of the guide. Crank nearly once round without yarn, and stop a few ${t.pins} before the start: past it, live loops drop or sit on ${t.pins} again.`
      : `The yarn out of the guide. Crank one ${t.terms.row} without yarn, stopping at each ${t.terms.pin}.`,
  needle: (f, t) =>
    `From ${t.pin(f.pin)} on: as each ${t.terms.pin} drops its stitch, take it from inside to outside onto the needle, a finger over the next one.${f.threads > 1 ? ` A thread of its own for every run of ${t.pins} between two cards: ${t.num(f.threads)} threads.` : ''}`,
  taken: (f, t) =>
    `Count them on the ${f.live ? 'thread' : 'needle'}: ${t.stitches(f.stitches)}.${f.live ? ' They stay live until they are joined.' : ''}`,
  drawThrough: (f, t) => `Draw the tail through all ${t.stitches(f.stitches)} with a needle.`,
  hookTwo: (f, t) => `With a hook take the stitches of ${t.pin(f.pin)} and ${t.pin(f.next)}; pull the second through the first.`, // prettier-ignore
  hookOn: (f, t) => `Pull the next one, of ${t.pin(f.next)}, through it, and so on ${f.panel ? 'along the edge' : 'round the ring'}: firm, not tight.`, // prettier-ignore
  hookEnd: (f, t) => `The end, ${t.cut(f.mm)}, through the last one.`,
  cutWaste: () => 'Cut the yarn and lay it into the middle.',
  markIt: (f, t) =>
    `Mark the loop of ${t.row(f.row)} below ${t.pin(f.pin)} at once, so that it runs no further. It is latched up when finishing; if you have the pick, latch it up now, from the purl side, and set it on the ${t.terms.pin}.`,
  pushDown: (f, t) =>
    `Push the loops on ${t.pin(f.pin)} down, pull slack ahead from the ball, and roll the fabric up if it bunches below.`,
  setWhole: (f, t) => `Lift the loop off ${t.pin(f.pin)} and set the whole strand on it.`,
  liftOff: (f, t) =>
    `Lift the loop that stands at ${t.pin(f.pin)} off and pull the slack out; then a light pull at every turn.`,
  newBall: (f, t) =>
    `Cut the knot out, or let the old ball end: both ends ${t.len(f.mm)} long into the middle, the new one into the guide, gate closed. Crank on slowly; both are tied after some ${t.terms.row}s.`,
  tearBack: (f, t) => `Tear back to before ${t.row(f.row)}, or begin again while it is early.`,
  fall: (f, t) =>
    `Crank on without yarn until the ${f.panel ? `panel falls off: to the end of the ${t.terms.row} and back` : 'tube falls off'}. The last loops may need a pull.`
};
