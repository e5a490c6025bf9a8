import type { BrowserContext } from '@playwright/test';

/** What the test's own tool says of a service worker it holds back; see playwright.config.ts. */
const HELD_BACK = 'Service Worker registration blocked by Playwright';

/**
 * Listens to all pages of a browser: no warning or error in the console, no uncaught error, no request but to our own server.
 *
 * @param expected words of the browser itself that a test brings about on purpose
 * @returns what was heard, growing
 */
export function watch(context: BrowserContext, own: string | undefined, expected?: RegExp): readonly string[] {
  const heard: string[] = [];
  context.on('console', (message) => {
    if (message.text() === HELD_BACK) return;
    if (!expected?.test(message.text()) && (message.type() === 'warning' || message.type() === 'error'))
      heard.push(`${message.type()}: ${message.text()}`);
  });
  context.on('weberror', (error) => heard.push(`uncaught: ${error.error().message}`));
  context.on('request', (request) => {
    const url = new URL(request.url());
    if (url.protocol !== 'blob:' && url.protocol !== 'data:' && url.origin !== own)
      heard.push(`foreign request: ${request.url()}`);
  });
  return heard;
}
