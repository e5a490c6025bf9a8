import * as z from 'zod/mini';

/** Signs that steer a terminal, end a string or are no letter at all: no drawing, table or file may hold them. */
// eslint-disable-next-line no-control-regex -- exactly these are looked for
const UNSHOWN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\ufffe\uffff]|\p{Surrogate}/gu;

/** Whether every sign of a text can be shown and kept. @example isShown('Größe 🧶') // true */
const isShown = (text: string): boolean => text.search(UNSHOWN) < 0;

/** A text without the signs that cannot be shown, for a drawing of something that was named long ago. */
export const shownOnly = (text: string): string => text.replace(UNSHOWN, '');

/**
 * A text of the knitter's own: a name, a note.
 *
 * @param most letters it may have
 * @example shownText(60).check(z.minLength(1))
 */
export const shownText = (most: number): z.ZodMiniString =>
  z.string().check(z.maxLength(most), z.refine(isShown, 'must hold letters that can be shown, without control signs'));

/** What one thing of the kit is called by other things. No program can keep a list by `__proto__`. */
export const Id = z.string().check(
  z.minLength(1),
  z.maxLength(80),
  z.refine((id) => id !== '__proto__', 'must not be __proto__')
);

/**
 * Adds a fault for every entry of a list whose id another one before it has.
 *
 * @param key where the list stands in what is checked
 */
export function onceEach(
  key: string,
  entries: readonly { readonly id: string }[],
  fail: z.core.ParsePayload['issues']
): void {
  const seen = new Set<string>();
  entries.forEach(({ id }, i) => {
    if (seen.has(id))
      fail.push({ code: 'custom', input: id, path: [key, i, 'id'], message: 'must be unlike the ids before it' });
    seen.add(id);
  });
}

/** When a thing of one's own came into the kit; things without it are older than any that has it. */
export const AddedAt = z.optional(z.iso.datetime()).check(z.meta({ title: 'Added' }));

/** The newest first; things whose day nobody knows last. @example yarns.toSorted(newestFirst) */
export const newestFirst = (a: { addedAt?: string | undefined }, b: { addedAt?: string | undefined }): number => {
  const [one, two] = [a.addedAt ?? '', b.addedAt ?? ''];
  return one === two ? 0 : one > two ? -1 : 1;
};
