import { pieceAt } from '../../knit';
import type { Executed } from '../../knit';
import type { What } from '../facts';
import type { Step } from '../steps';
import { castOn } from './cast-on';
import { decrease, hold, increase, newEnd } from './edge';
import { float } from './float';
import { hangOff } from './hang-off';
import { ladder } from './ladder';
import type { Look } from './look';
import type { Moment } from './moment';
import { rehang } from './rehang';
import { setMode, threadGuide, zeroCounter } from './set-up';
import { inGuide, look, shownAtEdge, shownRound, type Standing, standingBefore } from './standing';
import { join, turning } from './turning';

export type { Lay, Look, Move, Spot } from './look';
export { faultMoment } from './fault';
export { markedPins } from './standing';
export type { Moment, MomentCode, MomentFacts, Sight } from './moment';

/** Which operation a set-up step comes before: the first of its piece. */
const operationOf = (step: Step): number => step.operation ?? 0;

function momentsOfWhat(at: Standing, what: What, nth: number): readonly Moment[] {
  switch (what.say) {
    case 'mode':
      return setMode(what.facts);
    case 'guide':
      return threadGuide(at.run, what.facts);
    case 'castOn':
      return castOn(at, what.facts);
    case 'zeroCounter':
      return zeroCounter();
    case 'knit':
      return turning(at, what.facts);
    case 'rehang':
      return rehang(at, what.facts, nth);
    case 'ladder':
      return ladder(at, what.facts);
    case 'decrease':
      return decrease(at, what.facts);
    case 'increase':
      return increase(at, what.facts);
    case 'hold':
      return hold(at, what.facts);
    case 'newEnd':
      return newEnd(at, what.facts);
    case 'float':
      return float(at, what.facts);
    case 'hangOff':
      return hangOff(at, what.facts);
    case 'act':
      return [];
  }
}

/**
 * What a hand does in a step at the machine, moment by moment, each with what is seen as it begins. Everything in it is
 * read off the executed trace: which pins carry loops, where the yarn stands.
 *
 * @param nth of a step that goes pin by pin: the pin the hand is at, from 1
 * @returns none for work away from the machine, which has drawings of its own
 * @example momentsOf(result, step).map((m) => m.code) // ['aside', 'halfUp', 'three', 'back']
 */
export function momentsOf(run: Executed, step: Step, nth = 1): readonly Moment[] {
  if (step.what.say === 'act' || step.piece === null) return [];
  return momentsOfWhat(standingBefore(run, step.piece, operationOf(step)), step.what, nth);
}

/** The moments of the new yarn before the rows of a step; none where none is joined. */
export function joinMomentsOf(run: Executed, step: Step): readonly Moment[] {
  if (!step.joined || step.piece === null || step.operation === null) return [];
  const waste = step.joined.first !== null;
  return join(standingBefore(run, step.piece, step.operation), step.joined, waste);
}

/**
 * The pins as the next row begins.
 *
 * @param row of the piece, from 1, waste and all
 * @example ringLook(result, 0, 41).turn // 'round'
 */
export function ringLook(run: Executed, p: number, row: number): Look {
  const knitted = pieceAt(run, p).fabric;
  const index = knitted.operation[row - 1] ?? 0;
  const before = standingBefore(run, p, index);
  const [low, high] = [knitted.low[row - 1]!, knitted.high[row - 1]!];
  // The yarn stands where the row does not end.
  const pin = before.tube ? before.pin : knitted.yarnAt[row - 1] === 1 ? low : high;
  const at: Standing = { ...before, pin, yarn: knitted.yarn[row - 1]!, rows: row - 1 };
  const shown = at.tube ? shownRound(at, at.pin) : shownAtEdge(at, pin, pin === high ? 'high' : 'low');
  return look(at, shown, { working: inGuide(at), turn: at.tube ? 'round' : pin === high ? 'down' : 'up' });
}
