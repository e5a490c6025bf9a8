import type { PieceFabric, Tension } from './fabric';

/**
 * A feed is a yarn as tight as some rows are: what the gauges of a piece are numbered by. All yarns stand one after the other
 * for each tension of the piece.
 */

/** The yarn of a feed. @example yarnOfFeed(5, 3) // 2 */
export const yarnOfFeed = (feed: number, yarns: number): number => feed % yarns;

/** The tension of a feed of a piece. */
export const tensionOfFeed = ({ tensions }: Pick<PieceFabric, 'tensions'>, feed: number, yarns: number): Tension =>
  tensions[Math.floor(feed / yarns)]!;
