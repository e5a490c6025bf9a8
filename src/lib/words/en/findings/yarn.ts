import type { SayFinding } from '../../words';
import { slipWords } from '../slip';
import type { Talk } from '../../talk';

type OfYarn =
  | 'yarn-short'
  | 'yarn-scarce'
  | 'yarn-thick'
  | 'yarn-thin'
  | 'swatch-implausible'
  | 'waste-few'
  | 'waste-more'
  | 'phases-long'
  | 'ladder-clings'
  | 'weak-drawstring'
  | 'cord-marker';

const held = (f: { yarn: string; tex: number; strands: number }, t: Talk): string =>
  `${t.yarn(f.yarn)} (${t.num(f.tex)} tex${f.strands > 1 ? `, ${t.num(f.strands)} strands` : ''})`;
const hooks = (large: boolean): string => (large ? 'these hooks' : 'this small ring');

/** Yarn that runs out, does not suit the machine, or will not do what is asked of it. */
export const ofYarn: SayFinding<OfYarn> = {
  'yarn-short': (f, t) =>
    `Not enough ${t.yarn(f.yarn)}: ${t.mass(f.grams)} needed, ${t.mass(f.stock)} at hand; about ${t.run(f.missingM)} short.`,
  'yarn-scarce': (f, t) =>
    `${t.yarn(f.yarn)} may run out: ${t.mass(f.grams)} expected, up to ${t.mass(f.upTo)}, ${t.mass(f.stock)} at hand.`,
  'yarn-thick': (f, t) =>
    `${held(f, t)} is too thick for ${hooks(f.large)}: tightness ${t.num(f.factor, 1)}, above ${t.num(f.limit)} the hooks struggle.`,
  'yarn-thin': (f, t) =>
    `${held(f, t)} is too thin for ${hooks(f.large)}: tightness ${t.num(f.factor, 1)}, below ${t.num(f.limit)} the fabric is a net.`,
  'swatch-implausible': (f, t) =>
    `The swatch of ${t.day(f.on)} of ${t.yarn(f.yarn)}: ${slipWords(f.slip)}${f.aside ? ' It is not planned from until you count it on the Swatches page.' : ''}`,
  'waste-few': (f, t) =>
    `One ${t.terms.row} of waste yarn may unravel by itself; ${t.num(f.least)} are the least, 4 or 5 are enough.`,
  'waste-more': (f, t) =>
    `${t.rows(f.rows[0])} of waste before and ${t.num(f.rows[1])} after, where you usually knit ${t.num(f.habit[0])} and ${t.num(f.habit[1])}: ${t.run(f.metres)} more of waste yarn, which hold no better.`,
  'phases-long': (f, t) =>
    `The colours of ${t.yarn(f.yarn)} change slowly: once round all ${t.num(f.colours)} takes ${t.run(f.cycleM)}, this takes ${t.run(f.metres)} and shows ${t.num(f.shown)} of them at most. Where the ball begins decides which.`,
  'ladder-clings': (f, t) =>
    `${t.yarn(f.yarn)} is ${f.surface}: a stitch dropped on purpose will not run by itself, and every rung must be freed with a pick.`,
  'weak-drawstring': (f, t) => `${t.yarn(f.yarn)} is soft: strong once knitted, it snaps as a drawstring.`,
  'cord-marker': (f, t) =>
    `The ${t.piece(f.piece)} on ${t.pins} ${f.from} to ${f.to} of ${t.machine(f.machine)} reaches the marker: the catch of the counter makes the crank stick there.`
};
