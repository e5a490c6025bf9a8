import { kindOf } from '$lib/core/kinds';
import type { OptionGroup } from '$lib/core/plan';
import { optionFields } from '$lib/core/plan';

/** What a choice is called, with a line on what it means where that helps. */
type ChoiceWords = string | { readonly label: string; readonly help: string };

/** What an option is called. */
export interface OptionWords {
  readonly title: string;
  readonly help?: string;
  /** What happens where a yarn is left open. */
  readonly empty?: string;
  readonly choices?: Readonly<Record<string, ChoiceWords>>;
}

/** What a kind is called, and what it calls otherwise than most. */
export interface KindWords {
  readonly title: string;
  readonly blurb: string;
  readonly options?: Readonly<Record<string, Partial<OptionWords>>>;
}

/** Everything that names kinds and their options: a part of a language. */
export interface NamesOfKinds {
  readonly kinds: Readonly<Record<string, KindWords>>;
  readonly options: Readonly<Record<string, OptionWords>>;
  readonly groups: Readonly<Record<OptionGroup, string>>;
  readonly families: Readonly<Record<string, string>>;
}

/** An option as a form shows it. */
export interface Labelled {
  readonly title: string;
  readonly help: string;
  readonly empty: string | undefined;
  readonly choices: readonly { readonly value: string; readonly label: string; readonly help: string }[];
}

/**
 * The labels of one option of a kind: what the kind calls it, else what most do.
 *
 * @throws RangeError when nobody has named it
 * @example labelled(english, 'sack', 'rows').title // 'Rows below the channel'
 */
export function labelled(words: NamesOfKinds, kind: string, key: string): Labelled {
  const usual = words.options[key];
  if (!usual) throw new RangeError(`option must have words; received ${JSON.stringify(key)}`);
  const own = words.kinds[kind]?.options?.[key] ?? {};
  const said = { ...usual.choices, ...own.choices };
  const known = kindOf(kind);
  const values = known && optionFields(known.options).find((field) => field.key === key)?.meta.choices;
  return {
    title: own.title ?? usual.title,
    help: own.help ?? usual.help ?? '',
    empty: own.empty ?? usual.empty,
    choices: (values ?? []).map((value) => {
      const choice = said[value] ?? value;
      return typeof choice === 'string' ? { value, label: choice, help: '' } : { value, ...choice };
    })
  };
}
