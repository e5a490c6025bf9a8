import type { Brief } from './brief';
import type { Fix } from './finding';

/** An edit of a brief: of the project itself, or of its options. */
export type Change = Omit<Fix['change'], 'pompom' | 'patches' | 'colours' | 'ownPlaces' | 'ownRows'> &
  Partial<
    Pick<
      Brief,
      | 'name'
      | 'hole'
      | 'fingers'
      | 'pompom'
      | 'patches'
      | 'colours'
      | 'ownSteps'
      | 'ownPlaces'
      | 'ownRows'
      | 'ownWaits'
      | 'gauge'
      | 'countsAs'
      | 'without'
    >
  >;

/**
 * A brief with a change applied; what the change does not name stays as it is.
 *
 * @example changed(brief, { options: { rows: 120 } }).options.rows // 120
 */
export function changed(brief: Brief, change: Change): Brief {
  return {
    ...brief,
    ...change,
    strands: { ...brief.strands, ...change.strands },
    options: { ...brief.options, ...change.options }
  };
}
