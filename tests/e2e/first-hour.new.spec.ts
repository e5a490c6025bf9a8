import type { Page } from '@playwright/test';
import { expect, test } from './quiet';

/** Presses Tab until something is reached, and says how often. */
async function tabsTo(page: Page, name: RegExp): Promise<number> {
  for (let n = 0; n <= 80; n++) {
    // It may have the focus already.
    if (n > 0) await page.keyboard.press('Tab');
    const at = await page.evaluate(() => {
      const el = document.activeElement;
      if (!(el instanceof HTMLElement)) return '';
      const labels = el instanceof HTMLInputElement ? [...(el.labels ?? [])].map((l) => l.innerText).join(' ') : '';
      return (el.getAttribute('aria-label') ?? (labels || el.innerText)).replace(/\s+/g, ' ').trim();
    });
    if (name.test(at)) return n;
  }
  throw new Error(`Tab never met ${name.source}`);
}

test('the first hour by keyboard alone: ring, yarn, a hat, its first row', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Two questions, which can wait' })).toBeVisible();
  // The first stop of every page is the way to its content.
  let steps = await tabsTo(page, /^To the content$/);
  expect(steps).toBe(1);
  await page.keyboard.press('Enter');
  await expect(page.locator('#main')).toBeFocused();
  steps += 1 + (await tabsTo(page, /^40 pins$/));
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('At hand').getByText('40 pins')).toBeVisible();
  await expect(page.getByText('How many pins has your ring?')).toHaveCount(0);
  steps += 1 + (await tabsTo(page, /^Name$/));
  await page.keyboard.type('Gorse');
  steps += await tabsTo(page, /^Keep this yarn$/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('At hand').getByText(/^Gorse/)).toBeVisible();
  // The examples made way, so that the next plan takes what is one's own.
  await expect(page.getByLabel('At hand')).not.toContainText('Medium yarn');
  await expect(page.getByLabel('At hand')).not.toContainText('My machine');
  await page.getByRole('link', { name: 'Tomble' }).focus();
  steps += 1 + (await tabsTo(page, /^Plan a lined hat$/));
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('rows')).toBeVisible();
  await expect(page.getByText('40 pins on 40 pins')).toBeVisible();
  await expect(page.getByRole('table')).toContainText('Gorse');
  steps += 1 + (await tabsTo(page, /^To the crank$/));
  await page.keyboard.press('Enter');
  const face = page.getByTestId('crank');
  await expect(face).toBeVisible();
  while (!(await face.innerText()).includes('in this section')) {
    await page.keyboard.press('Space');
    steps += 1;
  }
  await page.keyboard.press('Space');
  await expect(face).toContainText('1 of');
  console.log(`the first hour by keyboard: ${steps} keys to the first row`);
});

test('the first hour by touch: a hat and its first row', async ({ browser, baseURL }) => {
  const context = await browser.newContext({
    ...(baseURL ? { baseURL } : {}),
    viewport: { width: 390, height: 664 },
    hasTouch: true,
    isMobile: true
  });
  const page = await context.newPage();
  await page.goto('/');
  let taps = 0;
  const tap = async (what: ReturnType<Page['getByRole']>): Promise<void> => {
    await what.tap();
    taps += 1;
  };
  await tap(page.getByRole('button', { name: '22 pins', exact: true }));
  await expect(page.getByText('How many pins has your ring?')).toHaveCount(0);
  await tap(page.getByRole('button', { name: 'Menu' }));
  await tap(page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Machines' }));
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
  await expect(page.getByText('example', { exact: true })).toHaveCount(0);
  await tap(page.getByRole('link', { name: 'Tomble' }));
  await tap(page.getByRole('button', { name: 'Plan a lined hat' }));
  await expect(page.getByTestId('rows')).toBeVisible();
  // Bars take less than a fifth of the screen.
  const top = (await page.getByRole('region', { name: 'The plan' }).boundingBox())!.y;
  expect(top).toBeLessThan(664 / 5);
  await tap(page.getByRole('link', { name: /To the crank/ }));
  const face = page.getByTestId('crank');
  while (!(await face.innerText()).includes('in this section')) await tap(face);
  await tap(face);
  await expect(face).toContainText('1 of');
  console.log(`the first hour by touch: ${taps} touches to the first row`);
  await context.close();
});

test('choosing: found by words of the thing, kept on the way back, and looking leaves nothing behind', async ({
  page
}) => {
  await page.goto('/new');
  await page.getByRole('searchbox', { name: 'Find' }).fill('moth');
  await expect(page.getByRole('button', { name: /^Long-bodied animal/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Lined hat/ })).toHaveCount(0);
  await page.getByRole('button', { name: /^Long-bodied animal/ }).click();
  await expect(page.getByTestId('rows')).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('searchbox', { name: 'Find' })).toHaveValue('moth');
  await page.goto('/');
  await expect(page.getByText('Nothing on the pins')).toBeVisible();
  // Changed, it stays.
  await page.goto('/new?find=moth');
  await page.getByRole('button', { name: /^Long-bodied animal/ }).click();
  await page.getByLabel('Name of the project').fill('Moth to keep');
  await expect(page.getByRole('button', { name: 'Undo the last change of the plan' })).toBeEnabled();
  await page.goBack();
  await expect(page.getByRole('searchbox', { name: 'Find' })).toBeVisible();
  await page.goto('/');
  await expect(page.getByText('Moth to keep')).toBeVisible();
  await page.goto('/new?find=xyzzy');
  await page.getByRole('button', { name: 'Show everything' }).click();
  await expect(page.getByRole('button', { name: /^Lined hat/ })).toBeVisible();
});
