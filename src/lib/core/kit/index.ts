export { colourDifference } from './colour';
export { gaugeFor, PRACTICE, usualHole, type Gauge } from './gauge';
export { Habits } from './habits';
export { Kit, machineOf, yarnOf } from './kit';
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
export { DEFAULT_PIN_SPACING_MM, isLarge, Machine, ringMm, USUAL_PINS } from './machine';
export { asCounts, asLengths, perCm, Statement, Swatch, type PerCm } from './swatch';
export { heldTex, Hex, strandTex, Yarn, yarnName } from './yarn';
