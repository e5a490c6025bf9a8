export { CHAIN_STRETCH, chainsPast } from './chain';
export { fitted } from './fitted';
export { AGES, type Age } from './age';
export { proposed, type Proposal } from './proposed';
export { measureOf, MEASURES, SIZE_TABLES, sizesFor, type Body } from './measures';
export {
  CROWN_SHARE,
  browStretch,
  headFit,
  linedRows,
  reachOver,
  SNUG_STRETCH,
  TIGHT_STRETCH,
  type HeadFit
} from './headfit';
export { LENGTHWISE_STRETCH, limbFit, MOST_LENGTHWISE, ringRows, SLIPS_OFF } from './limbfit';
export { pompomMm, pompomYarnMm, POMPOM_TIE_MM, TRIM_MM, trimLoss, USUAL_CARD_MM, USUAL_WRAPS } from './pompom';
export { FILLING_SPREAD, fillingGrams, STUFFED_WIDER } from './stuffing';
