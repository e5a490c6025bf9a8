import { pieceAt } from './knit';
import { gaugeFor, type Kit, machineOf, yarnOf } from './kit';
import { measuredPiece } from './read';
import type { Figure } from './quantity';
import { type Readings, tryRead } from './tomble';

/** What one yarn was found to knit to, by a piece that was measured. */
export interface Lesson {
  /** Yarn as the plan holds it. */
  readonly yarnId: string;
  /** Rows and stitches to a cm as they were believed without the piece, and with it. */
  readonly courses: { readonly before: Figure; readonly after: Figure };
  readonly wales: { readonly before: Figure; readonly after: Figure };
  /** Measurements of this piece that are set aside teach nothing. */
  readonly forgotten: boolean;
}

/** What a finished piece taught, and what the same plan asks for now. */
export interface Lessons {
  readonly yarns: readonly Lesson[];
  /** Rows of the piece that was measured, as the same brief would be planned without what it taught, and with it. */
  readonly next: { readonly piece: string; readonly before: number; readonly after: number } | null;
}

/** The kit without what one project taught. */
const without = (kit: Kit, projectId: string): Kit => ({
  ...kit,
  finished: kit.finished.filter((piece) => piece.projectId !== projectId)
});

/**
 * What was learned from a finished piece: the gauge of each of its yarns as it was believed without it and as it is believed
 * now, and the rows the same plan would have. Read from the kit, so that forgetting it shows at once.
 *
 * @param kit as it is now, with what was measured
 * @param projectId the project the piece is from
 * @example lessonsOf(kit, 'hat', result).next // { piece: 'Tube', before: 148, after: 154 }
 */
export function lessonsOf(kit: Kit, projectId: string, result: Readings): Lessons {
  const piece = measuredPiece(result);
  const taught = kit.finished.filter((seen) => seen.projectId === projectId);
  if (piece === null || taught.length === 0) return { yarns: [], next: null };
  const bare = without(kit, projectId);
  const { machineId, hole, label } = pieceAt(result, piece).planned;
  const { strands, fingers } = result.brief;
  const yarns = taught.flatMap(({ yarnId, setAside }): Lesson[] => {
    const known = kit.yarns.some((y) => y.id === yarnId) && kit.machines.some((m) => m.id === machineId);
    if (!known) return [];
    const of = (from: Kit) => gaugeFor(from, machineOf(from, machineId), yarnOf(from, yarnId, strands), hole, fingers);
    const [before, after] = [of(bare), of(kit)];
    return [
      {
        yarnId,
        courses: { before: before.courses, after: after.courses },
        wales: { before: before.wales, after: after.wales },
        forgotten: setAside
      }
    ];
  });
  const rows = (from: Kit): number | null => {
    const planned = tryRead(from, result.brief);
    return planned.ok ? (planned.value.sizes.pieces[piece]?.rows ?? null) : null;
  };
  const [before, after] = [rows(bare), rows(kit)];
  return { yarns, next: before === null || after === null ? null : { piece: label, before, after } };
}
