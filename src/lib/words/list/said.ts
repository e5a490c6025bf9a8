import type { Entry } from '$lib/core/read';
import type { Speech } from '..';
import { gathered } from './gathered';

/** Everything an entry of the list says, from top to bottom, as it is shown. */
export function saidIn(entry: Entry, say: Speech): string[] {
  const said = 'step' in entry ? say.step(entry.step) : say.stretch(entry.stretch);
  const before = said.before === null ? null : entry.again ? say.words.joinedAgain(say.talk) : said.before;
  const how = 'step' in entry ? [] : entry.stretch.how.map((step) => say.step(step));
  const { cues } = 'step' in entry ? entry.step : entry.stretch;
  return [
    said.title,
    before,
    said.detail,
    said.why,
    ...how.flatMap(({ detail, why }) => [detail, why]),
    ...gathered(cues, say).map(({ sentence }) => sentence)
  ].flatMap((text) => text || []);
}
