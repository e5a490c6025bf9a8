import { describe, expect, it } from 'vitest';
import { KINDS } from '../kinds';
import { linedHat } from '../kinds/lined-hat';
import { sampleKit } from '../../../../tests/support/sample';
import { askedIn, optionFields, withStarts } from './options';

const kit = sampleKit();

describe('options that are asked', () => {
  it('a hat of one colour is asked for no lining', () => {
    const of = (options: object): string[] =>
      askedIn(linedHat.options, { ...linedHat.start(kit, 'm'), ...options }).filter((key) => key === 'liningYarn');
    expect(of({ style: 'contrast' })).toEqual(['liningYarn']);
    expect(of({ style: 'plain' })).toEqual([]);
  });

  it.each(KINDS.map((kind) => [kind.code, kind] as const))(
    '%s: an option that is missing is as it starts; one without a condition is always asked',
    (_, kind) => {
      const asked = askedIn(kind.options, {});
      expect(asked).toEqual(askedIn(kind.options, withStarts(kind.options, {})));
      const all = optionFields(kind.options);
      expect(asked).toEqual(all.filter(({ key }) => asked.includes(key)).map(({ key }) => key));
      expect(asked).toEqual(expect.arrayContaining(all.filter(({ meta }) => !meta.when).map(({ key }) => key)));
    }
  );
});
