import type { Moment, Next } from '$lib/core/read';
import type { Speech } from './index';

/** Where a row of a panel ends: what the hands mind there. @example rowEnd(say, 39) */
export const rowEnd = (say: Speech, pin: number): string =>
  `At ${say.talk.pin(pin)}: yarn under the bumper, a light pull, never force the stop`;

/** Pins whose yarn goes round the card in this row. */
export const roundCard = (say: Speech, pins: readonly number[]): string =>
  `Round the card behind ${say.talk.pins} ${pins.join(', ')}`;

/**
 * What stands on the large face of the crank as sentences, in the order it is read.
 *
 * @param asked the step in words, where one is to be done
 * @param moment what is seen of it now
 */
export function faceSentences(
  say: Speech,
  next: Next,
  asked: ReturnType<Speech['step']> | null,
  moment: Moment | undefined
): string[] {
  if (next.do === 'done') return [];
  const step = [asked?.title ?? '', moment ? say.moment(moment) : (asked?.detail ?? '')];
  if (next.do === 'confirm') return step;
  return [
    ...(next.do === 'lift' ? step : []),
    ...(next.turn ? [rowEnd(say, next.turn.toPin)] : []),
    ...(next.card.length > 0 ? [roundCard(say, next.card)] : [])
  ];
}
