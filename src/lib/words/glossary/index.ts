import type { Voice } from '../voice';
import { WORDS } from './all';
import type { WordEntry } from './entry';

export type { WordEntry, WordPicture } from './entry';
export { GLOSSARY, WORDS } from './all';
export { doorsIn, doorsOf, type Part } from './doors';

/** A word by its name in addresses. @example wordOf('bumper')?.id // 'bumper' */
export const wordOf = (id: string): WordEntry | undefined => WORDS.find((entry) => entry.id === id);

/** Whether a word is meant by what was typed: in its name, its forms or what is said of it. */
export function isMeant(entry: WordEntry, typed: string, v: Voice): boolean {
  const wanted = typed.trim().toLocaleLowerCase('en');
  return [entry.term(v), ...entry.forms(v), entry.says(v)].some((text) =>
    text.toLocaleLowerCase('en').includes(wanted)
  );
}
