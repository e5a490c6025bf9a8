export type { Cue } from './cues';
export { cutsOf, type CutLine } from './cuts';
export { measuredPiece, observationsOf, type TubeMeasured } from './observe';
export {
  allRows,
  execute,
  mainGauge,
  mainYarn,
  rowRuns,
  workRows,
  workSpan,
  type Executed,
  type RowRun
} from './executed';
export { finishingSketch, FINISHES } from './finishing';
export { edgeSize, type EdgeSize } from './edge';
export { garmentSizes, type GarmentSizes } from './garment';
export { lengthMmOf, lengthOfRows } from './length';
export { areaOf, layPanel } from './panel';
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
export type { PieceSize } from './piece-size';
export { PLACE_WORDS, placeCode, PLACES, type PlaceName, type Reveal } from './places';
export { readReveal } from './reveal';
export { readSizes, type Sizes } from './size';
export type { Sketch, SketchLabel, SketchLine, SketchShape } from './sketch';
export { PANEL_ROWS_PER_MINUTE, readSteps, type Step, TUBE_ROWS_PER_MINUTE } from './steps';
export { entriesOf, type Entry, type Stretch } from './stretch';
export { ANNOUNCE_ROWS, cuesAhead, hangsOn, legAt, nextAt, trackOf, type Ahead, type Leg, type Next, type Position, type Track } from './track'; // prettier-ignore
export { finishedSketch, type NamedFigure } from './worn';
export { foldHat, type FoldedHat } from './worn/fold-hat';
export { hatOf, type WornSize } from './worn/lined-hat';
export { fitOnLimb } from './worn/sleeve';
export { readYarnUse, type YarnPart, type YarnUse } from './yarn-use';
