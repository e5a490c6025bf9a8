/**
 * Does what a button asks for and, where a hand or mouse pressed it, lets the focus go: the space bar stays a row and never
 * becomes that button again. A key keeps its place.
 */
export function release(event: MouseEvent & { currentTarget: HTMLButtonElement }, act: () => void): void {
  act();
  if (event.detail > 0) event.currentTarget.blur();
}
