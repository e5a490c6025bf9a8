export { CUE_KINDS, type Cue, type CueFacts, type CueKind } from './cues';
export { hangingMm, isBlind } from './hanging';
export { cutsOf, type CutLine } from './cuts';
export type { JoinedFacts, KnitFacts, StepFacts, What } from './facts';
export { measuredPiece, observationsOf, type TubeMeasured } from './observe';
export {
  allRows,
  workOf,
  execute,
  mainGauge,
  mainYarn,
  rowRuns,
  workRows,
  workSpan,
  type Executed,
  type RowRun
} from '../knit';
export { edgeSize, type EdgeSize } from './edge';
export { garmentSizes, type GarmentSizes } from './garment';
export { lengthMmOf, lengthOfRows } from '../knit';
export { areaOf, layPanel, panelAreaMm2, type PanelLay } from './panel';
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
export { bagLayers } from './bag-bands';
export { foldedBag, upright } from './paper';
export { piecesOff, waitsFor } from './ready';
export { readReveal } from './reveal';
export { readSizes, type Sizes } from './size';
export { box, circle, grain, layRows, type Point, type Sketch, type SketchLabel, type SketchLine, type SketchShape, tubeHalf } from './sketch'; // prettier-ignore
export { PANEL_ROWS_PER_MINUTE, readSteps, type Step, TUBE_ROWS_PER_MINUTE } from './steps';
export { entriesOf, type Entry, type Stretch } from './stretch';
export { ANNOUNCE_ROWS, cuesAhead, hangsOn, legAt, nextAt, rowsAt, trackOf, workCount, workIn, type Ahead, type Leg, type Next, type Position, type Track } from './track'; // prettier-ignore
export { finishedSketch, type FigureName, type NamedFigure } from './worn';
export { brimHatReach, type BrimHatReach } from './worn/brim-hat';
export { foldHat, type FoldedHat } from './worn/fold-hat';
export { hatOf, type WornSize } from './worn/lined-hat';
export { halfWidth } from './worn/flat';
export { fitOnLimb } from './worn/sleeve';
export { CUT_PARTS, readYarnUse, type YarnPart, type YarnUse } from './yarn-use';
