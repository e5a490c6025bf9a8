export { echo, refuse, wordFault, type Fault, type Outcome } from './fault';
export { about, weakest, type Basis, type Figure, type FigureUnit } from './figure';
export type { Reason, ReasonEvidence, Reasons } from './reason';
export {
  handLength,
  MM_PER_INCH,
  readLength,
  showCut,
  showLength,
  showRun,
  type LengthRule,
  type Units
} from './length';
export { G_PER_OZ, showMass } from './mass';
export { remembered } from './remembered';
export { readAmount, readCount, readNumber, type CountRule } from './number';
export { showFigure, showRange } from './show';
export { denierOfTex, neOfTex, nmOfTex, texOfLabel } from './tex';
