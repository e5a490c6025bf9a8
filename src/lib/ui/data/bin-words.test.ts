import { expect, it } from 'vitest';
import { binWords, frees } from './bin-words';
import { size } from './size';

it('says what a thing is and what it holds, one or several', () => {
  expect(binWords({ what: 'project', holds: { projects: 1, events: 212, photos: 3 } })).toBe('Project, 212 rows and steps, 3 photographs'); // prettier-ignore
  expect(binWords({ what: 'project', holds: { projects: 1, events: 1, photos: 1 } })).toBe('Project, 1 row or step, 1 photograph'); // prettier-ignore
  // A photograph holds no photograph besides itself.
  expect(binWords({ what: 'photo', holds: { photos: 1 } })).toBe('Photograph');
  expect(binWords({ what: 'sketch', holds: { sketches: 1 } })).toBe('Something of a newer version');
});

it('amounts of data are rounded to what is read at a glance, and never to nothing', () => {
  expect([0, 40, 12_400, 999_400, 1_250_000, 212_000_000, 3_400_000_000].map(size)).toEqual(['0 kB', '1 kB', '12 kB', '999 kB', '1.3 MB', '212 MB', '3.4 GB']); // prettier-ignore
  expect(frees([{ bytes: 100_000_000 }, { bytes: 112_000_000 }])).toBe('212 MB');
});
