import type { Edge, RunName } from './rims';

/** A side of the fabric: smooth columns, or bumps. */
export type Face = 'knit' | 'purl';

/** A part of a tube: its first half of rows, its last half, or all of it. */
export type Half = 'first' | 'last' | 'whole';

/** What a person sees on one side of a finished thing: which part of the piece, and which of its faces. */
export interface ShownSide {
  readonly half: Half;
  readonly face: Face;
}

/** The other side of the fabric. @example otherFace('knit') // 'purl' */
export const otherFace = (face: Face): Face => (face === 'knit' ? 'purl' : 'knit');

/** The half of a tube that ends at an edge. @example halfAt('cast-on') // 'first' */
export const halfAt = (edge: Edge): 'first' | 'last' => (edge === 'cast-on' ? 'first' : 'last');

/** The half of a tube that a run of its rim belongs to; nothing for one that lies along both. */
export const halfOfRun = (run: RunName): 'first' | 'last' | undefined =>
  run === 'cast-on' || run === 'hung-off' ? halfAt(run) : undefined;

/** The edge at which a half of a tube ends. @example edgeOfHalf('last') // 'hung-off' */
export const edgeOfHalf = (half: 'first' | 'last'): Edge => (half === 'first' ? 'cast-on' : 'hung-off');

/** The other end of a piece. @example otherEdge('cast-on') // 'hung-off' */
export const otherEdge = (edge: Edge): Edge => (edge === 'cast-on' ? 'hung-off' : 'cast-on');

/** The other half of a tube. @example otherHalf('first') // 'last' */
export const otherHalf = (half: 'first' | 'last'): 'first' | 'last' => (half === 'first' ? 'last' : 'first');
