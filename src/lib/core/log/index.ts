export { type Compared, offBy, within } from './compared';
export { crankMinutes } from './minutes';
export { rowsByWeek } from './weeks';
