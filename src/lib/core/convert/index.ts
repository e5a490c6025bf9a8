export { convertCount, convertGauge, type Conversion, type Converted } from './gauge';
export { betterStrands, substitute, type Candidate, type Original, type Substitute } from './substitute';
