import type { Act } from '$lib/core/plan';
import type { Step } from '$lib/core/read';

/**
 * Ids of ticked steps as the first release kept them named a position and a procedure: `f3.drawShut`. Today an id names act,
 * part and edge. What the old procedures are called now; one that is gone stands for nothing.
 */
const OLD: Readonly<Record<string, Act['do']>> = {
  threadEdge: 'thread',
  removeWaste: 'wasteOff',
  drawShut: 'draw',
  pushInside: 'fold',
  joinCrowns: 'tie',
  zipEdges: 'join',
  drawBoth: 'draw',
  checkJoins: 'tie',
  weaveIn: 'weave',
  turnUp: 'fold',
  pompom: 'pompom',
  ties: 'cord',
  flatClose: 'join',
  crochetEdge: 'bind',
  chain: 'cord',
  threadCord: 'threadCord',
  turnOut: 'turn',
  seam: 'join',
  chainHeld: 'bind',
  block: 'block',
  edging: 'bind',
  latch: 'latch',
  twist: 'join',
  chainLadder: 'join',
  sewToe: 'join',
  ears: 'waist',
  foldBag: 'fold',
  cuff: 'bind',
  stuff: 'fill',
  waist: 'waist',
  attach: 'sewOn',
  face: 'fix',
  string: 'hang'
};

const OLD_ID = /^f(\d+)\.([A-Za-z]+)$/;

/**
 * Steps of a later release that are told the other way round now: of a hat that is folded into itself the last-knitted end
 * goes in, and its tail comes out. What was ticked stays ticked.
 */
const TOLD_ANEW: readonly (readonly [RegExp, string])[] = [
  [/^(hand\.bringOut\.\d+)\.cast-on$/, '$1.hung-off'],
  // The ladders of a wrap are chained in one go: done once the last stretch of it was.
  [/^hand\.join\.1\+2\.sleeve-right$/, 'hand.chainRungs.1+2.ladder-upper'],
  [/^hand\.bind\.2\.neck-back$/, 'hand.chainRungs.2.ladder-upper-back'],
  [/^hand\.join\.1\+2\.underarm-right$/, 'hand.chainRungs.1+2.ladder-lower'],
  [/^hand\.bind\.2\.body-back$/, 'hand.chainRungs.2.ladder-lower-back']
];

/** The id of a step today. */
function idToday(id: string, steps: readonly Pick<Step, 'id'>[]): string {
  if (steps.some((step) => step.id === id)) return id;
  const anew = TOLD_ANEW.map(([was, now]) => id.replace(was, now)).find((other) => other !== id);
  return anew !== undefined && steps.some((step) => step.id === anew) ? anew : id;
}

/** What tells acts of one kind apart that two old procedures became. */
const ALSO: Readonly<Record<string, RegExp>> = {
  pushInside: /inside|pinch/,
  turnUp: /brim/,
  foldBag: /pouch|flat/,
  joinCrowns: /crowns/,
  checkJoins: /joins/
};

/**
 * The ticks of a project as ids of today's steps. A tick of the first release is carried over to the same doing: the first
 * one that was ticked to the first there is, and so on, as steps are ticked in their order. Ids of today stay as they are.
 *
 * @param steps the finishing steps of the plan
 * @example tickedIds(['f0.drawShut'], steps) // ['hand.draw.1.cast-on']
 */
export function tickedIds(finished: readonly string[], steps: readonly Pick<Step, 'id' | 'what'>[]): string[] {
  const old = finished
    .flatMap((id) => {
      const match = OLD_ID.exec(id);
      return match ? [{ at: Number(match[1]), doing: match[2]! }] : [];
    })
    .sort((a, b) => a.at - b.at);
  const kept = finished.filter((id) => !OLD_ID.test(id)).map((id) => idToday(id, steps));
  const used = new Set(kept);
  for (const { doing } of old) {
    const now = OLD[doing];
    const step = steps.find(
      (s) => s.what.say === 'act' && s.what.did.do === now && !used.has(s.id) && (ALSO[doing]?.test(s.id) ?? true)
    );
    if (step) used.add(step.id);
  }
  return [...used];
}
