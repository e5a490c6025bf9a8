export { make, type Made } from './made';
export { ACTS, type FactsOf, type TailGroup } from './acts';
export type { Left, LeftCode, LeftFacts } from './check';
export { REFUSAL_CODES, type Refusal, type RefusalCode, type RefusalFacts } from './refusal';
export { type CutWhat, type Part, type Run, type Seam, type State } from './state';
export { isOutside } from './layers';
export { actIds, type Did, stateBefore, walk } from './work';
export { hookYarnMm, seamYarnMm } from './lengths';
