export { sameSection, type SectionOf } from './same-section';
export { type Act, type ActOf, type ButtonLine, type Join, type JoinWay, type WasteWay } from './acts';
export { apartIn } from './apart';
export { beyond } from './bounds';
export { Brief, MOST_PATCHES, type PatchWish, PompomWish } from './brief';
export {
  CAST_ON_ENDS,
  CAST_ON_TAIL_MM,
  castOn,
  chainOff,
  cordPins,
  cordRows,
  drawstring,
  JOIN_TAIL_MM,
  knitRows,
  otherSide,
  wasteHangOff,
  wasteRows,
  withCounter,
  yarnAfter
} from './build';
export { ColourSection, MOST_SECTIONS, PieceColours, rowsIn } from './colours';
export { MOST_HOLES, SectionTension, sameTension, tensionOf } from './tension';
export { choosing } from './choosing';
export { changed, type Change } from './change';
export { finder, type Finding, type Fix, type Weight } from './finding';
export type { Mend, Remedies, RemedyCode } from './remedy';
export {
  NO_NOTES,
  type Notes,
  type Clamped,
  type RimPart,
  type Shaping,
  type ShapingLine,
  type SlopeTrouble
} from './notes';
export {
  OPERATIONS,
  type CastOn,
  type HangOff,
  type Knit,
  type Mode,
  type DecreaseMethod,
  type Operation,
  type OperationOf,
  type Piece,
  type Side
} from './operations';
export {
  choiceOption,
  countOption,
  askedIn,
  holds,
  isAsked,
  lengthOption,
  machineOption,
  MOST_ROWS,
  optionFields,
  Section,
  sectionsOption,
  slopeOption,
  switchOption,
  withStarts,
  yarnOption,
  yarnOrNoneOption,
  type Condition,
  type OptionGroup,
  type OptionMeta
} from './options';
export {
  cardMm,
  type EdgeMethod,
  floatMm,
  gapsOf,
  increaseEvents,
  shapedRows,
  type ShapingEvent,
  type Slope,
  type SlopeRule,
  slopeEvents,
  takesEach,
  trySlope,
  wholeDecreases,
  widened
} from './shape';
export { countingGauge, gaugeIn } from './brief-gauge';
export { olderOptions } from './older-options';
export { type FittedSlope, TypedSlope, typedRows, typedSlope } from './typed-slope';
export type { Draft, Plan, Promise, Wearer } from './plan';
export {
  edgeOfHalf,
  type Face,
  type Half,
  halfAt,
  halfOfRun,
  otherEdge,
  otherFace,
  otherHalf,
  type ShownSide
} from './sides';
export type { Edge, RunName, RunRef, TailEnd } from './rims';
export {
  FORMS,
  type BagWorn,
  type BrimHatWorn,
  type GatheredHatWorn,
  type EarHatWorn,
  type FlatWorn,
  type GarlandWorn,
  type LinedHatWorn,
  type PanelsWorn,
  type PompomWorn,
  type RingWorn,
  type SackWorn,
  type SleeveWorn,
  type ToyPart,
  type ToyWorn,
  type Worn,
  type WrapWorn
} from './worn';
