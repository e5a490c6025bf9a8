import type { BabyTrimFacts } from './baby-trim';
import type { BagRatioFacts } from './bag-ratio';
import type { BandAstrideFacts } from './band-astride';
import type { ButtonBandFacts } from './button-band';
import type { ButtonSlipsFacts } from './button-slips';
import type { OwnStepGoneFacts } from './own-step-gone';
import type { PatchHiddenFacts } from './patch-hidden';
import type { ChildCordFacts } from './child-cord';
import type { ClampedFacts } from './clamped';
import type { ColoursOffFacts } from './colours-off';
import type { CordMarkerFacts } from './cord-marker';
import type { CuffMultipleFacts } from './cuff-multiple';
import type { DeepBrimFacts } from './deep-brim';
import type { EvenHalvesFacts } from './even-halves';
import type { GarlandRoomFacts } from './garland-room';
import type { GarmentFitFacts } from './garment-fit';
import type { GarmentRoundFacts } from './garment-round';
import type { GarmentSwatchFacts } from './garment-swatch';
import type { JoinFarFacts } from './join-far';
import type { LadderClingsFacts } from './ladder-clings';
import type { LengthwiseFacts } from './lengthwise';
import type { LiningFacts } from './lining';
import type { MotorFacts } from './motor';
import type { MugFacts } from './mug';
import type { StrapShortFacts } from './strap-short';
import type { PairAlikeFacts } from './pair-alike';
import type { PanelReachFacts } from './panel-reach';
import type { RowsWantedFacts } from './rows-wanted';
import type { SeamPartnersFacts } from './seam-partners';
import type { SlipsOffFacts } from './slips-off';
import type { SlopeFacts } from './slope';
import type { StretchFacts } from './stretch';
import type { StripeLostFacts } from './stripe-lost';
import type { StripesCutFacts } from './stripes-cut';
import type { StripesHiddenFacts } from './stripes-hidden';
import type { StripesShortFacts } from './stripes-short';
import type { SwatchRatioFacts } from './swatch-ratio';
import type { TightnessFacts } from './tightness';
import type { ToyCareFacts } from './toy-care';
import type { TubeLengthFacts } from './tube-length';
import type { WasteColourFacts } from './waste-colour';
import type { WasteFewFacts } from './waste-few';
import type { WasteMoreFacts } from './waste-more';
import type { PhasesLongFacts } from './phases-long';
import type { WeakDrawstringFacts } from './weak-drawstring';
import type { WrapSumFacts } from './wrap-sum';
import type { WrongRingFacts } from './wrong-ring';
import type { YarnEnoughFacts } from './yarn-enough';

/** What every finding of a judge is made of, by its code: each judge declares its own. */
export type FindingFacts = BabyTrimFacts &
  BagRatioFacts &
  BandAstrideFacts &
  ButtonBandFacts &
  ButtonSlipsFacts &
  OwnStepGoneFacts &
  PatchHiddenFacts &
  ChildCordFacts &
  ClampedFacts &
  ColoursOffFacts &
  CordMarkerFacts &
  CuffMultipleFacts &
  DeepBrimFacts &
  EvenHalvesFacts &
  GarlandRoomFacts &
  GarmentFitFacts &
  GarmentRoundFacts &
  GarmentSwatchFacts &
  JoinFarFacts &
  LadderClingsFacts &
  LengthwiseFacts &
  LiningFacts &
  MotorFacts &
  MugFacts &
  StrapShortFacts &
  PairAlikeFacts &
  PanelReachFacts &
  RowsWantedFacts &
  SeamPartnersFacts &
  SlipsOffFacts &
  SlopeFacts &
  StretchFacts &
  StripeLostFacts &
  StripesCutFacts &
  StripesHiddenFacts &
  StripesShortFacts &
  SwatchRatioFacts &
  TightnessFacts &
  ToyCareFacts &
  TubeLengthFacts &
  WasteColourFacts &
  WasteFewFacts &
  WasteMoreFacts &
  PhasesLongFacts &
  WeakDrawstringFacts &
  WrapSumFacts &
  WrongRingFacts &
  YarnEnoughFacts;
