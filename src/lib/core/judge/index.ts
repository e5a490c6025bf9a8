import { kindOf } from '../kinds';
import type { Finding, Weight } from '../plan';
import { bagRatio } from './bag-ratio';
import { bandAstride } from './band-astride';
import { cordMarker } from './cord-marker';
import { cuffMultiple } from './cuff-multiple';
import { evenHalves } from './even-halves';
import { garlandRoom } from './garland-room';
import { ladderClings } from './ladder-clings';
import { lengthwise } from './lengthwise';
import { mug } from './mug';
import { pairAlike } from './pair-alike';
import { rowsWanted } from './rows-wanted';
import { seamPartners } from './seam-partners';
import { slipsOff } from './slips-off';
import { toyCare } from './toy-care';
import { hands } from './hands';
import { wasteFew } from './waste-few';
import { wrapSum } from './wrap-sum';
import { wrongRing } from './wrong-ring';
import { garmentFit } from './garment-fit';
import { panelReach } from './panel-reach';
import { slope } from './slope';
import { babyTrim } from './baby-trim';
import { childCord } from './child-cord';
import { deepBrim } from './deep-brim';
import { lining } from './lining';
import { motor } from './motor';
import type { Judge, Readings } from './readings';
import { stretch } from './stretch';
import { stripesCut } from './stripes-cut';
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
  garmentFit,
  slope,
  panelReach,
  pairAlike,
  bagRatio,
  bandAstride,
  evenHalves,
  cuffMultiple,
  deepBrim,
  lining,
  stripesCut,
  yarnEnough,
  tightness,
  swatchRatio,
  wasteColour,
  wasteFew,
  ladderClings,
  cordMarker,
  garlandRoom,
  weakDrawstring,
  babyTrim,
  childCord,
  toyCare,
  mug,
  motor
];

const ORDER: Readonly<Record<Weight, number>> = { stop: 0, warn: 1, note: 2 };

/** A finding without a fix that the kind's own limits would refuse: a button must never lead to a fault. */
function withSoundFix(readings: Readings, finding: Finding): Finding {
  const options = finding.fix?.change.options;
  const kind = kindOf(readings.brief.kind);
  if (!options || !kind || kind.options.safeParse({ ...readings.brief.options, ...options }).success) return finding;
  const { fix: _refused, ...rest } = finding;
  return rest;
}

/**
 * Runs every judge, and passes on what the machine itself refused. The gravest come first.
 */
export function judge(readings: Readings): Finding[] {
  const found = [...readings.refusals, ...JUDGES.flatMap((j) => j.find(readings))];
  return found.map((finding) => withSoundFix(readings, finding)).sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}

export type { Judge, Readings } from './readings';
