import { tabbable } from 'tabbable';

/** Where an element stood: every ancestor, and which of its children held it. */
type Place = readonly { readonly ancestor: Element; readonly index: number }[];

function placeOf(element: Element): Place {
  const place: { ancestor: Element; index: number }[] = [];
  for (let at = element; at.parentElement; at = at.parentElement)
    place.push({ ancestor: at.parentElement, index: [...at.parentElement.children].indexOf(at) });
  return place;
}

/** Where keys work wherever the focus is, as at the crank: there it is let go, for space on a button would press that button. */
const FREE = '[data-focus=free]';

/** What takes the focus where something went away: what stands there now, else what stands before it, else the part around it. */
function heir(place: Place): HTMLElement | SVGElement | undefined {
  const still = place.find(({ ancestor }) => ancestor.isConnected);
  if (!still) return undefined;
  const { ancestor, index } = still;
  const near = [ancestor.children[index], ancestor.children[index - 1], ancestor];
  for (const element of near) {
    const first = element && tabbable(element, { includeContainer: true })[0];
    if (first) return first;
  }
  return heir(place.slice(place.indexOf(still) + 1));
}

/**
 * Keeps the focus where the hands are: when the element that has it goes away (a project is deleted, a dialog closes on a row
 * that is gone, the way back in a passing word is taken), what stands in its place gets it, and not the top of the page.
 *
 * @param main the content of the page; what lies over it (dialogs, passing words) gives the focus back to it
 * @returns ends the keeping
 */
export function keepFocus(main: HTMLElement): () => void {
  let last: Element | null = null;
  let place: Place = [];
  let page = '';
  function remember(event: FocusEvent): void {
    // A form that was sent gives the focus to the page, sometimes after its dialog gave it back: on the same page it returns.
    if (event.target === document.body) {
      const before = last;
      if (before instanceof HTMLElement && before.isConnected && !before.closest(FREE) && page === location.pathname)
        requestAnimationFrame(() => {
          if (document.activeElement === document.body) before.focus({ preventScroll: true });
        });
      return;
    }
    last = event.target instanceof Element ? event.target : null;
    if (last && main.contains(last)) [place, page] = [last.closest(FREE) ? [] : placeOf(last), location.pathname];
  }
  // What holds the focus and goes away tells nobody: looked for after every change, which costs a comparison.
  const watch = new MutationObserver(() => {
    if (!last || last.isConnected || document.activeElement !== document.body) return;
    last = null;
    // Another page begins at its top.
    if (page !== location.pathname) return;
    // A dialog that closes gives the focus back by itself, a moment later.
    requestAnimationFrame(() => {
      if (document.activeElement === document.body && main.isConnected) heir(place)?.focus({ preventScroll: true });
    });
  });
  document.addEventListener('focusin', remember);
  watch.observe(document.body, { childList: true, subtree: true });
  return () => {
    document.removeEventListener('focusin', remember);
    watch.disconnect();
  };
}
