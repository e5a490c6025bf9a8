export type { Cue } from './cues';
export { observationsOf, type TubeMeasured } from './observe';
export { execute, rowRuns, workRows, workSpan, type Executed, type RowRun } from './executed';
export {
  heightOfRow,
  readOutline,
  type Band,
  type HatOutline,
  type Outline,
  type TubeOutline,
  type WornBand
} from './outline';
export { readPace, type Pace } from './pace';
export {
  foldHat,
  PLACE_WORDS,
  placeCode,
  PLACES,
  readReveal,
  type FoldedHat,
  type PlaceName,
  type Reveal
} from './reveal';
export { readSizes, type PieceSize, type Sizes, type WornSize } from './size';
export { readSteps, type Step } from './steps';
export { ANNOUNCE_ROWS, cuesAhead, nextAt, rowsOf, type Ahead, type Next, type Position } from './track';
export { readYarnUse, type YarnPart, type YarnUse } from './yarn-use';
