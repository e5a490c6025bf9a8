import type { Finding, Weight } from '../plan';
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
  stretch,
  tubeLength,
  deepBrim,
  lining,
  stripesCut,
  yarnEnough,
  tightness,
  swatchRatio,
  wasteColour,
  weakDrawstring,
  babyTrim,
  childCord,
  motor
];

const ORDER: Readonly<Record<Weight, number>> = { stop: 0, warn: 1, note: 2 };

/**
 * Runs every judge, and passes on what the machine itself refused. The gravest come first.
 */
export function judge(readings: Readings): Finding[] {
  const found = [...readings.refusals, ...JUDGES.flatMap((j) => j.find(readings))];
  return found.sort((a, b) => ORDER[a.weight] - ORDER[b.weight]);
}

export type { Judge, Readings } from './readings';
