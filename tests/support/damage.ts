import fc from 'fast-check';

/** Values that nobody means: of another type, too large, too deep, named like what every object has. */
const STRANGE: readonly unknown[] = [
  null,
  true,
  '',
  ' ',
  '\0',
  '\ud800',
  'constructor',
  '__proto__',
  'toString',
  '<img src=x onerror=alert(1)>',
  '=1+1',
  'a'.repeat(5000),
  0,
  -1,
  0.5,
  1e9,
  -1e308,
  1e308,
  2 ** 53,
  [],
  {},
  [[]],
  [null],
  Array(300).fill(0),
  { toString: 1 },
  { constructor: { prototype: 1 } }
];

interface Slot {
  readonly holder: Record<string, unknown> | unknown[];
  readonly key: string | number;
}

/** Every place of a value that holds another one. */
function slotsOf(value: unknown, into: Slot[] = []): Slot[] {
  if (typeof value !== 'object' || value === null) return into;
  const holder = value as Record<string, unknown> | unknown[];
  for (const key of Array.isArray(holder) ? holder.keys() : Object.keys(holder)) {
    into.push({ holder, key });
    slotsOf((holder as Record<string | number, unknown>)[key], into);
  }
  return into;
}

/** Numbers that steer what is damaged, and how. */
const anyBlow = fc.record({ how: fc.nat(11), where: fc.nat(1_000_000), what: fc.nat(1_000_000) });
type Blow = { how: number; where: number; what: number };

/** One blow to a value: a place of it is replaced, taken out, doubled, renamed, exchanged, or grows. */
function struck(value: unknown, { how, where, what }: Blow): void {
  const slots = slotsOf(value);
  const slot = slots[where % slots.length];
  const other = slots[what % slots.length];
  if (!slot || !other) return;
  const at = slot.holder as Record<string | number, unknown>;
  const strange = STRANGE[what % STRANGE.length];
  const now = at[slot.key];
  if (how <= 3) at[slot.key] = structuredClone(strange);
  else if (how === 4 && !Array.isArray(slot.holder)) delete at[slot.key];
  else if (how === 4) (slot.holder as unknown[]).splice(Number(slot.key), 1);
  else if (how === 5 && Array.isArray(slot.holder)) slot.holder.push(structuredClone(now));
  else if (how === 5) at[`${slot.key}x`] = structuredClone(now);
  else if (how === 6) at[slot.key] = structuredClone((other.holder as Record<string | number, unknown>)[other.key]);
  else if (how === 7 && typeof now === 'number')
    at[slot.key] = [now * -1, now * 1e6, now + 0.1, now / 1e6, now + 1][what % 5];
  else if (how === 7 && typeof now === 'string') at[slot.key] = now + JSON.stringify(strange);
  else if (how === 8 && Array.isArray(now))
    at[slot.key] = Array.from({ length: 40 }, () => structuredClone(now[0] ?? null));
  else if (how === 9) at[slot.key] = [now];
  else if (how === 10) at[slot.key] = JSON.stringify(now);
  else
    Object.defineProperty(slot.holder, '__proto__', {
      value: structuredClone(strange),
      enumerable: true,
      configurable: true,
      writable: true
    });
}

/** One blow to a text: cut off, a piece taken out, letters put in, a bit turned. */
function torn(text: string, { how, where, what }: Blow): string {
  const at = where % (text.length + 1);
  const put = ['"', '{', '}', '[', ']', ',', '\0', '\n', '9', '-', 'é', ';', "'", '\ufeff', '1e999', '\\u0000'];
  if (how % 4 === 0) return text.slice(0, at);
  if (how % 4 === 1) return text.slice(0, at) + text.slice(at + 1 + (what % 40));
  if (how % 4 === 2) return text.slice(0, at) + put[what % put.length] + text.slice(at);
  return text.slice(0, at) + String.fromCharCode(text.charCodeAt(at) ^ (1 << (what % 7))) + text.slice(at + 1);
}

/**
 * A sound JSON value as text after one to four blows, most to its meaning, some to its letters.
 *
 * @param values sound values, of which one is damaged
 */
export const anyDamaged = (values: readonly unknown[]): fc.Arbitrary<string> =>
  fc
    .tuple(fc.nat(values.length - 1), fc.array(anyBlow, { minLength: 1, maxLength: 4 }), fc.boolean(), anyBlow)
    .map(([which, blows, tear, last]) => {
      const value: unknown = structuredClone(values[which]);
      for (const blow of blows) struck(value, blow);
      const text = JSON.stringify(value);
      return tear && last.how > 7 ? torn(text, last) : text;
    });

/** A sound table as text after one to four blows to its letters or cells. */
export const anyTornTable = (tables: readonly string[]): fc.Arbitrary<string> =>
  fc.tuple(fc.nat(tables.length - 1), fc.array(anyBlow, { minLength: 1, maxLength: 4 })).map(([which, blows]) =>
    blows.reduce((text, blow) => {
      if (blow.how < 6) return torn(text, blow);
      const cells = text.split(/([,\n])/);
      cells[blow.where % cells.length] = JSON.stringify(STRANGE[blow.what % STRANGE.length]);
      return cells.join('');
    }, tables[which]!)
  );
