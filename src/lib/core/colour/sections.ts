import { type ColourSection, rowsIn, sameTension, type SectionTension, tensionOf } from '../plan';

/**
 * Changes of a list of sections. All of them are pure, give whole rows, and keep the sum of the rows: what one section
 * takes, others give. Sections that are locked neither take nor give, unless they are the one that is changed.
 */

type Sections = readonly ColourSection[];

/** Neighbours in one yarn and as tight become one section; one that is locked keeps its border. Empty ones go. */
export function gathered(sections: Sections): ColourSection[] {
  const out: ColourSection[] = [];
  for (const s of sections) {
    const last = out.at(-1);
    if (s.rows <= 0) continue;
    if (last && last.yarn === s.yarn && sameTension(last, s) && !last.locked && !s.locked)
      out[out.length - 1] = { ...last, rows: last.rows + s.rows };
    else out.push({ ...s });
  }
  return out;
}

/** Takes rows from givers in their order, a row left to each; returns how many were had. */
function taken(rows: number[], givers: readonly number[], wish: number): number {
  let left = wish;
  for (const i of givers) {
    const some = Math.min(left, rows[i]! - 1);
    rows[i]! -= some;
    left -= some;
  }
  return wish - left;
}

const withRows = (sections: Sections, rows: readonly number[]): ColourSection[] =>
  sections.map((s, i) => (s.rows === rows[i] ? s : { ...s, rows: rows[i]! }));

/** Indexes from one towards the end, or towards the beginning, of those that may give or take. */
function free(sections: Sections, from: number, by: 1 | -1): number[] {
  const found: number[] = [];
  for (let i = from; i >= 0 && i < sections.length; i += by) if (!sections[i]!.locked) found.push(i);
  return found;
}

/**
 * Moves the border after a section by some rows: what grows on one side is taken from the free sections nearest to it on the
 * other, a row left to each.
 *
 * @param i the section before the border
 * @param by rows up when above 0
 * @returns the same list where nothing can give or take
 * @example moveBorder([{ yarn: 'a', rows: 5 }, { yarn: 'b', rows: 5 }], 0, 2) // 7 and 3
 */
export function moveBorder(sections: Sections, i: number, by: number): Sections {
  const [takers, givers] = by > 0 ? [free(sections, i, -1), free(sections, i + 1, 1)] : [free(sections, i + 1, 1), free(sections, i, -1)]; // prettier-ignore
  const [taker] = takers;
  if (taker === undefined || by === 0) return sections;
  const rows = sections.map((s) => s.rows);
  rows[taker]! += taken(rows, givers, Math.abs(by));
  return withRows(sections, rows);
}

/**
 * Gives a section so many rows; the free ones after it give way, then those before it.
 *
 * @example setRows(three, 0, 8) // the second one gives
 */
export function setRows(sections: Sections, i: number, wish: number): Sections {
  const rows = sections.map((s) => s.rows);
  const others = [...free(sections, i + 1, 1), ...free(sections, i - 1, -1)];
  const by = Math.max(1, wish) - rows[i]!;
  if (by > 0) rows[i]! += taken(rows, others, by);
  else if (others.length > 0) {
    rows[i]! += by;
    rows[others[0]!]! -= by;
  }
  return withRows(sections, rows);
}

/** Cuts a section in two; the upper part begins after so many of its rows. */
export function split(sections: Sections, i: number, at: number): Sections {
  const s = sections[i]!;
  if (at < 1 || at >= s.rows) return sections;
  return [...sections.slice(0, i), { ...s, rows: at }, { ...s, rows: s.rows - at }, ...sections.slice(i + 1)];
}

/** Makes one section of this one and the next, in the yarn of this one. */
export function merge(sections: Sections, i: number): Sections {
  const [s, next] = [sections[i], sections[i + 1]];
  if (!s || !next) return sections;
  return [...sections.slice(0, i), { ...s, rows: s.rows + next.rows, locked: false }, ...sections.slice(i + 2)];
}

/** Takes a section out; its rows go to the one before it, or after it where it is the first. */
export function remove(sections: Sections, i: number): Sections {
  if (sections.length < 2) return sections;
  const to = i > 0 ? i - 1 : 1;
  return sections.flatMap((s, k) => (k === i ? [] : [k === to ? { ...s, rows: s.rows + sections[i]!.rows } : s]));
}

/** Knits a section in another yarn. */
export const paint = (sections: Sections, i: number, yarn: string): Sections =>
  sections.map((s, k) => (k === i ? { ...s, yarn } : s));

/** Knits a section tighter or looser; without hole and fingers as the rest of the piece. */
export const tighten = (sections: Sections, i: number, tension: SectionTension): Sections =>
  sections.map((s, k) => {
    if (k !== i) return s;
    const { hole: _, fingers: __, ...rest } = s;
    return { ...rest, ...tensionOf(tension) };
  });

/** Keeps a section's rows, or lets them give way again. */
export const lock = (sections: Sections, i: number, locked: boolean): Sections =>
  sections.map((s, k) => (k === i ? { ...s, locked } : s));

/** Puts a section in another place. */
export function reorder(sections: Sections, from: number, to: number): Sections {
  const list = [...sections];
  const [moved] = list.splice(from, 1);
  list.splice(to, 0, moved!);
  return list;
}

/** A list cut off, or its last section gone on with, so that it has exactly so many rows. */
export function cutTo(sections: Sections, total: number): ColourSection[] {
  const out: ColourSection[] = [];
  let left = total;
  for (const s of sections) {
    if (left <= 0) break;
    out.push({ ...s, rows: Math.min(s.rows, left) });
    left -= s.rows;
  }
  if (left > 0 && out.length > 0) out[out.length - 1] = { ...out.at(-1)!, rows: out.at(-1)!.rows + left };
  return out;
}

/**
 * Repeats some sections: so many times in all; what comes after them is pushed on, and the end is cut off.
 *
 * @param from first section of the group
 * @param to last one, included
 * @param times how often the group stands there
 */
export function repeat(sections: Sections, from: number, to: number, times: number): Sections {
  const group = sections.slice(from, to + 1);
  const copies = Array.from({ length: Math.max(1, times) }, () => group).flat();
  return cutTo([...sections.slice(0, from), ...copies, ...sections.slice(to + 1)], rowsIn(sections));
}

/** The second half as the mirror image of the first; an odd row in the middle goes to what lies there. */
export function mirror(sections: Sections): Sections {
  const total = rowsIn(sections);
  const half = cutTo(sections, Math.floor(total / 2));
  if (half.length === 0) return sections;
  const odd = total % 2;
  const middle = half.at(-1)!;
  const up = [...half.slice(0, -1), { ...middle, rows: 2 * middle.rows + odd }];
  return [...up, ...half.slice(0, -1).reverse()];
}

/** The first row becomes the last: what was the lining comes outside. */
export const flip = (sections: Sections): Sections => [...sections].reverse();

/**
 * Whole rows in the proportion of some weights, with exactly that sum: what is left over by rounding goes to those that lost
 * most (largest remainders).
 *
 * @example shares([1, 1, 1], 10) // [4, 3, 3]
 */
export function shares(weights: readonly number[], total: number): number[] {
  const all = weights.reduce((sum, w) => sum + w, 0);
  const exact = weights.map((w) => (all > 0 ? (w * total) / all : total / weights.length));
  const rows = exact.map(Math.floor);
  const left = total - rows.reduce((sum, n) => sum + n, 0);
  const order = exact.map((x, i) => ({ i, rest: x - Math.floor(x) })).sort((a, b) => b.rest - a.rest || a.i - b.i);
  for (const { i } of order.slice(0, left)) rows[i]!++;
  return rows;
}

/**
 * The same sections over another number of rows, when the plan asks for more or fewer: the free ones give or take in
 * proportion, a row left to each where there are enough.
 *
 * @returns a list with exactly that sum; cut off where even the locked ones are too many
 */
export function fitTo(sections: Sections, total: number): ColourSection[] {
  const kept = rowsIn(sections.filter((s) => s.locked));
  const open = sections.filter((s) => !s.locked);
  const room = total - kept;
  if (open.length === 0 || room < open.length) return cutTo(sections, total);
  const given = shares(open.map((s) => s.rows), room - open.length); // prettier-ignore
  let next = 0;
  return sections.map((s) => (s.locked ? { ...s } : { ...s, rows: 1 + given[next++]! }));
}
