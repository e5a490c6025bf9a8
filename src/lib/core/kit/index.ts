export { ALIKE_COLOURS, colourDifference } from './colour';
export { inState, isSwapped } from './doubted';
export { evidenceFor, gaugeOfSwatch, type Evidence } from './evidence';
export { toldGauges } from './told-gauges';
export { gaugeFor, statedGauge, learnedGauge, usualHole, type Gauge, type Learned } from './gauge';
export { practiceFor } from './practice';
export { Habits, Terms } from './habits';
export { hangingCourse } from './hanging';
export { type ChangeCode, rulesOf } from './edition';
export { EDITION, Kit, machineOf, yarnOf, yarnsById } from './kit';
export {
  courseWhenStretched,
  diameterMm,
  loopLengthMm,
  NET_BELOW,
  STRUGGLE_ABOVE,
  tightness,
  type FabricState
} from './loop';
export { DEFAULT_PIN_SPACING_MM, isLarge, lengthAcross, Machine, ringMm, spacingAcross } from './machine';
export { USUAL_PINS } from './usual-pins';
export { Observation } from './observation';
export { asCounts, asLengths, measurementsOf, perCm, Statement, Swatch, type PerCm } from './swatch';
export { FINGER_TENSIONS, type FingerTension } from './finger-tension';
export { proposeBehaviour } from './fibre';
export { presetFor } from './presets';
export { className, classOfLabel, wrapsPerInch } from './weight-class';
export { PLAUSIBLE_RATIO, slipOf, type Slip } from './slip';
export { Id, newestFirst, shownText } from './text';
export { ballsAtHand, heldTex, Hex, strandTex, Yarn } from './yarn';
export { yarnName } from './yarn-name';
