import { tinykeys } from 'tinykeys';

/** What the keys of the crank do. */
export interface CrankActs {
  /** One on: a row, or a step that is done. */
  readonly forward: () => void;
  readonly back: () => void;
  /** The next picture of a step, and the one before. */
  readonly next: () => void;
  readonly before: () => void;
  readonly count: () => void;
  readonly fault: () => void;
}

/**
 * Keys work wherever the focus is, except where they already mean something: all of them in a field or a dialog, space and
 * Enter also on a button or link. To be called while the page is made.
 */
export function crankKeys(acts: CrankActs): void {
  const guard = (act: () => void, busy: string) => (event: KeyboardEvent) => {
    const own = event.target instanceof HTMLElement && event.target.closest(busy);
    if (own || event.repeat) return;
    event.preventDefault();
    act();
  };
  const FIELDS = 'input, textarea, select, [role=dialog]';
  const PRESSED = `${FIELDS}, button, a`;
  $effect(() =>
    tinykeys(window, {
      Space: guard(acts.forward, PRESSED),
      Enter: guard(acts.forward, PRESSED),
      Backspace: guard(acts.back, FIELDS),
      u: guard(acts.back, FIELDS),
      '$mod+z': guard(acts.back, FIELDS),
      ArrowRight: guard(acts.next, FIELDS),
      ArrowLeft: guard(acts.before, FIELDS),
      g: guard(acts.count, FIELDS),
      f: guard(acts.fault, FIELDS)
    })
  );
}
