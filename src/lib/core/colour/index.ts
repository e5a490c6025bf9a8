export { alongRows, ballEndRows } from './along';
export { explicit } from './explicit';
export { readJoins } from './joins';
export { isMeasured } from './measured';
export { centredOnBrim, fatesOf, hiddenJoin } from './moves';
export { cycleMetres, phaseRings, phaseRuns, phaseShow, winding } from './phases';
export { offBy, recolour } from './recolour';
export { sectionsOf } from './sections-of';
export { blocks, byChance, fibonacci, gradient, stripes } from './rules';
export {
  cutTo,
  fitTo,
  flip,
  gathered,
  lock,
  merge,
  mirror,
  moveBorder,
  paint,
  remove,
  reorder,
  repeat,
  setRows,
  split,
  tighten
} from './sections';
export { type Fate, FATES, readSeen } from './seen';
