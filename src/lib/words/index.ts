export { english } from './en';
export { speak, type SaidStep, type Speech } from './speak';
export { becauseOf, evidenceName, figureName, withReasons } from './reasoning';
export { standIn, standInUnknown } from './stand-in';
export type { Talk } from './talk';
export type { Said, Words } from './words';
export { slipWords } from './en/slip';
export { worded, type SaidFinding, type SaidFix, type SaidResult } from './worded';
