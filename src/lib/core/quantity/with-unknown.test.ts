import fc from 'fast-check';
import { expect, it } from 'vitest';
import * as z from 'zod/mini';
import { withUnknown } from './with-unknown';

const Brief = z.object({
  name: z.string(),
  hole: z._default(z.nullable(z.number()), null),
  parts: z._default(z.array(z.object({ row: z.number() })), [])
});

it('keeps fields that a schema does not know, at any depth and in their order, and adds what it fills in', () => {
  const raw = { glow: 3, name: 'Hat', parts: [{ row: 1, shine: [1, { a: 2 }] }], last: null };
  const kept = withUnknown(raw, Brief.parse(raw));
  expect(JSON.stringify(kept)).toBe(
    '{"glow":3,"name":"Hat","parts":[{"row":1,"shine":[1,{"a":2}]}],"last":null,"hole":null}'
  );
});

it('what is known is as it was read, whatever else there is; nothing that came in is lost', () => {
  const anyRaw = fc.record({
    name: fc.string(),
    hole: fc.option(fc.integer()),
    parts: fc.array(fc.record({ row: fc.integer(), extra: fc.jsonValue() })),
    extra: fc.jsonValue()
  });
  fc.assert(
    fc.property(anyRaw, (raw) => {
      const kept = withUnknown(raw, Brief.parse(raw));
      expect(Brief.parse(kept)).toEqual(Brief.parse(raw));
      expect(kept).toMatchObject(JSON.parse(JSON.stringify(raw, (key, v: unknown) => (key === '__proto__' ? undefined : v))) as object); // prettier-ignore
    })
  );
});

it('a key that would become the prototype is left out', () => {
  const raw = JSON.parse('{"name":"Hat","__proto__":{"polluted":true}}') as object;
  const kept = withUnknown(raw, Brief.parse(raw));
  expect((kept as { polluted?: boolean }).polluted).toBeUndefined();
  expect(Object.getPrototypeOf(kept)).toBe(Object.prototype);
});
