/** What one level of a memory holds: by object, which is let go with it, or by a plain value. */
interface Level {
  objects?: WeakMap<object, unknown>;
  values?: Map<unknown, unknown>;
}

const isObject = (key: unknown): key is object => typeof key === 'object' && key !== null;

function at(level: Level, key: unknown): unknown {
  return isObject(key) ? level.objects?.get(key) : level.values?.get(key);
}

function put(level: Level, key: unknown, value: unknown): void {
  if (isObject(key)) (level.objects ??= new WeakMap()).set(key, value);
  else (level.values ??= new Map()).set(key, value);
}

/** Wraps an answer, so that one that is null or undefined is known too. */
interface Answer<V> {
  readonly value: V;
}

/**
 * The memory of the core for what outlives a plan: a function that works out an answer once for the same arguments. Arguments
 * must be everything the answer depends on, and nothing may change them: objects are told apart by identity, numbers and texts
 * by value. What was worked out is let go with its first argument, where that is an object; a text is remembered for good, so
 * there must be few of them. What belongs to one plan alone is `noted` on it.
 *
 * @param work a pure function
 * @returns the same function, with a memory
 * @example
 * const ids = remembered((yarns: readonly Yarn[]) => new Map(yarns.map((y) => [y.id, y])));
 * ids(kit.yarns) === ids(kit.yarns) // true
 */
export function remembered<A extends readonly (object | string | number | boolean | null | undefined)[], V>(
  work: (...on: A) => V
): (...on: A) => V {
  const root: Level = {};
  return (...on) => {
    let level = root;
    const last = on.length - 1;
    for (let i = 0; i < last; i++) {
      let next = at(level, on[i]) as Level | undefined;
      if (!next) put(level, on[i], (next = {}));
      level = next;
    }
    const known = at(level, on[last]) as Answer<V> | undefined;
    if (known) return known.value;
    const value = work(...on);
    put(level, on[last], { value } satisfies Answer<V>);
    return value;
  };
}
