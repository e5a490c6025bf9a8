import { describe, expect, it } from 'vitest';
import { Kit } from '$lib/core/kit';
import { starterKit } from './starter';

describe('the starter kit', () => {
  it('is a kit, with every value that the schema would begin with', () => {
    expect(Kit.parse(starterKit)).toEqual(starterKit);
    const { machines, yarns } = starterKit;
    const bare = Kit.parse({
      machines: machines.map(({ id, name, pins }) => ({ id, name, pins })),
      yarns: yarns.map(({ id, name, weightClass, label, colour }) => ({ id, name, weightClass, label, colour }))
    });
    expect(starterKit).toEqual(bare);
  });
});
