import { Kit } from '$lib/core/kit';

/** What a knitter finds on the very first visit: a large ring and three medium yarns, to be changed. */
export const starterKit: Kit = Kit.parse({
  machines: [{ id: 'machine-1', name: 'My machine', pins: 48 }],
  yarns: [
    {
      id: 'yarn-1',
      name: 'Medium yarn',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: 'Madder', hex: '#b0442b' }
    },
    {
      id: 'yarn-2',
      name: 'Medium yarn',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: 'Wheat', hex: '#e2c98f' }
    },
    {
      id: 'yarn-3',
      name: 'Medium yarn',
      weightClass: 4,
      label: { metres: 200, grams: 100 },
      colour: { name: 'Slate', hex: '#3f5566' }
    }
  ],
  habits: {}
});
