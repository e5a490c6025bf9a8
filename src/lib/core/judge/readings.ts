import type { Finding } from '../plan';
import type { Made } from '../hand';
import type { Outline, Pace, Reveal, Sizes, Step, YarnUse } from '../read';

/** Everything read from an executed plan; what every judge looks at. */
export interface Readings extends Made {
  readonly sizes: Sizes;
  readonly yarnUse: readonly YarnUse[];
  readonly reveal: Reveal;
  readonly steps: readonly Step[];
  readonly pace: Pace;
  readonly outline: Outline;
}

/** One judgement: looks at the readings, says what it finds, with a fix where there is one. */
export interface Judge {
  readonly code: string;
  /** What it watches, for the documentation. */
  readonly watches: string;
  readonly find: (readings: Readings) => readonly Finding[];
}
