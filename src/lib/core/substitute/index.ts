export { gathered } from './alike';
export { type Answer, ask, inOrder, newStops, type Substitute, workYarns } from './compare';
export { type Question, tubeBrief } from './question';
export { type Candidate, rankedYarns } from './rank';
export { type Swap, swapsOf } from './swap';
export type { Against } from './verdict';
