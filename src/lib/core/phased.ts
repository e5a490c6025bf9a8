import { pieceAt } from './knit';
import { alongRows, cycleMetres, phaseRuns, recolour } from './colour';
import type { Kit, Yarn } from './kit';
import { type ColourSection, type PieceColours, sameTension, tensionOf } from './plan';
import { read, type Readings } from './tomble';

/** The yarn one phase of another is painted as: alike in everything but its colour, so that it knits alike. */
const asYarn = (yarn: Yarn, phase: number): Yarn => ({
  ...yarn,
  id: `${yarn.id}~${phase}`,
  colour: { name: yarn.phases[phase]!.name, hex: yarn.phases[phase]!.hex },
  phases: []
});

/** A kit in which what is known of a yarn is known of its phases too. */
function kitWith(kit: Kit, long: readonly Yarn[]): Kit {
  const each = long.flatMap((yarn) => yarn.phases.map((_, phase) => ({ own: yarn.id, as: asYarn(yarn, phase) })));
  const known = <T extends { id: string; yarnId: string }>(list: readonly T[]): T[] => [
    ...list,
    ...each.flatMap(({ own, as }) => list.filter((s) => s.yarnId === own).map((s) => ({ ...s, id: `${s.id}~${as.id}`, yarnId: as.id }))) // prettier-ignore
  ];
  return { ...kit, yarns: [...kit.yarns, ...each.map(({ as }) => as)], swatches: known(kit.swatches), finished: known(kit.finished) }; // prettier-ignore
}

/**
 * Which phase colours most of each row of a yarn, in the order its rows are cranked.
 *
 * @param metres of each row
 * @param start metres of the ball's order that are passed before the first row
 * @returns a number of a phase for every row
 * @example rowPhases([{ name: 'a', hex, metres: 4 }, { name: 'b', hex, metres: 4 }], [3, 3, 3], 0) // [0, 1, 0]
 */
export function rowPhases(phases: Yarn['phases'], metres: readonly number[], start: number): number[] {
  const runs = phaseRuns(phases, metres, start);
  let first = 0;
  return metres.map((_, row) => {
    while (first + 1 < runs.length && runs[first]!.to <= row) first++;
    let [best, most] = [runs[first]?.phase ?? 0, -1];
    for (let i = first; i < runs.length && runs[i]!.from < row + 1; i++) {
      const share = Math.min(runs[i]!.to, row + 1) - Math.max(runs[i]!.from, row);
      if (share > most) [best, most] = [runs[i]!.phase, share];
    }
    return best;
  });
}

/**
 * A thing as long-phase yarn colours it: the same rows, each in the phase that colours most of it. Of pieces made several
 * times the first is painted.
 *
 * @param starts by the yarn's id: how far into its phases the ball is begun, 0 to 1
 * @returns the thing itself where no yarn of it has phases
 * @example phased(result, { lake: 0.25 }).yarns.map((y) => y.colour.name) // ['Moss', 'Sand', 'Moss']
 */
export function phased(result: Readings, starts: Readonly<Record<string, number>>): Readings {
  const { brief, notes, plan } = result;
  const long = result.yarns.filter((yarn) => yarn.phases.length > 1);
  if (long.length === 0) return result;
  const rows = alongRows(result).filter(({ copy }) => copy === 1);
  const painted = new Map<(typeof rows)[number], string>();
  for (const yarn of long) {
    const own = rows.filter((r) => result.yarns[r.yarn] === yarn);
    const start = (starts[yarn.id] ?? 0) * cycleMetres(yarn.phases);
    const phases = rowPhases(yarn.phases, own.map((r) => r.metres), start); // prettier-ignore
    own.forEach((row, i) => painted.set(row, `${yarn.id}~${phases[i]}`));
  }
  const colours = plan.pieces.flatMap(({ operations }, piece): PieceColours[] => {
    const { operation } = pieceAt(result, piece).fabric;
    const sections: ColourSection[] = [];
    for (const row of rows) {
      if (row.piece !== piece || row.work === null) continue;
      const yarn = painted.get(row) ?? result.yarns[row.yarn]!.id;
      const last = sections.at(-1);
      const op = operations[operation[row.row]!]!;
      const tension = op.op === 'knit' ? tensionOf(op) : {};
      if (last?.yarn === yarn && sameTension(last, tension)) last.rows += 1;
      else sections.push({ yarn, rows: 1, ...tension, locked: false });
    }
    return sections.length ? [{ piece, sections }] : [];
  });
  const kit = kitWith(result.kit, long);
  return read(kit, brief, { plan: recolour(kit, plan, colours, 'knot'), notes });
}
