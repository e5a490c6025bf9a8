import type * as z from 'zod/mini';
import { browserShelf, keepSmall } from './shelf';

const DRAFT = 'tomble-draft:';

/** What was typed into a form and not saved yet: it survives a reload, a crash and a slip of the hand. */
export interface Draft<T> {
  /** What was typed the last time, or null; what no longer fits the form is left out. */
  readonly read: () => T | null;
  readonly keep: (value: T) => void;
  readonly drop: () => void;
}

/**
 * The draft of one form.
 *
 * @param key the form and what it is about
 * @param schema what a draft of it looks like
 * @example draftOf(`measure ${project.id}`, MeasureDraft).read()
 */
export function draftOf<T>(key: string, schema: z.ZodMiniType<T>, shelf = browserShelf()): Draft<T> {
  const name = DRAFT + key;
  return {
    read() {
      try {
        const read = schema.safeParse(JSON.parse(shelf.getItem(name) ?? 'null'));
        return read.success ? read.data : null;
      } catch {
        return null;
      }
    },
    keep: (value) => keepSmall(name, JSON.stringify(value), shelf),
    drop() {
      try {
        shelf.removeItem(name);
      } catch {
        // What stays is offered again at the next visit.
      }
    }
  };
}
