export { alongRows, ballEndRows, type BallEndRow, type RowYarn } from './along';
export { type Joins, readJoins } from './joins';
export { centredOnBrim, fatesOf, hiddenJoin } from './moves';
export { cycleMetres, type PhaseRun, phaseRuns, type PhaseShow, phaseShow, winding, type WoundBall } from './phases';
export { offBy, recolour, sectionsOf } from './recolour';
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
  shares,
  split
} from './sections';
export { type Fate, fateOf, FATES, readSeen, type SeenYarn } from './seen';
