import type { Sketch, SketchLabel, SketchLine, SketchShape } from '$lib/core/read';

/** The sides of a drawing put together, without its caption. */
export const parts = (
  of: { shapes?: readonly SketchShape[]; lines?: readonly SketchLine[]; labels?: readonly SketchLabel[] },
  size: Pick<Sketch, 'stitchMm' | 'rowMm'> = { stitchMm: 7, rowMm: 5 }
): Omit<Sketch, 'label'> => ({ shapes: of.shapes ?? [], lines: of.lines ?? [], labels: of.labels ?? [], ...size });
