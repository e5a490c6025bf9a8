import { Person } from '$lib/store/records/person';

/** Two invented people of Saltmarsh Lane, so that the page of measures shows what it is for. */
export const demoPeople: readonly Person[] = [
  Person.parse({
    id: 'p-lead',
    name: 'Band leader',
    measures: { head: 575, chest: 1020, 'upper-arm': 330, 'arm-span': 1720 }
  }),
  Person.parse({
    id: 'p-child',
    name: 'Smallest lantern carrier',
    measures: { head: 505, 'foot-length': 175 },
    note: 'No wool on the brow.'
  })
];
