import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { noted } from './noted';
import { remembered } from './remembered';

// Both memories keep the same promises; what only one of them keeps stands beside it.
describe.each([
  ['remembered', remembered as typeof noted],
  ['noted', noted]
])('%s', (_name, memory) => {
  it('works an answer out once for the same arguments, whatever the answer is', () => {
    for (const answer of [0, '', null, undefined, Number.NaN, { of: 'its own' }]) {
      let asked = 0;
      const once = memory((_: object, __: number) => (asked++, answer));
      const on = {};
      expect(once(on, 1)).toBe(answer);
      expect(once(on, 1)).toBe(answer);
      expect(asked).toBe(1);
      once(on, 2);
      once({}, 1);
      expect(asked).toBe(3);
    }
  });

  // Oracle: the function itself, asked anew every time.
  it('answers as the function does, over any arguments in any order', () => {
    const objects = Array.from({ length: 4 }, (_, i) => ({ i }));
    const some = fc.tuple(
      fc.constantFrom(...objects),
      fc.oneof(fc.integer({ min: 0, max: 3 }), fc.constantFrom('', 'a', null, undefined, true, ...objects))
    );
    const plain = (a: { i: number }, b: unknown): string => `${a.i} ${typeof b} ${JSON.stringify(b)}`;
    const kept = memory((a: { i: number }, b: object | string | number | boolean | null | undefined) => plain(a, b));
    fc.assert(
      fc.property(fc.array(some, { maxLength: 40 }), (asked) => asked.every(([a, b]) => kept(a, b) === plain(a, b)))
    );
  });

  it('remembers no answer of a call that failed', () => {
    let fails = true;
    const work = memory((on: { name: string }) => {
      if (fails) throw new RangeError('no');
      return on.name;
    });
    const on = { name: 'yes' };
    expect(() => work(on)).toThrow('no');
    fails = false;
    expect(work(on)).toBe('yes');
  });
});
