import { Kit } from '$lib/core/kit';

/**
 * The kit of the demo: Saltmarsh Lane, an invented village, prepares its lantern walk. Machines, yarns and labels
 * are invented.
 */
export const demoKit: Kit = Kit.parse({
  machines: [
    { id: 'm48', name: 'Big wheel', pins: 48, pinSpacingMm: 16.4 },
    {
      id: 'm40',
      name: 'Old forty',
      pins: 40,
      counter: 'none',
      marker: { kind: 'dark-among-light', counts: 'last' },
      numbered: false
    },
    { id: 'm22', name: 'Little crown', pins: 22, pinSpacingMm: 16.8 }
  ],
  yarns: [
    {
      id: 'y-ember',
      name: 'Reedwick',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: 'Ember', hex: '#c2552d' },
      fibre: '75 % wool, 25 % polyamide',
      behaviour: { stretch: 'some', strength: 'strong', surface: 'smooth', wash: 'hand' },
      stockGrams: 260
    },
    {
      id: 'y-tide',
      name: 'Reedwick',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: 'Tide', hex: '#1f5f73' },
      fibre: '75 % wool, 25 % polyamide',
      behaviour: { stretch: 'some', strength: 'strong', surface: 'smooth', wash: 'hand' },
      stockGrams: 180
    },
    {
      id: 'y-oat',
      name: 'Millbarrow',
      weightClass: 4,
      label: { metres: 196, grams: 100 },
      colour: { name: 'Oat', hex: '#e3d3b0' },
      fibre: '100 % acrylic',
      behaviour: { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' },
      stockGrams: 400
    },
    {
      id: 'y-moss',
      name: 'Millbarrow',
      weightClass: 4,
      label: { metres: 196, grams: 100 },
      colour: { name: 'Moss', hex: '#66743a' },
      fibre: '100 % acrylic',
      behaviour: { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' },
      stockGrams: 75
    },
    {
      id: 'y-fog',
      name: 'Thistledown',
      weightClass: 4,
      label: { metres: 210, grams: 100 },
      colour: { name: 'Fog', hex: '#b9c0c4' },
      fibre: '80 % alpaca, 20 % wool, single ply',
      behaviour: { stretch: 'much', strength: 'weak', surface: 'fuzzy', wash: 'hand' },
      stockGrams: 150
    },
    {
      id: 'y-plum',
      name: 'Quickstep sock',
      weightClass: 1,
      label: { metres: 417, grams: 100 },
      colour: { name: 'Plum', hex: '#6b2c4f' },
      fibre: '75 % wool, 25 % polyamide',
      behaviour: { stretch: 'some', strength: 'strong', surface: 'smooth', wash: 'machine' },
      stockGrams: 200
    },
    {
      id: 'y-signal',
      name: 'Scrap cotton',
      weightClass: 4,
      label: { metres: 170, grams: 85 },
      colour: { name: 'Signal yellow', hex: '#f2c417' },
      fibre: '100 % cotton',
      behaviour: { stretch: 'little', strength: 'strong', surface: 'smooth', wash: 'machine' },
      stockGrams: 85
    }
  ],
  swatches: [
    {
      id: 's-ember',
      machineId: 'm48',
      yarnId: 'y-ember',
      strands: 1,
      hole: 2,
      state: 'rested',
      statement: { as: 'tube', pins: 48, rows: 60, lengthCm: 29.5, flatWidthCm: 17.5 },
      on: '2026-10-18'
    }
  ],
  finished: [
    {
      id: 'demo-first:y-ember',
      projectId: 'demo-first',
      name: 'Trial hat for the hall',
      machineId: 'm48',
      yarnId: 'y-ember',
      hole: 2,
      pins: 48,
      rows: 106,
      lengthMm: 530,
      flatWidthMm: 175,
      on: '2026-11-14'
    }
  ],
  habits: {}
});
