import type { Speech } from './index';

/** Where a row of a panel ends: what the hands mind there. @example rowEnd(say, 39) */
export const rowEnd = (say: Speech, pin: number): string =>
  `At ${say.talk.pin(pin)}: yarn under the bumper, a light pull, never force the stop`;

/** Pins whose yarn goes round the card in this row. */
export const roundCard = (say: Speech, pins: readonly number[]): string =>
  `Round the card behind ${say.talk.pins} ${pins.join(', ')}`;
