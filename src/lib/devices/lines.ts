import type { Heard } from './device';

/** A line longer than this is noise on the wire. */
const LONGEST_LINE = 80;

/**
 * One line of a device, as docs/devices.md has it: `turn`, `turn 123` or `grams 431.5`.
 *
 * @param at when it came, ms
 * @returns null for a line that is none of these
 * @example readLine('turn 17', 1000) // { what: 'turn', at: 1000, n: 17 }
 */
export function readLine(line: string, at: number): Heard | null {
  const text = line.trim();
  if (text.length > LONGEST_LINE) return null;
  const turn = /^turn(?: (\d{1,9}))?$/.exec(text);
  if (turn) return { what: 'turn', at, n: turn[1] === undefined ? null : Number(turn[1]) };
  const grams = /^grams (-?\d{1,6}(?:\.\d{1,3})?)$/.exec(text);
  return grams ? { what: 'grams', at, grams: Number(grams[1]) } : null;
}

/** Lines out of pieces of text, as they come over a wire: what is not ended yet waits. */
export class LineCutter {
  #rest = '';

  /** @returns the lines that are whole now */
  add(piece: string): string[] {
    const parts = `${this.#rest}${piece}`.split(/\r\n|\r|\n/);
    // Without an end for so long it is no line.
    this.#rest = (parts.pop() ?? '').slice(-LONGEST_LINE * 2);
    return parts;
  }
}
