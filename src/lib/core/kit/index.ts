export { colourDifference } from './colour';
export { evidenceFor, gaugeOfSwatch, inState, PIECE_SD, type Evidence, type Nearness } from './evidence';
export { gaugeFor, learnedGauge, PRACTICE, practiceFor, usualHole, type Gauge, type Learned } from './gauge';
export { Habits, Terms } from './habits';
export { hangingCourse } from './hanging';
export { rulesOf } from './edition';
export { EDITION, Kit, machineOf, yarnOf, yarnsById } from './kit';
export { learn, movesOf, type Estimate, type Move, type Prior } from './learn';
export {
  courseWhenStretched,
  diameterMm,
  loopLengthMm,
  mundenOf,
  NET_BELOW,
  STATES,
  STRUGGLE_ABOVE,
  tightness,
  type FabricState
} from './loop';
export { DEFAULT_PIN_SPACING_MM, isLarge, lengthAcross, Machine, ringMm, spacingAcross, USUAL_PINS } from './machine';
export { combined, NINE_TENTHS, nineTenths, updated, type Normal } from './normal';
export { Observation } from './observation';
export { asCounts, asLengths, type Counted, measurementsOf, perCm, Statement, Swatch, type PerCm } from './swatch';
export { FINGER_TENSIONS, type FingerTension } from './finger-tension';
export { proposeBehaviour, readFibre, type Proposal } from './fibre';
export { presetFor, PRESETS } from './presets';
export { className, classOfLabel, WEIGHT_CLASSES, wrapsPerInch } from './weight-class';
export { PLAUSIBLE_RATIO, slipOf, type Slip } from './slip';
export { ballsAtHand, heldTex, Hex, strandTex, Yarn } from './yarn';
export { yarnName } from './yarn-name';
