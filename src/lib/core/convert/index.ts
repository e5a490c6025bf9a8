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
