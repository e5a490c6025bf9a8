import type { WordEntry } from '$lib/words/glossary';

let opened = $state.raw<{ readonly entry: WordEntry; readonly at: HTMLElement } | null>(null);

/** The word whose entry is open in place, and the door it was opened by. */
export const openedWord = () => opened;

/** Opens the entry of a word beside its door; the same door again closes it. */
export function openWord(entry: WordEntry, at: HTMLElement): void {
  opened = opened?.at === at ? null : { entry, at };
}

export function closeWord(): void {
  opened = null;
}
