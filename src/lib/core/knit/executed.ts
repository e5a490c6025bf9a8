import { type Gauge, type Kit, machineOf, type Yarn, yarnOf } from '../kit';
import { type Brief, type Finding, gaugeIn, NO_NOTES, type Notes, type Piece, type Plan } from '../plan';
import type { Fabric, PieceFabric, RowRun } from './fabric';
import type { CrankFault } from './fault';
import { knit } from './knit';
import { workOf } from './work-row';

/** A plan that has been run, with everything its readings share. Readings take it and nothing else. */
export interface Executed {
  readonly kit: Kit;
  readonly brief: Brief;
  readonly plan: Plan;
  /** What only the draft knew: wishes that could not be had. */
  readonly notes: Notes;
  readonly fabric: Fabric;
  readonly refusals: readonly Finding[];
  /** The yarns of the fabric, strands as the brief has them, in the order of `fabric.yarns`. */
  readonly yarns: readonly Yarn[];
  /**
   * For every piece, the gauges its rows are knitted at, by `PieceFabric.feed`: each of those yarns on the piece's
   * machine in
   * its hole, then all of them again for every other tension that some of its rows have.
   */
  readonly gauges: readonly (readonly Gauge[])[];
}

/**
 * Runs a plan and gathers what the readings need.
 *
 * @param faults what went wrong at the crank
 * @throws RangeError when the plan names a machine or yarn the kit does not have
 */
export function execute(
  kit: Kit,
  brief: Brief,
  plan: Plan,
  notes: Notes = NO_NOTES,
  faults: readonly CrankFault[] = []
): Executed {
  const { fabric, refusals } = knit(kit, plan, faults);
  const yarns = fabric.yarns.map((id) => yarnOf(kit, id, brief.strands));
  // Pieces on the same machine in the same hole share their gauges.
  const known = new Map<string, readonly Gauge[]>();
  const gauges = plan.pieces.map((piece, p) => {
    const { tensions } = fabric.pieces[p]!;
    const key = `${piece.machineId} ${tensions.map((t) => `${t.hole} ${t.fingers}`).join()}`;
    const found = known.get(key);
    if (found) return found;
    const machine = machineOf(kit, piece.machineId);
    const own = tensions.flatMap(({ hole, fingers }) => yarns.map((yarn) => gaugeIn(kit, brief, machine, yarn, hole, fingers ?? brief.fingers))); // prettier-ignore
    known.set(key, own);
    return own;
  });
  return { kit, brief, plan, notes, fabric, refusals, yarns, gauges };
}

/** One piece as it was planned, knitted and measured. */
export interface PieceRun {
  readonly index: number;
  readonly planned: Piece;
  readonly fabric: PieceFabric;
  readonly gauges: readonly Gauge[];
}

/**
 * A piece with all that belongs to it.
 *
 * @throws RangeError when the plan has no such piece
 * @example const { planned, fabric } = pieceAt(run, 0)
 */
export function pieceAt(run: Pick<Executed, 'plan' | 'fabric' | 'gauges'>, index: number): PieceRun {
  const [planned, fabric, gauges] = [run.plan.pieces[index], run.fabric.pieces[index], run.gauges[index]];
  if (!planned || !fabric || !gauges) throw new RangeError(`piece must be one of ${run.plan.pieces.length}; received ${index}`); // prettier-ignore
  return { index, planned, fabric, gauges };
}

/** The gauge most of a piece is knitted at: that of its first work row. */
export function mainGauge(run: Pick<Executed, 'fabric' | 'gauges'>, piece: number): Gauge {
  const fabric = run.fabric.pieces[piece]!;
  return run.gauges[piece]![mainFeed(fabric)]!;
}

/** The same for the gauges of the piece: its yarn as tight as it is there. */
export const mainFeed = ({ feed, work }: PieceFabric): number => feed[work.first] ?? 0;

/** Yarn of the first work row of a piece, by its index in the fabric. */
export const mainYarn = ({ yarn, work }: PieceFabric): number => yarn[work.first] ?? 0;

/** True rows of a finished plan, every copy counted. */
export const allRows = (run: Pick<Executed, 'plan' | 'fabric'>): number =>
  run.plan.pieces.reduce((sum, piece, p) => sum + piece.copies * run.fabric.pieces[p]!.rows, 0);

/**
 * Rows of the work of a finished plan, every copy counted, waste left out.
 *
 * @example allWorkRows(result) === trackOf(result).workRows // true
 */
export const allWorkRows = (run: Pick<Executed, 'plan' | 'fabric'>): number =>
  run.plan.pieces.reduce((sum, piece, p) => sum + piece.copies * workOf(run.fabric.pieces[p]!).rows, 0);

/** Changes of colour in the rows of the work; what joins the waste to it is none. */
export function colourChanges(runs: readonly RowRun[]): number {
  const work = runs.filter((run) => run.purpose === 0);
  return work.filter((run, i) => i > 0 && run.yarn !== work[i - 1]!.yarn).length;
}

/** Work rows of each yarn of a piece, by its index in the fabric; waste is left out. */
export function workRows(piece: Fabric['pieces'][number]): Map<number, number> {
  const rows = new Map<number, number>();
  for (const r of piece.runs) {
    if (r.purpose === 0) rows.set(r.yarn, (rows.get(r.yarn) ?? 0) + r.last - r.first + 1);
  }
  return rows;
}
