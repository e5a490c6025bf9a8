export { english } from './en';
export { speak, type SaidStep, type Speech } from './speak';
export type { Talk } from './talk';
export type { Said, Words } from './words';
export { worded } from './worded';
