import { english } from './en';
import { type KindWords, type Labelled, labelled } from './options';

/** Title and blurb of a kind; its code where nobody named it. */
export const kindWords = (code: string): KindWords => english.kinds[code] ?? { title: code, blurb: '' };

/** @example kindTitle('lined-hat') // 'Lined hat' */
export const kindTitle = (code: string): string => kindWords(code).title;

/** The labels of one option of a kind. @example optionLabels('panel', 'rows').title // 'Rows' */
export const optionLabels = (kind: string, key: string): Labelled => labelled(english, kind, key);
