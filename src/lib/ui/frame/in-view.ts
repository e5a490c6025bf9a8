import type { Attachment } from 'svelte/attachments';

/** How far below the window a thing counts as seen, so that it stands when it is scrolled to. */
const AHEAD = '400px';

const waiting = new Map<Element, () => void>();
let watcher: IntersectionObserver | undefined;

function watch(): IntersectionObserver {
  return (watcher ??= new IntersectionObserver(
    (entries) => {
      for (const { isIntersecting, target } of entries) {
        if (!isIntersecting) continue;
        watcher!.unobserve(target);
        waiting.get(target)?.();
        waiting.delete(target);
      }
    },
    { rootMargin: AHEAD }
  ));
}

/**
 * Tells once when an element comes into view, or near it.
 *
 * @example <div {@attach inView(() => (seen = true))}></div>
 */
export const inView =
  (seen: () => void): Attachment<Element> =>
  (element) => {
    waiting.set(element, seen);
    watch().observe(element);
    return () => {
      waiting.delete(element);
      watcher?.unobserve(element);
    };
  };
