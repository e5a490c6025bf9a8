export { gathered } from './alike';
export { convertCount, convertGauge } from './gauge';
export { weighIn } from './weigh-in';
export { nearestYarns, substitute, workYarns, type Candidate, type Original, type Substitute } from './substitute';
export type { Against } from './verdict';
