export type { Device, Heard, Release } from './device';
export { serialDevice, serialOffered } from './serial';
export { TurnCounter, type Tally } from './turns';
export { virtualCrank } from './virtual-crank';
export { virtualScale } from './virtual-scale';
