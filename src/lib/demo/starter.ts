import type { Kit, Yarn } from '$lib/core/kit';

/** A medium yarn as most shops have it. */
const medium = (id: string, name: string, hex: string): Yarn => ({
  id,
  name: 'Medium yarn',
  weightClass: 4,
  label: { metres: 200, grams: 100 },
  strands: 1,
  colour: { name, hex },
  fibre: '',
  behaviour: { stretch: 'some', strength: 'fair', surface: 'smooth', wash: 'machine' },
  phases: [],
  stockGrams: null
});

/**
 * What a knitter finds on the very first visit: a large ring and three medium yarns, to be changed. Written out in full, so
 * that nothing has to be loaded for it; a test holds it against the schema.
 */
export const starterKit: Kit = {
  machines: [
    {
      id: 'machine-1',
      name: 'My machine',
      pins: 48,
      marker: { kind: 'light-among-dark', counts: 'first' },
      numbered: true,
      reach: { start: 2, end: 2 },
      counter: 'tube',
      tensionHoles: 3,
      pinSpacingMm: null,
      motor: false
    }
  ],
  yarns: [
    medium('yarn-1', 'Madder', '#b0442b'),
    medium('yarn-2', 'Wheat', '#e2c98f'),
    medium('yarn-3', 'Slate', '#3f5566')
  ],
  swatches: [],
  finished: [],
  habits: {
    units: 'metric',
    counter: 'running',
    tubeRowsPerMinute: null,
    panelRowsPerMinute: null,
    restMinutes: 25,
    wasteStart: 5,
    wasteEnd: 5,
    panelStart: 'high',
    wasteStrip: false,
    schools: {},
    terms: { pin: 'pin', row: 'row', off: 'hang off', crochet: 'US' },
    joinPins: 0,
    tieAfterRows: 4,
    hangOff: 'lifting',
    mattressBars: 1
  },
  edition: 6
};
