import type { Page } from '@playwright/test';
import { test as again } from './again';
import { expect, test } from './quiet';

/** Presses between two looks at how far the walk has come. */
const STRIDE = 8;

/**
 * Walks a page by Tab alone until the walk comes round, then lists what a mouse could use and the walk never met. One
 * radio of a group stands for the group, whose others are met with the arrows; rows of a grid stand for their grid.
 */
async function unreached(page: Page): Promise<string[]> {
  await page.evaluate(() =>
    document.addEventListener('focusin', ({ target }) => {
      if (!(target instanceof HTMLElement) || target === document.body) return;
      if (target.dataset['walked']) document.documentElement.dataset['round'] = 'yes';
      target.dataset['walked'] = 'yes';
    })
  );
  for (let i = 0; i < 400; i++) {
    await page.keyboard.press('Tab');
    if (i % STRIDE === 0 && (await page.evaluate(() => document.documentElement.dataset['round'] === 'yes'))) break;
  }
  return page.evaluate(() => {
    const usable = 'a[href], button, input, select, textarea, summary, [role=radio], [role=combobox]';
    const met = (el: HTMLElement): boolean =>
      el.dataset['walked'] !== undefined ||
      (el.closest('[role=radiogroup]')?.querySelector('[data-walked]') ?? null) !== null;
    return [...document.querySelectorAll<HTMLElement>(usable)]
      .filter(
        (el) =>
          el.checkVisibility() &&
          !el.matches(':disabled, [aria-hidden=true], [type=file], [tabindex="-1"]:not([role=radio])')
      )
      .filter((el) => !met(el))
      .map((el) => (el.getAttribute('aria-label') ?? el.textContent).trim().slice(0, 60) || el.outerHTML.slice(0, 80));
  });
}

for (const [name, path, act] of [
  ['Plan of a lining', '/project/demo-fog', undefined],
  ['Plan of stripes', '/project/demo-school', undefined],
  [
    'Plan with waste yarn',
    '/project/demo-lantern',
    (page: Page) => page.getByRole('radio', { name: '10 rows' }).click()
  ],
  ['Colour', '/project/demo-school/colour', undefined],
  ['Crank', '/project/demo-lantern/crank', undefined],
  ['Finish', '/project/demo-first/finish', undefined],
  ['Bench', '/', undefined],
  ['Choosing', '/new', undefined],
  ['Plan of several parts', '/project/demo-moth', undefined],
  ['Finish with drawings', '/project/demo-bag/finish', undefined],
  ['Machines', '/machines', undefined],
  ['Settings', '/settings', undefined],
  ['Your data', '/backup', undefined],
  ['Words', '/words', undefined],
  ['About', '/about', undefined],
  ['Yarns', '/yarns', undefined],
  ['Swatches', '/swatches', undefined],
  ['Substitute a yarn', '/stand-ins', undefined],
  ['Measures', '/measures', undefined],
  ['Convert', '/convert', undefined]
] as const) {
  // Where something is changed first, it is changed in a browser of its own.
  (act ? test : again)(`Tab alone reaches every control: ${name}`, async ({ page }) => {
    await page.goto(path);
    await page.locator('h1, [data-testid=crank]').first().waitFor();
    await act?.(page);
    expect(await unreached(page)).toEqual([]);
    // The walk was a walk: without it nothing would be unreached either.
    expect(await page.locator('[data-walked]').count()).toBeGreaterThan(8);
  });
}
