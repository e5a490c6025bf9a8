export { Brief, PompomWish } from './brief';
export {
  CAST_ON_TAIL_MM,
  castOn,
  chainOff,
  cordPins,
  cordRows,
  DRAWSTRING_TURNS,
  drawstring,
  JOIN_TAIL_MM,
  knitRows,
  wasteHangOff,
  wasteRows,
  withCounter
} from './build';
export { choosing } from './choosing';
export type { Finding, Fix, Place, Weight } from './finding';
export {
  attach,
  blocks,
  chain,
  crochetEdge,
  flatClose,
  halves,
  hookYarnMm,
  seam,
  seamYarnMm,
  waist
} from './finishing';
export {
  FORMS,
  OPERATIONS,
  type BagWorn,
  type BrimHatWorn,
  type CastOn,
  type EarHatWorn,
  type FlatWorn,
  type GarlandWorn,
  type LinedHatWorn,
  type PanelsWorn,
  type PompomWorn,
  type GarmentRims,
  type RimPart,
  type Shaping,
  type Side,
  type RingWorn,
  type SackWorn,
  type SleeveWorn,
  type ToyWorn,
  type WrapWorn,
  type Edge,
  type EdgeRef,
  type Finish,
  type HangOff,
  type Join,
  type Knit,
  type Mode,
  type Operation,
  type Piece,
  type Plan,
  type ToyPart,
  type Wearer,
  type Worn
} from './language';
export {
  choiceOption,
  countOption,
  lengthOption,
  machineOption,
  MOST_ROWS,
  optionFields,
  Section,
  sectionsOption,
  switchOption,
  yarnOption,
  yarnOrNoneOption,
  type OptionMeta
} from './options';
export {
  cardMm,
  floatMm,
  mirrored,
  shapedRows,
  type ShapingEvent,
  type Slope,
  slopeEvents,
  slopeWords,
  trySlope,
  type WholeDecreases,
  wholeDecreases,
  widened
} from './shape';
