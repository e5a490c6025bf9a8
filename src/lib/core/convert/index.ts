export { convertCount, convertGauge } from './gauge';
export { weighIn } from './weigh-in';
