import { test as base, expect, type Page } from '@playwright/test';
import { watch } from './watch';

/**
 * Waits until the browser has kept every edit made so far: a transaction over all tables begins only when those before
 * it have ended. A person takes longer to leave a page than a browser to write; a test does not.
 */
async function kept(page: Page): Promise<void> {
  if (!page.url().startsWith('http')) return;
  await page.evaluate(async () => {
    // A browser that refuses storage has nothing to wait for.
    const storage = indexedDB as IDBFactory | undefined;
    if (!(await storage?.databases())?.some(({ name }) => name === 'tomble')) return;
    for (let turn = 0; turn < 2; turn++) {
      await new Promise<void>((done, failed) => {
        const asked = indexedDB.open('tomble');
        asked.onerror = () => failed(asked.error ?? new Error('the data base did not open'));
        asked.onsuccess = () => {
          const base = asked.result;
          if (base.objectStoreNames.length === 0) return done(base.close());
          const all = base.transaction([...base.objectStoreNames], 'readwrite');
          all.oncomplete = () => done(base.close());
          all.onerror = () => failed(all.error ?? new Error('the transaction failed'));
        };
      });
    }
  });
}

/** A page that is left or loaded again only when everything is written. */
export function patient(page: Page): Page {
  const [goto, again] = [page.goto.bind(page), page.reload.bind(page)];
  page.goto = async (...where) => {
    await kept(page);
    return goto(...where);
  };
  page.reload = async (...how) => {
    await kept(page);
    return again(...how);
  };
  return page;
}

/**
 * Every browser test runs with this watch: no warning or error in the console, no uncaught error, no request but to
 * our own server.
 */
export const test = base.extend<{ quiet: void }>({
  page: async ({ page }, use) => use(patient(page)),
  quiet: [
    async ({ context, baseURL }, use) => {
      const heard = watch(context, baseURL);
      await use();
      expect(heard).toEqual([]);
    },
    { auto: true }
  ]
});
export { expect };

/** Waits until everything shown has been written: the count is read from a fresh page. */
export async function reload(page: Page): Promise<void> {
  await page.reload();
  await page.locator('h1, [data-testid=crank]').first().waitFor();
}

/** Begins a project of a kind from the page where everything hangs. */
export async function begin(page: Page, title: string): Promise<void> {
  await page.goto('/new');
  await page.getByRole('button', { name: new RegExp(`^${title}`) }).click();
  await expect(page.getByTestId('rows')).toBeVisible();
}

/** The number at the head of a plan, "112 rows". */
export async function rowsOf(page: Page): Promise<number> {
  return Number.parseInt(await page.getByTestId('rows').innerText(), 10);
}

/**
 * All that the steps of a plan say, one string each, without their pictures: also of what lies below and is not laid out yet,
 * which the text as it is rendered leaves out. Waits until there are steps.
 */
export async function stepsOf(page: Page): Promise<string[]> {
  const steps = page.getByLabel('Steps').locator('li');
  await expect(steps.first()).toBeAttached();
  return steps.evaluateAll((all) =>
    all.map((step) => {
      const words = step.cloneNode(true) as Element;
      words.querySelectorAll('svg, figure').forEach((picture) => picture.remove());
      return (words.textContent ?? '').replace(/\s+/g, ' ').trim();
    })
  );
}

/** The name of the element that has the focus, as a screen reader would call it. */
const focused = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const at = document.activeElement;
    if (!(at instanceof HTMLElement) || at === document.body) return '';
    const labelled = at
      .getAttribute('aria-labelledby')
      ?.split(' ')
      .map((id) => document.getElementById(id)?.textContent ?? '')
      .join(' ');
    const label =
      at instanceof HTMLInputElement || at instanceof HTMLSelectElement || at instanceof HTMLTextAreaElement
        ? at.labels?.[0]?.textContent
        : '';
    return (at.getAttribute('aria-label') ?? (labelled || label || at.textContent) ?? '').replace(/\s+/g, ' ').trim();
  });

/** Presses Tab until an element of that name has the focus; fails when the page has been walked through. */
export async function tabTo(page: Page, name: RegExp, most = 120): Promise<void> {
  const seen: string[] = [];
  for (let i = 0; i < most; i++) {
    await page.keyboard.press('Tab');
    const at = await focused(page);
    if (name.test(at)) return;
    seen.push(at);
  }
  throw new Error(`no element named ${name} can be reached; seen: ${seen.join(' | ')}`);
}
