import type { TensionFacts } from '$lib/core/read';
import type { Talk } from '../talk';
import type { Words } from '../words';
import { holeName } from './moments';

const FINGERS = {
  loose: 'let the yarn run loose through the fingers',
  usual: 'hold the yarn as usual again',
  firm: 'hold the yarn firmer, between two fingers or one crossed over it'
} as const;

/** How the yarn runs from here on. */
export function tensionWords({ hole, holes, fingers }: TensionFacts): string {
  const parts = [
    ...(hole === null ? [] : [`the yarn through ${holeName(hole, holes)}`]),
    ...(fingers === null ? [] : [FINGERS[fingers]])
  ];
  return `From here on ${parts.join('; ')}.`;
}

/** Where a tape is held, where waste hangs below the work. */
const workOnly = (waste: boolean, t: Talk): string =>
  waste ? `, measured to the first ${t.terms.row} of the work, the waste not counted` : '';

/** What is due while rows go by. */
export const cues: Words['cues'] = {
  slow: (f, t) =>
    ({
      panel: `At either end slip the yarn under the bumper beyond the edge ${t.terms.pin}, with a light pull; never force the stop. A bumper let go: back up a few ${t.pins}, put the yarn under it. A loop standing at the edge: lift it off and pull the slack out.`,
      'by-hand': 'Turn to and fro by hand; at either end a light pull until the edge stitch is made.',
      tube: `Crank slowly for the first ${t.rows(f.until)}: that is when most stitches fall off.`
    })[f.how],
  'speed-up': (_f, t) => `All ${t.pins} hold now: find your speed, and pull slack ahead every few turns.`,
  loose: (_f, t) =>
    `Knit the next two or three ${t.terms.row}s loosely: the first is lifted back onto the ${t.pins} later.`,
  'yarn-hint': (f, t) =>
    f.stretch === 'little'
      ? `${t.yarn(f.yarn)} hardly stretches: its first ${t.terms.row}s very loose, then a little tension.`
      : `${t.yarn(f.yarn)} stretches: a little more tension, the yarn between two fingers.`,
  tie: (f, t) =>
    f.forGood
      ? `Knot the two tails of the join at ${t.row(f.row)} for good, not tight, and trim them.`
      : `Tie the two tails of the join at ${t.row(f.row)}; do not cinch.`,
  doughnut: () => 'The fabric nears the table: roll it up on itself like a doughnut, so that it pushes no stitch off.',
  'edge-loops': (_f, t) => `Push the loops at both edges down to the base of their ${t.pins}, and give a light pull.`,
  'cord-loops': (_f, t) =>
    `Push the loops of the cord down to the base of their ${t.pins}: narrow strips drop most stitches.`,
  tension: (f) => tensionWords(f),
  tape: (f, t) =>
    `By the tape: after ${t.row(f.row)} about ${t.len(f.mm)} hang from the ${t.pins}${workOnly(f.waste, t)}.`,
  marker: (f, t) =>
    `Hang a thread of another colour into the edge stitch at ${t.pin(f.pin)}: here ${f.underarm ? 'the body ends and the armhole begins' : 'this edge begins to slope'}, and the seam finds it again.`,
  own: (f) => (/[.!?]$/.test(f.text) ? f.text : `${f.text}.`),
  clog: (f) =>
    f.tube
      ? 'A long tube clogs the middle: untwist it and let it hang free.'
      : 'The cord grows long: let it hang free and untwist it.',
  'last-row': (f, t) =>
    f.tube ? `The last ${t.terms.row} is done: stop just before the marker.` : `The last ${t.terms.row} is done.`,
  // Told while the last row still goes: some pins before the marker is too late to say at the marker.
  change: (f, t, title) =>
    `Change yarn${f.before > 0 ? `, ${t.many(f.before, t.terms.pin, t.pins)} before the marker` : ''}: ${title}.`,
  hand: (_f, _t, title) => `${title}.`
};

export const tapes: Words['tapes'] = (facts, t) =>
  `By the tape about ${t.list(facts.map(({ mm }) => t.len(mm)))} hang from the ${t.pins}${workOnly(
    facts.some(({ waste }) => waste),
    t
  )}.`;

export const joined: Words['joined'] = (f, t) => {
  const marker =
    f.before > 0 ? `Stop ${t.many(f.before, t.terms.pin, t.pins)} before the marker` : 'Stop at the marker';
  const through = f.through ? ` through ${holeName(f.through.hole, f.through.holes)},` : '';
  const place = f.tube ? marker : 'Stop at the edge';
  if (f.first !== null) {
    const tail =
      f.first === 'tie'
        ? `its tail of ${t.len(f.newTailMm)} tied very loosely round the waste yarn, so that the first stitch is found later`
        : `its tail of ${t.len(f.newTailMm)} dropped into the middle`;
    return `${place}. Change to ${t.yarn(f.yarn)}: cut the waste yarn, ${t.len(f.tailMm)} to the middle; the new yarn${through} into the guide, ${tail}. Close the gate.`;
  }
  return `${place}. Change to ${t.yarn(f.yarn)}: the old yarn to the middle with a tail of ${t.len(f.tailMm)}, the new one${through} into the guide, its tail in the middle. Close the gate.`;
};
