import type * as z from 'zod/mini';
import { kindOf } from '../kinds';
import type { Finding, Weight } from '../plan';
import { bagRatio } from './bag-ratio';
import { buttonBand } from './button-band';
import { buttonSlips } from './button-slips';
import { ownStepGone } from './own-step-gone';
import { patchHidden } from './patch-hidden';
import { bandAstride } from './band-astride';
import { cordMarker } from './cord-marker';
import { cuffMultiple } from './cuff-multiple';
import { evenHalves } from './even-halves';
import { garlandRoom } from './garland-room';
import { joinFar } from './join-far';
import { ladderClings } from './ladder-clings';
import { lengthwise } from './lengthwise';
import { mug } from './mug';
import { strapShort } from './strap-short';
import { pairAlike } from './pair-alike';
import { rowsWanted } from './rows-wanted';
import { seamPartners } from './seam-partners';
import { slipsOff } from './slips-off';
import { toyCare } from './toy-care';
import { hands } from './hands';
import { wasteFew } from './waste-few';
import { wasteMore } from './waste-more';
import { phasesLong } from './phases-long';
import { wrapSum } from './wrap-sum';
import { wrongRing } from './wrong-ring';
import { coloursOff } from './colours-off';
import { clamped } from './clamped';
import { garmentFit } from './garment-fit';
import { garmentRound } from './garment-round';
import { garmentSwatch } from './garment-swatch';
import { panelReach } from './panel-reach';
import { slope } from './slope';
import { babyTrim } from './baby-trim';
import { childCord } from './child-cord';
import { deepBrim } from './deep-brim';
import { lining } from './lining';
import { motor } from './motor';
import type { Judge, Readings } from './readings';
import { stretch } from './stretch';
import { stripeLost } from './stripe-lost';
import { stripesCut } from './stripes-cut';
import { stripesHidden } from './stripes-hidden';
import { stripesShort } from './stripes-short';
import { swatchRatio } from './swatch-ratio';
import { tightness } from './tightness';
import { tubeLength } from './tube-length';
import { wasteColour } from './waste-colour';
import { weakDrawstring } from './weak-drawstring';
import { yarnEnough } from './yarn-enough';

/** Every judge. To add one, write its file and name it here. */
export const JUDGES: readonly Judge[] = [
  hands,
  wrongRing,
  stretch,
  slipsOff,
  lengthwise,
  tubeLength,
  rowsWanted,
  wrapSum,
  seamPartners,
  garmentRound,
  garmentFit,
  garmentSwatch,
  slope,
  panelReach,
  clamped,
  buttonBand,
  buttonSlips,
  patchHidden,
  ownStepGone,
  pairAlike,
  bagRatio,
  bandAstride,
  evenHalves,
  cuffMultiple,
  deepBrim,
  lining,
  coloursOff,
  stripeLost,
  stripesCut,
  stripesShort,
  stripesHidden,
  yarnEnough,
  tightness,
  swatchRatio,
  wasteColour,
  wasteFew,
  wasteMore,
  phasesLong,
  ladderClings,
  joinFar,
  cordMarker,
  garlandRoom,
  weakDrawstring,
  babyTrim,
  childCord,
  toyCare,
  mug,
  strapShort,
  motor
];

const ORDER: Readonly<Record<Weight, number>> = { stop: 0, warn: 1, note: 2 };

/** Whether the kind's own limits allow what a remedy sets: options know their limits one by one. */
const allowed = (schema: z.ZodMiniObject, options: Readonly<Record<string, unknown>>): boolean =>
  Object.entries(options).every(([key, value]) => {
    const field = schema.shape[key] as z.ZodMiniType | undefined;
    return field === undefined || field.safeParse(value).success;
  });

/** A finding without the remedies that the kind's own limits would refuse: a button must never lead to a fault. */
function withSoundRemedies(readings: Readings, finding: Finding): Finding {
  const kind = kindOf(readings.brief.kind);
  if (!finding.remedies || !kind) return finding;
  const sound = finding.remedies.filter(({ change }) => !change.options || allowed(kind.options, change.options));
  if (sound.length > 0 && sound.length === finding.remedies.length) return finding;
  const { remedies: _, ...rest } = finding;
  return sound.length ? { ...rest, remedies: sound } : rest;
}

/**
 * Runs every judge, and passes on what the machine itself refused. The gravest come first.
 */
export function judge(readings: Readings): Finding[] {
  const found: Finding[] = [...readings.refusals];
  for (const { find } of JUDGES) {
    for (const finding of find(readings)) found.push(withSoundRemedies(readings, finding));
  }
  return found.sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}

export type { Judge, Readings } from './readings';
export type { FindingFacts } from './facts';
