import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { anyKit } from '../../../../tests/support/arbitrary';
import { typedOf, YarnForm, yarnOf } from './yarn-form';

const anyYarn = anyKit.chain(({ yarns }) => fc.constantFrom(...yarns));

describe('the form of a yarn', () => {
  it('any yarn of the stash is sound in it, and comes out as it went in', () => {
    fc.assert(
      fc.property(anyYarn, (yarn) => {
        const typed = typedOf(yarn, true);
        expect(YarnForm.parse(typed)).toEqual(typed);
        expect(yarnOf(yarn, typed, yarn.phases)).toEqual(yarn);
      })
    );
  });

  it('a new one begins without a name and a label, and says so', () => {
    fc.assert(
      fc.property(anyYarn, (yarn) => {
        const typed = typedOf(yarn, false);
        expect(typed).toMatchObject({ name: '', colourName: '', metres: null, grams: null });
        const said = YarnForm.safeParse(typed).error?.issues.map(
          ({ path, message }) => `${path.join('.')}: ${message}`
        );
        expect(said).toEqual([
          'name: Name must not be empty',
          'colourName: Colour name must not be empty',
          'metres: Metres must be a number; the label has it',
          'grams: Grams must be a number; the label has it'
        ]);
      })
    );
  });

  it.each([
    [{ weightClass: 2.5 }, 'Weight class must be a whole number from 0 to 7'],
    [{ weightClass: 8 }, 'Weight class must be from 0 to 7'],
    [{ strands: 1.5 }, 'Strands must be 1, 2 or 3'],
    [{ strands: 4 }, 'Strands must be 1, 2 or 3'],
    [{ metres: 0 }, 'Metres must be from 1 to 5000'],
    [{ grams: 2001 }, 'Grams must be from 1 to 2000'],
    [{ stockGrams: -1 }, 'Grams at hand must be from 0 to 100000'],
    [{ hex: 'red' }, 'must be a colour such as #c2552d'],
    [{ fibre: 'w'.repeat(81) }, 'Fibre must have at most 80 letters']
  ])('%j is answered by %j', (wrong, sentence) => {
    const [yarn] = fc.sample(anyYarn, 1);
    const read = YarnForm.safeParse({ ...typedOf(yarn!, true), ...wrong });
    expect(read.error?.issues.map(({ message }) => message)).toEqual([sentence]);
  });
});
