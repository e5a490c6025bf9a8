import { Person } from '$lib/store/records/person';

/** Two invented people of Saltmarsh Lane, so that the page of measures shows what it is for. */
export const demoPeople: readonly Person[] = [
  Person.parse({
    id: 'p-lead',
    name: 'Band leader',
    age: 'adult',
    measures: { head: 575, chest: 1020, 'upper-arm': 330, 'cross-back': 420, armhole: 220, 'arm-span': 1720 }
  }),
  Person.parse({
    id: 'p-child',
    name: 'Smallest lantern carrier',
    age: 'child',
    measures: { head: 505, 'foot-length': 175 },
    note: 'No wool on the brow.'
  })
];
