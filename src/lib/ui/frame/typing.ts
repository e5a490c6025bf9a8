const TEXT =
  'input:not([type=radio], [type=checkbox], [type=button], [type=range], [type=color], [type=file]), textarea';

/**
 * Whether keys that are pressed there are letters of a text, so that they are no commands; a box that is ticked or a choice
 * that is made is none.
 *
 * @example onkeydown={(event) => !isTyping(event.target) && command(event.key)}
 */
export const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches(`${TEXT}, select, [contenteditable=true]`);

/** The first place for a text inside something, e.g. of a dialog that is opened to type into. */
export const firstTyped = (inside: HTMLElement | null): HTMLInputElement | HTMLTextAreaElement | null =>
  inside?.querySelector<HTMLInputElement | HTMLTextAreaElement>(TEXT) ?? null;
