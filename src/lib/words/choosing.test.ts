import { describe, expect, it } from 'vitest';
import { KINDS } from '$lib/core/kinds';
import { isKindMeant } from './choosing';

const found = (typed: string): string[] => KINDS.filter(({ code }) => isKindMeant(code, typed)).map(({ code }) => code);

describe('looking for a kind', () => {
  it('by words of the thing', () => {
    expect(found('moth')).toEqual(['toy-long']);
    expect(found('lamp')).toEqual(['folded-bag', 'sack']);
    expect(found('baby')).toContain('gathered-hat');
    expect(found('LINED')).toContain('lined-hat');
    expect(found('bab ha')).toContain('gathered-hat');
    expect(found('xyzzy')).toEqual([]);
  });

  it('nothing typed means all', () => expect(found('')).toHaveLength(KINDS.length));
});
