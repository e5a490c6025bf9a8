import { Observation } from '../kit';
import { type Executed, pieceAt, type Tension, tensionOfFeed, workRows } from '../knit';

/** What was measured on a finished tube. */
export interface TubeMeasured {
  readonly lengthMm: number | null;
  readonly flatWidthMm: number | null;
}

/** Pins from which on a tube tells something about a gauge; a cord rolls up (own estimate, no source). */
const TELLING_PINS = 12;

/**
 * The piece worth measuring: the tube with the most stitches. Null when there is only cord.
 *
 * @example measuredPiece(hat) // 0
 */
export function measuredPiece(run: Executed): number | null {
  let best: number | null = null;
  run.plan.pieces.forEach((piece, p) => {
    const { width, rows } = pieceAt(run, p).fabric;
    if (piece.mode !== 'tube' || width < TELLING_PINS || rows === 0) return;
    const size = (q: number): number => pieceAt(run, q).fabric.width * pieceAt(run, q).fabric.rows;
    if (best === null || size(p) > size(best)) best = p;
  });
  return best;
}

/** How tight the work of a piece was knitted, each once. */
function tensionsOf(piece: Executed['fabric']['pieces'][number], yarns: number): Tension[] {
  const used = new Set(piece.runs.flatMap((r) => (r.purpose === 0 ? [tensionOfFeed(piece, r.feed, yarns)] : [])));
  return [...used];
}

/**
 * What a finished piece teaches: one observation for each of its yarns, counted by the share of rows it has. A piece
 * of yarns that differ in class, strands or tension teaches nothing, because nobody can say which of them was off.
 *
 * @param run the plan it was knitted from
 * @param projectId project it belongs to; measuring again replaces what it taught before
 * @param measured what the tape said
 * @param on day of the measurement, as 2026-11-05
 * @example observationsOf(result, 'p1', { lengthMm: 540, flatWidthMm: 178 }, '2026-11-05').length // 2
 */
export function observationsOf(run: Executed, projectId: string, measured: TubeMeasured, on: string): Observation[] {
  if (measured.lengthMm === null && measured.flatWidthMm === null) return [];
  const at = measuredPiece(run);
  const piece = at === null ? undefined : run.fabric.pieces[at];
  const planned = at === null ? undefined : run.plan.pieces[at];
  if (!piece || !planned) return [];
  const rowsOf = workRows(piece);
  const [tension, ...others] = tensionsOf(piece, run.yarns.length);
  if (!tension || others.length > 0) return [];
  const knitted = [...rowsOf.values()].reduce((sum, n) => sum + n, 0);
  // Rows that hang doubled lie on each other: half of them make the length.
  const rows = knitted - piece.doubled.reduce((sum, d) => sum + (d.to - d.from + 1), 0) / 2;
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
      hole: tension.hole,
      fingers: tension.fingers ?? run.brief.fingers,
      state: run.plan.state,
      pins: piece.width,
      rows: Math.round(rows),
      share: count / knitted,
      lengthMm: measured.lengthMm,
      flatWidthMm: measured.flatWidthMm,
      on
    });
  });
}
