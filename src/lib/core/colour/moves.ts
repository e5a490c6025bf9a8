import { pieceAt } from '../knit';
import type { Executed } from '../knit';
import { type ColourSection, rowsIn } from '../plan';
import { PLACES, type Reveal } from '../read';
import { fateOf } from './seen';
import { moveBorder } from './sections';

type Sections = readonly ColourSection[];
type Run = Executed & { readonly reveal: Reveal };

/** Fates of the work rows of a piece, the first row at 0. */
export function fatesOf(run: Run, piece: number): ReturnType<typeof fateOf>[] {
  const { first, count } = pieceAt(run, piece).fabric.work;
  const { place } = run.reveal.pieces[piece]!;
  return Array.from({ length: count }, (_, i) => fateOf(PLACES[place[first + i]!]!));
}

/** Rows before a section. */
const startOf = (sections: Sections, i: number): number => rowsIn(sections.slice(0, i));

/**
 * Moves a section so that its middle lies on the middle of the turned-up brim, its own rows kept.
 *
 * @returns null where there is no brim, or no room to move it
 */
export function centredOnBrim(run: Run, piece: number, sections: Sections, i: number): Sections | null {
  const fates = fatesOf(run, piece);
  const [from, to] = [fates.indexOf('turned-up'), fates.lastIndexOf('turned-up')];
  if (from < 0 || i === 0 || i >= sections.length - 1) return null;
  const own = sections[i]!;
  const by = Math.round((from + to + 1 - own.rows) / 2) - startOf(sections, i);
  if (by === 0) return null;
  // It moves as a whole: what lies before it grows by what lies after it gives.
  const held = sections.map((s, k) => (k === i ? { ...s, locked: true } : s));
  const moved = moveBorder(held, i - 1, by);
  if (moved === held || startOf(moved, i) !== startOf(sections, i) + by) return null;
  return moved.map((s, k) => (k === i ? { ...s, locked: own.locked } : s));
}

/**
 * Moves the border after a section to the nearest place where the rows on both sides of it are out of sight.
 *
 * @returns null where it lies there already, where everything is seen, or where nothing gives way
 */
export function hiddenJoin(run: Run, piece: number, sections: Sections, i: number): Sections | null {
  const fates = fatesOf(run, piece);
  const at = startOf(sections, i + 1);
  const hidden = (row: number): boolean => fates[row] === 'hidden' || fates[row] === 'gathered';
  const good = (border: number): boolean => border > 0 && border < fates.length && hidden(border - 1) && hidden(border);
  if (i >= sections.length - 1 || good(at)) return null;
  for (let away = 1; away < fates.length; away++) {
    for (const by of [away, -away]) {
      if (!good(at + by)) continue;
      const moved = moveBorder(sections, i, by);
      if (startOf(moved, i + 1) === at + by) return moved;
    }
  }
  return null;
}
