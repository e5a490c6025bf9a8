import type { Device } from './device';
import { readLine } from './lines';

/** How often a kitchen scale says what lies on it, ms, and how far its last digit wanders, g. */
const EVERY_MS = 400;
const WANDER = 0.5;

/**
 * A scale on which lies what it is told.
 *
 * @param lies grams that lie on it now
 */
export const virtualScale = (lies: () => number): Device => ({
  kind: 'scale',
  name: 'Virtual scale',
  open: (hear) => {
    let n = 0;
    const clock = setInterval(() => {
      // A last digit that is not quite still, as scales have it.
      const grams = Math.max(0, lies() + (((n++ * 7) % 3) - 1) * WANDER);
      const heard = readLine(`grams ${grams.toFixed(1)}`, performance.now());
      if (heard) hear(heard);
    }, EVERY_MS);
    return Promise.resolve(() => clearInterval(clock));
  }
});
