import type { Refusal } from '$lib/store/why';

/** What is said where something could not be kept. */
export const REFUSED: Readonly<Record<Refusal, string>> = {
  full: 'The storage of this browser is full.',
  closed: 'The storage of this browser is closed.',
  gone: 'It was deleted meanwhile, perhaps in another window.',
  unknown: 'The browser did not keep it.'
};

/** What is said while the storage of the browser does not open. */
export const OPENING = {
  refused: {
    title: 'The browser refuses to keep anything',
    text: 'Tomble stores plans in this browser, and storage for this site is switched off or full. Allow site data, leave private mode or free some space, then load the page again.'
  },
  silent: {
    title: 'The storage does not answer',
    text: 'The browser was asked for what is kept and has said nothing so far. Nothing is lost by that; the page goes on by itself when it answers. Close other windows of Tomble, or load the page again.'
  },
  held: {
    title: 'Another window holds the storage',
    text: 'A window with an older Tomble is open. Close it: this page goes on by itself.'
  },
  newer: {
    title: 'A newer Tomble is open in another window',
    text: 'All that you entered is kept. Load this page again to go on with it.'
  },
  deleted: {
    title: 'What Tomble kept in this browser was deleted',
    text: 'It was deleted from outside this window, with the site data of the browser for example. It is gone from this browser; a backup brings it back. Load this page again to begin anew or to open a backup.'
  }
} as const;
