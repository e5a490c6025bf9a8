export { make, type Made } from './made';
export { ACTS, type FactsOf, type TailGroup } from './acts';
export type { Left, LeftCode, LeftFacts, Opening, Thing } from './check';
export { isOff } from './off';
export { REFUSAL_CODES, type Refusal, type RefusalCode, type RefusalFacts } from './refusal';
export {
  CUT_WHATS,
  type Cut,
  type CutWhat,
  type Fate,
  type Hold,
  type Part,
  type Run,
  type Seam,
  type SeamSide,
  type State,
  type Surface,
  type Tail
} from './state';
export { reachable } from './tails';
export { type Did, piecesOf, stateBefore, work, type Worked } from './work';
export { hookYarnMm, seamYarnMm } from './lengths';
