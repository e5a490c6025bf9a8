export { planMeasures } from './plan';
export { hatRequest } from './request';
export { leftoverMeasures } from './leftovers';
