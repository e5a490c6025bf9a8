import { about, type Figure, type Reason } from '../quantity';
import type { Executed } from '../knit';
import { PACE_PINS, rowsAMinute, type Step } from './steps';

/** How far knitters differ from the practised one when their own pace is unknown (own estimate, no source). */
const PACE_SPREAD = 0.25;

/** Their own pace still varies from piece to piece (own estimate, no source). */
const OWN_SPREAD = 0.1;

/** Minutes at the machine, minutes of finishing, and both. */
export interface Pace {
  readonly cranking: Figure;
  readonly finishing: Figure;
  readonly all: Figure;
}

/** Reads the time a plan takes as the sum over its steps. */
export function readPace(run: Executed, steps: readonly Step[]): Pace {
  const own = run.kit.habits.tubeRowsPerMinute;
  const spread = own === null ? PACE_SPREAD : OWN_SPREAD;
  const basis = own === null ? 'default' : 'measured';
  let [finishing, cranking] = [0, 0];
  for (const { phase, minutes, copies } of steps) {
    if (phase === 'finish') finishing += minutes * copies;
    else cranking += minutes * copies;
  }
  const [piece] = run.plan.pieces;
  const perMinute = rowsAMinute(run.kit.habits, true, piece ? piece.to - piece.from + 1 : PACE_PINS);
  const why = (of: 'cranking' | 'all'): Reason[] => [{ say: 'pace', perMinute, own: own !== null, of }];
  return {
    cranking: about(cranking, spread, 'minutes', basis, why('cranking')),
    finishing: about(finishing, PACE_SPREAD, 'minutes', 'default', [{ say: 'finishingSteps' }]),
    all: about(cranking + finishing, spread, 'minutes', basis, why('all'))
  };
}
