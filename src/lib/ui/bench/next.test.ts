import { describe, expect, it } from 'vitest';
import { hat } from '../../../../tests/support/sample';
import { trackOf } from '$lib/core/read';
import { nextOf } from './next';

describe('what a card on the bench leads to', () => {
  const track = trackOf(hat({ sizeBy: 'rows', rows: 110 }));

  it('is the plan, then the next row, then the finishing', () => {
    expect(nextOf('p', 0, track)).toEqual({ href: '/project/p', label: 'Open the plan' });
    // Without waste the rows of the work are those of the crank: after 41 comes the 42nd.
    expect(nextOf('p', 41, track).label).toBe('Crank row 42');
    expect(nextOf('p', track.rows - 1, track).href).toBe('/project/p/crank');
    expect(nextOf('p', track.rows, track)).toEqual({ href: '/project/p/finish', label: 'Finish it' });
  });

  it('is never the finishing while the plan is still being made', () => {
    for (const rows of [1, 41, 10_000]) expect(nextOf('p', rows, null).href).toBe('/project/p/crank');
    expect(nextOf('p', 0, null).href).toBe('/project/p');
  });
});
