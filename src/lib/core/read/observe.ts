import { Observation } from '../kit';
import { type Executed, workRows } from './executed';

/** What was measured on a finished tube. */
export interface TubeMeasured {
  readonly lengthMm: number | null;
  readonly flatWidthMm: number | null;
}

/**
 * What a finished piece teaches: one observation for each of its yarns, counted by the share of rows it has. A piece
 * of yarns that differ in class or strands teaches nothing, because nobody can say which of them was off.
 *
 * @param run the plan it was knitted from
 * @param projectId project it belongs to; measuring again replaces what it taught before
 * @param measured what the tape said
 * @param on day of the measurement, as 2026-11-05
 * @example observationsOf(result, 'p1', { lengthMm: 540, flatWidthMm: 178 }, '2026-11-05').length // 2
 */
export function observationsOf(run: Executed, projectId: string, measured: TubeMeasured, on: string): Observation[] {
  if (measured.lengthMm === null && measured.flatWidthMm === null) return [];
  const piece = run.fabric.pieces[0];
  const planned = run.plan.pieces[0];
  if (!piece || !planned) return [];
  const rowsOf = workRows(piece);
  const rows = [...rowsOf.values()].reduce((sum, n) => sum + n, 0);
  const yarns = [...rowsOf.keys()].map((i) => run.yarns[i]!);
  const [first] = yarns;
  const alike = yarns.every((y) => y.weightClass === first?.weightClass && y.strands === first.strands);
  if (!first || !alike) return [];
  return [...rowsOf].map(([index, count]) => {
    const yarn = run.yarns[index]!;
    return Observation.parse({
      id: `${projectId}:${yarn.id}`,
      projectId,
      name: run.brief.name,
      machineId: planned.machineId,
      yarnId: yarn.id,
      strands: yarn.strands,
      hole: planned.hole,
      state: run.plan.state,
      pins: piece.width,
      rows,
      share: count / rows,
      lengthMm: measured.lengthMm,
      flatWidthMm: measured.flatWidthMm,
      on
    });
  });
}
