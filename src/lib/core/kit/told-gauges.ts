import { gaugeOfSwatch } from './evidence';
import type { Observation } from './observation';
import type { Swatch } from './swatch';

/** What one swatch or finished piece said of the rows of a yarn, in the state it was measured in. */
export interface ToldGauge {
  readonly yarnId: string;
  /** Day it was measured, as 2026-11-26. */
  readonly on: string;
  readonly rowsPerCm: number;
  /** Name of the finished piece; null for a swatch. */
  readonly piece: string | null;
}

/**
 * Everything that was measured of rows, swatches first; what is set aside, or was only measured across, says nothing.
 *
 * @example toldGauges(kit)[0] // { yarnId: 'y-ember', on: '2026-10-18', rowsPerCm: 2.03, piece: null }
 */
export function toldGauges({
  swatches,
  finished
}: {
  readonly swatches: readonly Swatch[];
  readonly finished: readonly Observation[];
}): ToldGauge[] {
  return [
    ...swatches.flatMap((s): ToldGauge[] =>
      s.setAside ? [] : [{ yarnId: s.yarnId, on: s.on, rowsPerCm: gaugeOfSwatch(s).courses, piece: null }]
    ),
    ...finished.flatMap(({ yarnId, on, rows, lengthMm, name, setAside }): ToldGauge[] =>
      setAside || lengthMm === null ? [] : [{ yarnId, on, rowsPerCm: (10 * rows) / lengthMm, piece: name }]
    )
  ];
}
