export { departure, type Departure } from './knitted';
export { type Cue, type CueFacts, type CueKind } from './cues';
export { isBlind } from './hanging';
export type { TensionFacts } from './tension';
export { cutsOf, type CutLine } from './cuts';
export type { JoinedFacts, StepFacts, What } from './facts';
export {
  faultMoment,
  joinMomentsOf,
  markedPins,
  type Lay,
  type Look,
  type Moment,
  type MomentFacts,
  momentsOf,
  type Move,
  ringLook,
  type Sight,
  type Spot
} from './moments';
export { measuredPiece, observationsOf } from './observe';
export { allRows, allWorkRows, workOf, execute, mainYarn, pieceAt, workRows } from '../knit';
export { garmentSizes, type GarmentSizes } from './garment';
export { lengthMmOf } from '../knit';
export { areaOf, layPanel, panelAreaMm2, type PanelLay } from './panel';
export { heightOfRow, readOutline, type HatOutline, type Outline, type TubeOutline, type WornBand } from './outline';
export { type CrankedRows, learnedPace } from './learned-pace';
export { minutesLeft, rowsPerMinute, workingSince } from './cranked-pace';
export { readPace, type Pace } from './pace';
export { isSeen, PLACE_WORDS, PLACES, type PlaceName, type Reveal } from './places';
export { bagLayers } from './bag-bands';
export { foldedBag, upright } from './paper';
export { piecesOff, waitsFor } from './ready';
export { type Agreed, rowByCounter, rowByTape, rowByWeight, stretchOfYarn } from './reconcile';
export { type Repeated, repeatedIn } from './repeated';
export { readReveal } from './reveal';
export { readSizes, type Sizes } from './size';
export { box, circle, grain, layRows, type Point, type Sketch, type SketchLabel, type SketchLine, type SketchShape, tubeHalf } from './sketch'; // prettier-ignore
export { PACE_PINS, PANEL_ROWS_PER_MINUTE, readSteps, rowsAMinute, type Step, TUBE_ROWS_PER_MINUTE } from './steps';
export { entriesOf, type Entry, type Stretch } from './stretch';
export { type Ahead, ANNOUNCE_ROWS, cuesAhead, hangsOn, legAt, type Next, nextAt, PASSED_FOR, type PassedFor, rowsAt, trackOf, type Track, workCount, workIn, type Position } from './track'; // prettier-ignore
export { finishedSketch, type FigureName, type NamedFigure } from './worn';
export { brimHatReach } from './worn/brim-hat';
export { foldHat } from './worn/fold-hat';
export { hatOf } from './worn/lined-hat';
export { halfWidth } from './worn/flat';
export { type EdgeAnswer, yarnEdge } from './yarn-edge';
export { type Verdict, type VerdictCode, verdictOf } from './verdict';
export { castOnMm, readYarnUse, type YarnUse } from './yarn-use';
export { type Measurable, measurablesOf } from './measurable';
