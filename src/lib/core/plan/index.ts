export { Brief } from './brief';
export {
  CAST_ON_TAIL_MM,
  castOn,
  DRAWSTRING_TURNS,
  drawstring,
  JOIN_TAIL_MM,
  knitRows,
  wasteHangOff,
  wasteRows,
  withCounter
} from './build';
export type { Finding, Fix, Place, Weight } from './finding';
export {
  FINISHES,
  OPERATIONS,
  type CastOn,
  type Edge,
  type Finish,
  type HangOff,
  type Knit,
  type LinedHatWorn,
  type Mode,
  type Operation,
  type Piece,
  type Plan,
  type Worn
} from './language';
export {
  choiceOption,
  countOption,
  lengthOption,
  MOST_ROWS,
  optionFields,
  Section,
  sectionsOption,
  switchOption,
  yarnOption,
  yarnOrNoneOption,
  type OptionMeta
} from './options';
