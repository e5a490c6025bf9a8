export { english } from './en';
export { speak, type SaidStep, type Speech } from './speak';
export type { Talk } from './talk';
export type { Said, Words } from './words';
export { slipWords } from './en/slip';
export { worded, type SaidFinding, type SaidFix, type SaidResult } from './worded';
