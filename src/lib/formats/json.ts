/** Deepest that lists and objects of a file may lie in each other; the deepest that is written has ten. */
export const DEEPEST = 64;

/** Line of a text at which a JSON parser gave up, when its message tells. */
function lineOf(text: string, message: string): number | null {
  const at = /position (\d+)/.exec(message)?.[1];
  return at === undefined ? null : text.slice(0, Number(at)).split('\n').length;
}

/** Whether lists and objects of a JSON text lie too deep in each other, strings left out. */
export function isTooDeep(text: string): boolean {
  let depth = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i++) {
    const c = text.charCodeAt(i);
    if (c === 92) i++;
    else if (c === 34) quoted = !quoted;
    else if (quoted) continue;
    else if (c === 123 || c === 91) depth++;
    else if (c === 125 || c === 93) depth--;
    if (depth > DEEPEST) return true;
  }
  return false;
}

/** A value that was read, or why it was not: it is no JSON, from a line on where that is known, or nests too deep. */
export type ReadJson =
  | { readonly ok: true; readonly value: unknown }
  | { readonly ok: false; readonly deep: boolean; readonly line: number | null };

/**
 * Reads JSON text of unknown origin. What nests deeper than anything that is written here is refused before it is read: walked
 * later, it would end in an error of the engine.
 *
 * @example readJson('{"a": 1}') // { ok: true, value: { a: 1 } }
 */
export function readJson(text: string): ReadJson {
  if (isTooDeep(text)) return { ok: false, deep: true, line: null };
  try {
    return { ok: true, value: JSON.parse(text.replace(/^\uFEFF/, '')) as unknown };
  } catch (error) {
    return { ok: false, deep: false, line: lineOf(text, error instanceof Error ? error.message : '') };
  }
}

/** What is said of a text that nests too deep. */
export const TOO_DEEP = `must nest lists and objects at most ${DEEPEST} deep; received more`;
