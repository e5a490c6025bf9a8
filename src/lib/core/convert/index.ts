export { gathered, type Alike } from './alike';
export { convertCount, convertGauge, type Conversion, type Converted } from './gauge';
export { weighIn, type WeighIn } from './weigh-in';
export {
  betterStrands,
  nearestYarns,
  substitute,
  workYarns,
  type Candidate,
  type Original,
  type Substitute
} from './substitute';
export type { Against } from './verdict';
