import { expect, test } from 'vitest';
import { sampleKit } from '../../../../tests/support/sample';
import { Observation } from './observation';
import { Swatch } from './swatch';
import { toldGauges } from './told-gauges';

const swatch = (more: object = {}) => Swatch.parse({ id: 's', machineId: 'm', yarnId: 'red', hole: 2, state: 'rested', statement: { as: 'counts', stitches: 13.5, rows: 24 }, on: '2026-05-01', ...more }); // prettier-ignore
const piece = (more: object = {}) => Observation.parse({ id: 'p:red', projectId: 'p', name: 'Hat', machineId: 'm', yarnId: 'red', hole: 2, pins: 48, rows: 104, lengthMm: 520, on: '2026-06-01', ...more }); // prettier-ignore

test('what was measured of rows: 24 to 10 cm are 2.4, 104 on 52 cm are 2; what is set aside or has no length says nothing', () => {
  const kit = { ...sampleKit(), swatches: [swatch(), swatch({ id: 't', setAside: true })], finished: [piece(), piece({ id: 'q', lengthMm: null, flatWidthMm: 170 }), piece({ id: 'r', setAside: true })] }; // prettier-ignore
  const told = toldGauges(kit);
  expect(told.map((g) => [g.piece, g.on])).toEqual([[null, '2026-05-01'], ['Hat', '2026-06-01']]); // prettier-ignore
  expect(told[0]!.rowsPerCm).toBeCloseTo(2.4, 9);
  expect(told[1]!.rowsPerCm).toBeCloseTo(2, 9);
});
