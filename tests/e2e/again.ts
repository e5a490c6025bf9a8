import type { BrowserContext } from '@playwright/test';
import { patient, test as quiet } from './quiet';

/**
 * For tests that only look: all of one worker are made by a visitor who has been here before, each in a page of its own. The
 * demo village is laid out once for them and files are at hand, as they are for a knitter from the second visit on.
 */
export const test = quiet.extend<object, { visitor: BrowserContext }>({
  visitor: [
    async ({ browser }, use, { project }) => {
      const { baseURL, viewport, serviceWorkers } = project.use;
      const visitor = await browser.newContext({ baseURL, viewport, serviceWorkers });
      await use(visitor);
      await visitor.close();
    },
    { scope: 'worker' }
  ],
  context: async ({ visitor }, use) => use(visitor),
  page: async ({ context }, use) => {
    const page = await context.newPage();
    await use(patient(page));
    await page.close();
  }
});
