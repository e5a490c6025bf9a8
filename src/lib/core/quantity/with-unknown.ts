const isPlain = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && [Object.prototype, null].includes(Object.getPrototypeOf(value));

/**
 * What was read of a value, with everything besides that the value holds and the reading did not ask for: fields of a newer
 * version are kept although this one does not know them. The order of the keys stays that of the value.
 *
 * @param raw as it was kept or came in
 * @param read what a schema made of it
 * @example withUnknown({ id: 'a', glow: 3 }, { id: 'a', note: '' }) // { id: 'a', glow: 3, note: '' }
 */
export function withUnknown<T>(raw: unknown, read: T): T {
  if (Array.isArray(raw) && Array.isArray(read) && raw.length === read.length)
    return read.map((value, i) => withUnknown(raw[i], value)) as T;
  if (!isPlain(raw) || !isPlain(read)) return read;
  const known: Record<string, unknown> = read;
  const all: Record<string, unknown> = {};
  for (const key of Object.keys(raw)) {
    // A key of this name would become the prototype.
    if (key === '__proto__') continue;
    all[key] = Object.hasOwn(known, key) ? withUnknown(raw[key], known[key]) : raw[key];
  }
  for (const key of Object.keys(known)) if (!Object.hasOwn(all, key)) all[key] = known[key];
  return all as T;
}
