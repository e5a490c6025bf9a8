import fc from 'fast-check';
import { expect, it } from 'vitest';
import { DEEPEST, isTooDeep, readJson } from './json';

/** How deep a value nests, walked as it is: the oracle. */
const depthOf = (value: unknown): number =>
  typeof value === 'object' && value !== null ? 1 + Math.max(0, ...Object.values(value).map(depthOf)) : 0;

it('is as deep as what it says, brackets in strings left out', () => {
  const deeper = fc.tuple(fc.jsonValue(), fc.nat(100), fc.array(fc.boolean(), { minLength: 100, maxLength: 100 })).map(([value, times, how]) => how.slice(0, times).reduce<unknown>((inner, list) => (list ? [inner, '[{"'] : { '}]"': inner }), value)); // prettier-ignore
  fc.assert(
    fc.property(deeper, (value) => {
      expect(isTooDeep(JSON.stringify(value))).toBe(depthOf(value) > DEEPEST);
    })
  );
});

it('reads what JSON is, and says what is none, in which line', () => {
  fc.assert(
    fc.property(fc.json({ maxDepth: 6 }), (text) => {
      expect(readJson(text)).toEqual({ ok: true, value: JSON.parse(text) as unknown });
    })
  );
  expect(readJson('{\n"a": 1,\n"b" 2}')).toEqual({ ok: false, deep: false, line: 3 });
  expect(readJson('\uFEFF{"a":1}')).toEqual({ ok: true, value: { a: 1 } });
  expect(readJson(`${'{"a":'.repeat(20_000)}1${'}'.repeat(20_000)}`)).toEqual({ ok: false, deep: true, line: null });
});
