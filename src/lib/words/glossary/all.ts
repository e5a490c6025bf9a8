import { endWords } from './begin';
import type { WordEntry } from './entry';
import { fabricWords } from './fabric';
import { handWords } from './hands';
import { machineWords } from './machine';
import { shapingWords } from './shaping';

/** Groups of words as the page shows them, in the order of the work. */
export const GLOSSARY: readonly { readonly title: string; readonly entries: readonly WordEntry[] }[] = [
  { title: 'The machine', entries: machineWords },
  { title: 'Beginning, changing, taking off', entries: endWords },
  { title: 'The fabric', entries: fabricWords },
  { title: 'Shaping', entries: shapingWords },
  { title: 'By hand', entries: handWords }
];

/** Every word. */
export const WORDS: readonly WordEntry[] = GLOSSARY.flatMap(({ entries }) => entries);
