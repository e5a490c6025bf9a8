import { explicit } from '../colour';
import { kindOf } from '../kinds';
import { withRefs } from '../kinds/refs';
import { stretchyIn } from '../kinds/shared/tube';
import { WASTE_YARN } from '../kinds/work-yarns';
import { type Kit, machineOf, rulesOf, usualHole, yarnOf } from '../kit';
import {
  type Brief,
  type Change,
  changed,
  countingGauge,
  gaugeIn,
  isAsked,
  optionFields,
  type OptionMeta,
  type PieceColours,
  type Section
} from '../plan';
import { workRows } from '../read';
import { type Readings, tryRead } from '../tomble';

/** One yarn in the place of another. */
export interface Swap {
  readonly from: string;
  readonly to: string;
  /** Strands of the new yarn held together. */
  readonly strands: number;
  /** What stays: the size, so that counts that were typed follow the gauge; or the rows and stitches. */
  readonly keep: 'size' | 'counts';
}

/** The yarn as it is held in a brief, on the brief's machine: rows and stitches to a cm. */
function gaugeOf(kit: Kit, brief: Brief, yarnId: string, gauge: typeof countingGauge | typeof gaugeIn) {
  const machine = machineOf(kit, brief.machineId);
  const yarn = yarnOf(kit, yarnId, brief.strands);
  const hole = brief.hole ?? usualHole(machine, yarn, rulesOf(kit).holeOfStrands);
  const { courses, wales } = gauge(kit, brief, machine, yarn, hole);
  return { courses: courses.value, wales: wales.value };
}

type Rows = ReadonlyMap<string, number>;

/** Rows of the work by yarn, over all pieces. */
function rowsByYarn({ fabric }: Pick<Readings, 'fabric'>): Rows {
  const rows = new Map<string, number>();
  for (const piece of fabric.pieces) {
    for (const [index, count] of workRows(piece)) {
      const id = fabric.yarns[index]!;
      rows.set(id, (rows.get(id) ?? 0) + count);
    }
  }
  return rows;
}

/** To see in which yarns a typed count is knitted, the plan is made once more with this many times as many. */
const MORE = 1.5;

/**
 * In which yarns the rows of a typed count are knitted: those that more of it adds. Where nothing is added, as between two limits,
 * all of the work counts.
 */
function knittedIn(kit: Kit, now: Readings, key: string, meta: OptionMeta): Rows {
  const all = rowsByYarn(now);
  const value = now.brief.options[key] as number;
  const more = Math.min(meta.max ?? Infinity, Math.max(value + 2, Math.round(MORE * value)));
  const longer = tryRead(kit, changed(now.brief, { options: { [key]: more } }));
  if (!longer.ok) return all;
  const added = [...rowsByYarn(longer.value)].map(([id, rows]) => [id, rows - (all.get(id) ?? 0)] as const);
  const grown = added.filter(([, rows]) => rows > 0);
  return grown.length > 0 ? new Map(grown) : all;
}

/** Counts of a plan that were typed and make its size. */
function typedCounts(now: Readings): { key: string; meta: OptionMeta; value: number }[] {
  const { options, kind } = now.brief;
  const schema = kindOf(kind)!.options;
  return optionFields(schema).flatMap(({ key, meta }) => {
    const value = options[key];
    return meta.counts && typeof value === 'number' && isAsked(meta.when, options) ? [{ key, meta, value }] : [];
  });
}

/** How a count changes so that the length stays: rows by yarn, and the rows to a cm of each before and after. */
function factorOf(rows: Rows, before: (id: string) => number, after: (id: string) => number): number {
  const length = (of: (id: string) => number): number => [...rows].reduce((mm, [id, n]) => mm + n / of(id), 0);
  return length(before) / length(after);
}

/** A count times a factor, within its limits; on a panel it stays even or odd, so that the yarn ends at the same edge. */
function scaled(value: number, factor: number, flat: boolean, { min, max }: Pick<OptionMeta, 'min' | 'max'>): number {
  const near = flat ? value + 2 * Math.round((value * (factor - 1)) / 2) : Math.round(value * factor);
  return Math.min(max ?? Infinity, Math.max(min ?? 1, near));
}

/** What the change of size rests on; asked once for many yarns. */
interface Grounds {
  readonly counts: readonly { key: string; meta: OptionMeta; value: number; rows: Rows }[];
  readonly flat: boolean;
}

function groundsOf(kit: Kit, now: Readings): Grounds {
  const all = rowsByYarn(now);
  return {
    flat: now.plan.pieces.some((piece) => piece.mode !== 'tube'),
    counts: typedCounts(now).map((c) => ({
      ...c,
      rows: c.meta.counts === 'rows' ? knittedIn(kit, now, c.key, c.meta) : all
    }))
  };
}

/** Typed counts and rows of sections at the new gauge, so that the sizes stay. */
function resized(kit: Kit, now: Readings, { counts, flat }: Grounds, swap: Swap, there: Brief): Change {
  const { from, to } = swap;
  const old = (id: string) => gaugeOf(kit, now.brief, id, gaugeIn);
  const then = (id: string) => gaugeOf(kit, there, id === from ? to : id, gaugeIn);
  const rate = then(from).courses / old(from).courses;
  const sized = counts.map(({ key, meta, value, rows }) => {
    const of = meta.counts === 'rows' ? 'courses' : 'wales';
    const factor = factorOf(
      rows,
      (id) => old(id)[of],
      (id) => then(id)[of]
    );
    return [key, scaled(value, factor, flat && of === 'courses', meta)] as const;
  });
  const section = <T extends Section>(s: T): T => ({ ...s, rows: scaled(s.rows, rate, false, {}) });
  const fields = optionFields(kindOf(now.brief.kind)!.options);
  // Sections that are the length, and not a pattern that goes on for as long as it is.
  const lists = fields.flatMap(({ key, meta }) => {
    const list = now.brief.options[key];
    if (meta.control !== 'sections' || !meta.counts || !Array.isArray(list)) return [];
    const own = there.options[key] as Section[];
    return [[key, own.map((s, i) => ((list as Section[])[i]!.yarn === from ? section(s) : s))] as const];
  });
  const colours = there.colours.map((piece, c): PieceColours => ({
    ...piece,
    sections: piece.sections.map((s, i) => (now.brief.colours[c]!.sections[i]!.yarn === from ? section(s) : s))
  }));
  const whole = factorOf(
    rowsByYarn(now),
    (id) => old(id).courses,
    (id) => then(id).courses
  );
  const patches = there.patches.map((patch) => ({ ...patch, row: scaled(patch.row, whole, false, {}) }));
  return { options: Object.fromEntries([...sized, ...lists]), colours, patches };
}

/** The brief with the other name in every place; a waste yarn that was the one replaced is left to be chosen. */
function renamed(brief: Brief, { from, to, strands }: Swap): Brief {
  const there = withRefs(brief, ({ what, id, path }) =>
    what === 'yarn' && id === from && !path.startsWith('strands.') && !path.startsWith('gauge.') ? to : id
  );
  const waste = brief.options[WASTE_YARN] === from ? { [WASTE_YARN]: null } : {};
  return {
    ...there,
    options: { ...there.options, ...waste },
    strands: { ...there.strands, [to]: strands },
    without: [...new Set([...(brief.without ?? []).filter((id) => id !== to), from])]
  };
}

/** What of a brief an edit has to name. */
function differences(before: Brief, after: Brief): Change {
  const other = (a: unknown, b: unknown): boolean => JSON.stringify(a) !== JSON.stringify(b);
  const options = Object.entries(after.options).filter(([key, value]) => other(value, before.options[key]));
  return {
    ...(options.length ? { options: Object.fromEntries(options) } : {}),
    ...(other(before.colours, after.colours) ? { colours: after.colours } : {}),
    ...(other(before.pompom, after.pompom) ? { pompom: after.pompom } : {}),
    ...(other(before.patches, after.patches) ? { patches: after.patches } : {}),
    ...(other(before.countsAs, after.countsAs) ? { countsAs: after.countsAs } : {}),
    ...(other(before.strands, after.strands) ? { strands: after.strands } : {}),
    ...(other(before.without, after.without) ? { without: after.without } : {})
  };
}

/**
 * Edits that put another yarn in the place of one, everywhere a brief names it. The size stays: counts that were typed follow the
 * gauge of the new yarn. Or the counts stay: rows and stitches are worked out as if the new yarn had the gauge of the old one.
 *
 * @param now the plan as it is
 * @returns the edit for a yarn; what it does not name stays as it is
 * @throws RangeError when the kit does not have the new yarn
 * @example changed(now.brief, swapsOf(kit, now)({ from: 'red', to: 'tide', strands: 1, keep: 'size' })).options.yarn // 'tide'
 */
export function swapsOf(kit: Kit, now: Readings): (swap: Swap) => Change {
  let grounds: Grounds | null = null;
  // Yarn that the plan took by itself has no place in the brief until it is named.
  const brief = explicit(kit, now.brief);
  return (swap) => {
    const { countsAs: _, ...bare } = renamed(brief, swap);
    if (swap.keep === 'counts') {
      const stretchy = stretchyIn(brief, yarnOf(kit, swap.from));
      const countsAs = { yarn: swap.to, ...gaugeOf(kit, brief, swap.from, countingGauge), stretchy };
      return differences(now.brief, { ...bare, countsAs });
    }
    grounds ??= groundsOf(kit, now);
    const sized = changed(bare, resized(kit, { ...now, brief }, grounds, swap, bare));
    const others = brief.countsAs && ![swap.from, swap.to].includes(brief.countsAs.yarn);
    return differences(now.brief, others ? { ...sized, countsAs: brief.countsAs } : sized);
  };
}
