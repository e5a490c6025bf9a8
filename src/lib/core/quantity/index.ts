export { echo, wordFault, type Fault } from './fault';
export { about, weakest, type Basis, type Figure } from './figure';
export type { Reason, ReasonEvidence, Reasons } from './reason';
export { readLength, showCut, showLength, showRun, showSmall, type Units } from './length';
export { showMass } from './mass';
export { remembered } from './remembered';
export { readAmount, readCount, readNumber } from './number';
export { showArea, showFigure, showRange } from './show';
export { nmOfTex, texOfLabel } from './tex';
