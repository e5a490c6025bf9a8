/** A swatch of the red yarn on the only ring of the sample kit, as a file would hold it. */
export const RED_SWATCH = {
  id: 's',
  machineId: 'm',
  yarnId: 'red',
  hole: 1,
  state: 'rested',
  statement: { as: 'counts', stitches: 20, rows: 28 },
  on: '2026-05-01'
} as const;
