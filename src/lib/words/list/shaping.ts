import type { Entry } from '$lib/core/read';
import type { Speech } from '..';

type Stretch = Extract<Entry, { stretch: unknown }>['stretch'];

/** The sentence of a shaping step without the pin it ends on, and that pin. */
function split(title: string): { what: string; place: string } | null {
  const found = /^(.*\D)(\d+)$/.exec(title);
  return found && { what: found[1]!, place: found[2]! };
}

/**
 * Shaping in few lines: steps that differ in their pin alone are said once, each pin with its row. They stay in the order of
 * their rows.
 *
 * @param stretch rows knitted at a go, with what is done after some of them
 * @example shapingOf(stretch, say) // ['Decrease one at the edge of pin 10 after row 80, 11 after 82']
 */
export function shapingOf(stretch: Stretch, say: Speech): string[] {
  const told = stretch.lines.flatMap((line) => line.steps.map((step) => ({ title: say.step(step).title, row: line.afterRow }))); // prettier-ignore
  const alike = new Map<string, { title: string; row: number; then: { place: string; row: number }[] }>();
  for (const { title, row } of told) {
    const parts = split(title);
    const known = parts && alike.get(parts.what);
    if (known) known.then.push({ place: parts.place, row });
    else alike.set(parts?.what ?? `${title} ${row}`, { title, row, then: [] });
  }
  return [...alike.values()].map(({ title, row, then }) => say.words.shaped(title, row, then));
}
