import { COST } from './check';
import { type Answer, type LeftoverPiece, type LeftoverProblem, rowsOf, type Zone } from './problem';

/** A mixed-integer model as plain sparse data, for any solver. */
export interface Model {
  readonly columns: { readonly cost: number; readonly lower: number; readonly upper: number; readonly whole: boolean }[]; // prettier-ignore
  readonly rows: { readonly lower: number; readonly upper: number; readonly at: readonly number[]; readonly by: readonly number[] }[]; // prettier-ignore
}

/** Columns of one piece: for every slot and yarn whether it is that yarn, its rows, and whether it begins there. */
interface PieceColumns {
  readonly slots: readonly { readonly zone: number }[];
  readonly is: readonly (readonly number[])[];
  readonly rows: readonly (readonly number[])[];
  readonly begins: readonly (readonly number[])[];
  /** Its joins, all counted. */
  readonly joins: number;
}

/** A model with what it takes to read an answer off a solution. */
export interface LeftoverModel {
  readonly model: Model;
  readonly pieces: readonly PieceColumns[];
  /** Whether a yarn is used at all. */
  readonly used: readonly number[];
  /** Columns of yarn that is missing, where the model asks how much; none where nothing may be. */
  readonly missing: readonly number[];
}

/** Slots of a zone beyond what its yarns need on average: room to choose. */
const SPARE_SLOTS = 1;

/** Most slots of one piece: more sections than that are confetti. */
const MOST_SLOTS = 24;

/** How many sections a zone may have at most. */
function slotsFor(zone: Zone, piece: LeftoverPiece, problem: LeftoverProblem): number {
  const each = problem.yarns.map((y, i) => y.metres / (piece.rowMetres[i]! * piece.copies)).sort((a, b) => b - a);
  // The largest rests first: so many are needed for the rows of the zone.
  let [rows, needed] = [0, 0];
  while (rows < zone.rows && needed < each.length) rows += each[needed++]!;
  return Math.max(1, Math.min(needed + SPARE_SLOTS, Math.floor(zone.rows / problem.leastRows) + 1, MOST_SLOTS));
}

/** How many yarns are needed at the least, each with the tails of one section, for all rows of all pieces. */
function fewestYarns({ yarns, pieces, tailMetres }: LeftoverProblem): number {
  const most = yarns.map((y) => Math.max(0, y.metres - 2 * tailMetres)).sort((a, b) => b - a);
  let need = pieces.reduce((sum, p) => sum + p.copies * (rowsOf(p) * Math.min(...p.rowMetres) + p.firstMetres + p.lastMetres), 0); // prettier-ignore
  let count = 0;
  while (need > 0 && count < most.length) need -= most[count++]!;
  return count;
}

/** Puts a model together column by column and row by row. */
class Builder {
  readonly columns: Model['columns'] = [];
  readonly rows: Model['rows'] = [];
  column(cost: number, lower: number, upper: number, whole: boolean): number {
    this.columns.push({ cost, lower, upper, whole });
    return this.columns.length - 1;
  }
  row(lower: number, upper: number, terms: readonly (readonly [column: number, by: number])[]): void {
    const sum = new Map<number, number>();
    for (const [at, by] of terms) sum.set(at, (sum.get(at) ?? 0) + by);
    this.rows.push({ lower, upper, at: [...sum.keys()], by: [...sum.values()] });
  }
}

/**
 * The model of a problem. Every slot has one yarn; a slot may have no rows; a section is a stretch of slots in one yarn, so
 * that it may lie across seen and hidden rows. Whole rows, whole sections; yarn as it is measured.
 *
 * @param asking what is missing instead of what is best: yarn may be overdrawn, and that is made as little as can be
 */
export function modelOf(problem: LeftoverProblem, asking = false): LeftoverModel {
  const b = new Builder();
  const { yarns, leastRows: least } = problem;
  const use: (readonly [number, number])[][] = yarns.map(() => []);
  const pieces = problem.pieces.map((piece): PieceColumns => {
    const all = rowsOf(piece);
    // Mirrored, where a row lies does not decide its colour alone: the piece is one zone.
    const zones: readonly Zone[] = problem.mirrored ? [{ rows: all, seen: true }] : piece.zones;
    const slots = zones.flatMap((zone, z) =>
      Array.from({ length: slotsFor(zone, piece, problem) }, () => ({ zone: z }))
    );
    if (problem.mirrored && slots.length % 2 === 0) slots.push({ zone: 0 });
    const is = slots.map(() => yarns.map(() => b.column(0, 0, 1, true)));
    const rows = slots.map(({ zone }) => yarns.map((yarn) => b.column(!asking && zones[zone]!.seen && yarn.ugly ? piece.copies * COST.uglyRow : 0, 0, zones[zone]!.rows, true))); // prettier-ignore
    const begins = slots.map(() => yarns.map(() => b.column(0, 0, 1, false)));
    const joined = b.column(asking ? 0 : piece.copies * COST.join, 0, slots.length - 1, true);
    b.row(0, 0, [[joined, -1], ...begins.slice(1).flatMap((slot) => slot.map((at) => [at, 1] as const))]);
    slots.forEach(({ zone }, s) => {
      b.row(
        1,
        1,
        is[s]!.map((at) => [at, 1])
      );
      yarns.forEach((_, y) => {
        b.row(-Infinity, 0, [[rows[s]![y]!, 1], [is[s]![y]!, -zones[zone]!.rows]]); // prettier-ignore
        // Nothing begins that is not there; at the first slot, what is there begins.
        b.row(s === 0 ? 0 : -Infinity, 0, [[begins[s]![y]!, 1], [is[s]![y]!, -1]]); // prettier-ignore
        // It begins where the slot before is of another yarn.
        b.row(0, Infinity, [[begins[s]![y]!, 1], [is[s]![y]!, -1], ...(s > 0 ? [[is[s - 1]![y]!, 1] as const] : [])]); // prettier-ignore
      });
    });
    zones.forEach((zone, z) => b.row(zone.rows, zone.rows, slots.flatMap((slot, s) => (slot.zone === z ? rows[s]!.map((at) => [at, 1] as const) : [])))); // prettier-ignore
    // Of a stretch that begins at one slot and is over before another, the rows are enough.
    const joins = (s: number, by: number): (readonly [number, number])[] => begins[s]!.map((at) => [at, by] as const);
    if (least > 1 && slots.length > 1) {
      slots.forEach((_, s) => {
        for (let t = s; t < slots.length; t++) {
          const fixed = (s === 0 ? 1 : 0) + (t === slots.length - 1 ? 1 : 0) - 1;
          const terms = slots.slice(s, t + 1).flatMap((__, k) => rows[s + k]!.map((at) => [at, 1] as const));
          const inside = Array.from({ length: t - s }, (__, k) => joins(s + 1 + k, least)).flat();
          // A piece of one section alone may be as low as it is.
          if (s === 0 && t === slots.length - 1) continue;
          b.row(least * fixed, Infinity, [...terms, ...(s === 0 ? [] : joins(s, -least)), ...(t === slots.length - 1 ? [] : joins(t + 1, -least)), ...inside]); // prettier-ignore
        }
      });
    }
    for (let s = 0; s + 1 < slots.length; s++) {
      for (const [x, y] of problem.apart) {
        b.row(-Infinity, 1, [
          [is[s]![x]!, 1],
          [is[s + 1]![y]!, 1]
        ]);
        b.row(-Infinity, 1, [
          [is[s]![y]!, 1],
          [is[s + 1]![x]!, 1]
        ]);
      }
      if (problem.inOrder) b.row(0, Infinity, yarns.flatMap((_, y) => [[is[s + 1]![y]!, y] as const, [is[s]![y]!, -y] as const])); // prettier-ignore
    }
    if (problem.mirrored) {
      for (let s = 0; s < (slots.length - 1) / 2; s++) {
        const other = slots.length - 1 - s;
        yarns.forEach((_, y) => {
          b.row(0, 0, [
            [is[s]![y]!, 1],
            [is[other]![y]!, -1]
          ]);
          b.row(0, 0, [
            [rows[s]![y]!, 1],
            [rows[other]![y]!, -1]
          ]);
        });
      }
    }
    yarns.forEach((_, y) => {
      slots.forEach((__, s) => {
        use[y]!.push([rows[s]![y]!, piece.copies * piece.rowMetres[y]!], [begins[s]![y]!, 2 * piece.copies * problem.tailMetres]); // prettier-ignore
      });
      use[y]!.push([is[0]![y]!, piece.copies * piece.firstMetres], [is.at(-1)![y]!, piece.copies * piece.lastMetres]);
    });
    return { slots, is, rows, begins, joins: joined };
  });
  // A yarn that is used begins at least once, and gives no more than it has: so many yarns are needed, and so many joins.
  const uses = yarns.map(({ metres }, y) => {
    const used = b.column(0, 0, 1, true);
    const begun: (readonly [number, number])[] = [];
    const given: (readonly [number, number])[] = [];
    pieces.forEach((piece, p) => {
      const own = problem.pieces[p]!;
      piece.is.forEach((slot, s) => {
        b.row(-Infinity, 0, [[slot[y]!, 1], [used, -1]]); // prettier-ignore
        begun.push([piece.begins[s]![y]!, 1]);
        given.push([piece.rows[s]![y]!, own.copies * own.rowMetres[y]!]);
      });
    });
    b.row(0, Infinity, [...begun, [used, -1]]);
    if (!asking) b.row(-Infinity, 0, [...given, [used, -metres]]);
    return used;
  });
  // So many yarns are needed even if the largest rests are taken: no answer has fewer sections.
  const fewest = asking ? 0 : fewestYarns(problem);
  b.row(fewest, Infinity, uses.map((at) => [at, 1] as const)); // prettier-ignore
  b.row(
    fewest - pieces.length,
    Infinity,
    pieces.map((piece) => [piece.joins, 1] as const)
  );
  const missing = asking ? yarns.map(() => b.column(1, 0, Infinity, false)) : [];
  yarns.forEach(({ metres }, y) =>
    b.row(-Infinity, metres, [...use[y]!, ...(asking ? [[missing[y]!, -1] as const] : [])])
  );
  return { model: { columns: b.columns, rows: b.rows }, pieces, used: uses, missing };
}

/** Reads the answer off a solution: stretches of slots in one yarn, those without rows left out. */
export function answerOf({ pieces }: LeftoverModel, values: ArrayLike<number>): Answer {
  return pieces.map(({ is, rows }) => {
    const laid: { yarn: number; rows: number }[] = [];
    is.forEach((slot, s) => {
      const yarn = slot.findIndex((at) => values[at]! > 0.5);
      const count = Math.round(rows[s]!.reduce((sum, at) => sum + values[at]!, 0));
      if (count === 0) return;
      const last = laid.at(-1);
      if (last?.yarn === yarn) laid[laid.length - 1] = { yarn, rows: last.rows + count };
      else laid.push({ yarn, rows: count });
    });
    return laid;
  });
}

/**
 * The model with answers ruled out that were had already: another one must have other yarns in a third of its sections at
 * least.
 */
export function unlike(of: LeftoverModel, had: readonly ArrayLike<number>[]): LeftoverModel {
  const more = had.map((values) => {
    const at = of.pieces.flatMap(({ is, rows }) => is.flatMap((slot, s) => (rows[s]!.some((r) => values[r]! > 0.5) ? slot.filter((column) => values[column]! > 0.5) : []))); // prettier-ignore
    const same = at.length - Math.max(1, Math.ceil(at.length / 3));
    return { lower: -Infinity, upper: same, at, by: at.map(() => 1) };
  });
  return { ...of, model: { columns: of.model.columns, rows: [...of.model.rows, ...more] } };
}

/**
 * The values of an answer in a model, so that a search can begin with it; null where it has more sections in a zone than the
 * model has slots.
 */
export function valuesOf(
  { model, pieces, used }: LeftoverModel,
  problem: LeftoverProblem,
  answer: Answer
): Float64Array | null {
  const values = new Float64Array(model.columns.length);
  for (const [p, { slots, is, rows, begins, joins }] of pieces.entries()) {
    const colours = answer[p]!.flatMap((s) => Array.from({ length: s.rows }, () => s.yarn));
    const zones = problem.mirrored ? [{ rows: colours.length }] : problem.pieces[p]!.zones;
    let row = 0;
    let before = -1;
    for (const [z, zone] of zones.entries()) {
      const own = slots.flatMap((slot, s) => (slot.zone === z ? [s] : []));
      const runs: { yarn: number; rows: number }[] = [];
      for (let i = 0; i < zone.rows; i++, row++) {
        const last = runs.at(-1);
        if (last && last.yarn === colours[row]) last.rows++;
        else runs.push({ yarn: colours[row]!, rows: 1 });
      }
      if (runs.length > own.length) return null;
      own.forEach((s, k) => {
        const { yarn, rows: count } = runs[k] ?? { yarn: runs.at(-1)!.yarn, rows: 0 };
        values[is[s]![yarn]!] = 1;
        values[rows[s]![yarn]!] = count;
        values[used[yarn]!] = 1;
        if (yarn !== before) {
          values[begins[s]![yarn]!] = 1;
          if (s > 0) values[joins]! += 1;
        }
        before = yarn;
      });
    }
  }
  return values;
}
