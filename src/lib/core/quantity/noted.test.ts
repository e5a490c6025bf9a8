import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noted } from './noted';

describe('noted', () => {
  // Oracle: the functions themselves, asked anew every time.
  it('answers as the function does, several of them on the same objects, in any order', () => {
    const objects = Array.from({ length: 4 }, (_, i) => ({ i }));
    const works = [
      (a: { i: number }, b: unknown): string => `first ${a.i} ${typeof b} ${JSON.stringify(b)}`,
      (a: { i: number }, b: unknown): string => `second ${a.i} ${typeof b} ${JSON.stringify(b)}`
    ];
    const kept = works.map((work) => noted(work));
    const some = fc.tuple(
      fc.nat(1),
      fc.constantFrom(...objects),
      fc.oneof(fc.integer({ min: 0, max: 3 }), fc.constantFrom('', 'a', null, undefined, true, ...objects))
    );
    fc.assert(
      fc.property(fc.array(some, { maxLength: 40 }), (asked) =>
        asked.every(([w, a, b]) => kept[w]!(a, b) === works[w]!(a, b))
      )
    );
  });

  it('leaves the object as it was for everybody else, and takes a frozen one too', () => {
    const twice = noted((of: { readonly rows: number }) => of.rows * 2);
    const object = Object.freeze({ rows: 7 });
    expect(twice(object)).toBe(14);
    expect(object).toStrictEqual({ rows: 7 });
    expect(Reflect.ownKeys(object)).toEqual(['rows']);
    expect(JSON.stringify(object)).toBe('{"rows":7}');
    // A copy is another object: what was noted does not go along.
    expect(twice({ ...object, rows: 8 })).toBe(16);
    expect(structuredClone(object)).toStrictEqual({ rows: 7 });
  });
});
