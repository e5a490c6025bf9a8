/** An answer, with all but the first of what it was worked out of. */
interface Note {
  readonly work: unknown;
  readonly on: readonly unknown[];
  readonly value: unknown;
}

/** Makes nothing: what is built on it is built on the object that is given. */
class Given {
  constructor(given: object) {
    return given;
  }
}

/** Notes on an object, in a field of it that nobody else sees: no copy, no comparison and no file has it. */
class Notebook extends Given {
  readonly #notes: Note[] = [];

  static of(object: object): Note[] {
    if (!(#notes in object)) new Notebook(object);
    return (object as Notebook).#notes;
  }
}

/**
 * A memory for what is worked out of one plan, again and again while it is read: like `remembered`, but the answers are noted
 * on the first argument itself. Memories beside it would be tables of every plan's own, one in the other, which are made for a
 * few answers and thrown away with it. There may be a handful of answers on one object, for they are looked through in turn.
 *
 * @param work a pure function; its arguments are everything the answer depends on, and nothing may change them
 * @returns the same function, with a memory
 * @example
 * const lengths = noted((piece: PieceFabric, gauges: readonly Gauge[]) => gauges.map((g) => piece.rows / g.courses.value));
 * lengths(piece, gauges) === lengths(piece, gauges) // true
 */
export function noted<K extends object, A extends readonly unknown[], V>(
  work: (of: K, ...on: A) => V
): (of: K, ...on: A) => V {
  return (of, ...on) => {
    const notes = Notebook.of(of);
    for (const note of notes) {
      if (note.work === work && on.every((each, i) => Object.is(each, note.on[i]))) return note.value as V;
    }
    const value = work(of, ...on);
    notes.push({ work, on, value });
    return value;
  };
}
