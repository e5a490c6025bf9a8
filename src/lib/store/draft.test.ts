import { expect, test } from 'vitest';
import * as z from 'zod/mini';
import { memoryShelf } from '../../../tests/support/shelf';
import { draftOf } from './draft';

const Form = z.object({ note: z.string(), minutes: z.nullable(z.number()) });

test('what was typed is there again until it is saved or thrown away', () => {
  const shelf = memoryShelf();
  const draft = draftOf('measure hat', Form, shelf);
  expect(draft.read()).toBeNull();
  draft.keep({ note: 'Grey one', minutes: null });
  expect(draftOf('measure hat', Form, shelf).read()).toEqual({ note: 'Grey one', minutes: null });
  expect(draftOf('measure bag', Form, shelf).read()).toBeNull();
  draft.drop();
  expect(draft.read()).toBeNull();
});

test('a draft that the form no longer knows is left out, and a shelf that refuses takes nothing away', () => {
  const shelf = memoryShelf();
  shelf.setItem('tomble-draft:measure hat', '{"note":1}');
  expect(draftOf('measure hat', Form, shelf).read()).toBeNull();
  shelf.setItem('tomble-draft:measure hat', 'not JSON');
  expect(draftOf('measure hat', Form, shelf).read()).toBeNull();
  const full = {
    ...memoryShelf(),
    setItem() {
      throw new Error('full');
    }
  };
  expect(() => draftOf('x', Form, full).keep({ note: '', minutes: 1 })).not.toThrow();
});
