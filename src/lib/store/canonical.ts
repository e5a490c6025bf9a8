/** A value with the keys of every object in their order, so that equal things are written equally. */
function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (typeof value !== 'object' || value === null) return value;
  const entries = Object.entries(value).filter(([, v]) => v !== undefined);
  entries.sort(([a], [b]) => (a < b ? -1 : 1));
  return Object.fromEntries(entries.map(([key, v]) => [key, ordered(v)]));
}

/** A record as one line of text, the same for equal records. */
export const canonical = (record: unknown): string => JSON.stringify(ordered(record));
