import { type Executed, pieceAt } from '../knit';
import { type PlaceName, PLACES, type Reveal } from '../read';

/** What becomes of a row once the thing is worn. */
export const FATES = ['seen', 'turned-up', 'hidden', 'gathered'] as const;
export type Fate = (typeof FATES)[number];

const FATE_OF: Readonly<Record<PlaceName, Fate | null>> = {
  removed: null,
  crown: 'gathered',
  outside: 'seen',
  plain: 'seen',
  'doubled-outside': 'seen',
  'turned-up': 'turned-up',
  'under-brim': 'hidden',
  lining: 'hidden',
  'doubled-inside': 'hidden'
};

/** What becomes of the rows in a place; null where they come out again. @example fateOf('lining') // 'hidden' */
export const fateOf = (place: PlaceName): Fate | null => FATE_OF[place];

/** Rows and area of one yarn by what becomes of them, all copies counted. */
export interface SeenYarn {
  /** Index into the yarns of the fabric. */
  readonly yarn: number;
  readonly rows: Readonly<Record<Fate, number>>;
  /** Square centimetres at rest. */
  readonly cm2: Readonly<Record<Fate, number>>;
}

const none = (): Record<Fate, number> => ({ seen: 0, 'turned-up': 0, hidden: 0, gathered: 0 });

/**
 * Reads for every yarn how many rows, and how much of the fabric, are seen, turned up, hidden or gathered out of sight.
 *
 * @example readSeen(result)[0].rows.seen // 52
 */
export function readSeen(run: Executed & { readonly reveal: Reveal }): SeenYarn[] {
  const found = new Map<number, { rows: Record<Fate, number>; cm2: Record<Fate, number> }>();
  run.plan.pieces.forEach(({ copies }, p) => {
    const { fabric: piece, gauges } = pieceAt(run, p);
    const { place } = run.reveal.pieces[p]!;
    for (const r of piece.runs) {
      if (r.purpose !== 0) continue;
      const { courses, wales } = gauges[r.feed]!;
      const own = found.get(r.yarn) ?? { rows: none(), cm2: none() };
      found.set(r.yarn, own);
      for (let row = r.first; row <= r.last; row++) {
        const fate = fateOf(PLACES[place[row]!]!);
        if (!fate) continue;
        own.rows[fate] += copies;
        own.cm2[fate] += (copies * (piece.stitches[row]! / wales.value)) / courses.value;
      }
    }
  });
  return [...found].map(([yarn, { rows, cm2 }]) => ({ yarn, rows, cm2 }));
}
