export { planMeasures } from './plan';
export { hatRequest } from './request';
