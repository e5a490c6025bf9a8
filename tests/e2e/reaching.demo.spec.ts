import { test as unwatched, type Page } from '@playwright/test';
import { expect, test } from './quiet';

// What is loaded when a hand reaches for it opens with the first press, whatever presses.

const outside = /^Outside: /;

test('a list of yarns opens with the first tap of a finger', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ baseURL: baseURL!, hasTouch: true, serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto('/project/demo-fog');
  const field = page.getByRole('combobox', { name: outside });
  await field.tap();
  await page.getByRole('option', { name: 'Reedwick, Ember' }).tap();
  await expect(field).toHaveAccessibleName('Outside: Reedwick, Ember');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await context.close();
});

test('a list of yarns is walked by keys from its first opening on, and the focus stays on its field', async ({
  page
}) => {
  await page.goto('/project/demo-fog');
  const field = page.getByRole('combobox', { name: outside });
  await field.focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('listbox')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await expect(field).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Home');
  await page.keyboard.press('Enter');
  await expect(field).toHaveAccessibleName('Outside: Millbarrow, Moss');
  await expect(field).toBeFocused();
});

test('keys pressed while a list is still on its way reach it in their order', async ({ browser, baseURL }) => {
  const context = await browser.newContext({ baseURL: baseURL!, serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto('/project/demo-fog');
  await page.getByTestId('rows').waitFor();
  // The list comes after the last key.
  let letGo = (): void => undefined;
  const pressed = new Promise<void>((done) => (letGo = done));
  let held = 0;
  await page.route(/immutable/, async (route) => {
    held++;
    await pressed;
    await route.continue();
  });
  const field = page.getByRole('combobox', { name: outside });
  const before = await field.getAttribute('aria-label');
  await field.focus();
  for (const key of ['Enter', 'Home', 'ArrowDown', 'Enter']) await page.keyboard.press(key);
  // The page asks for the list while the keys are pressed; the request itself may reach the test after the last one.
  await expect.poll(() => held).toBeGreaterThan(0);
  await expect(field).toHaveAttribute('aria-label', before!);
  letGo();
  await expect(field).toHaveAccessibleName('Outside: Millbarrow, Oat');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await expect(field).toBeFocused();
  await context.close();
});

test('a figure and the files open and close at their own button, and give the focus back', async ({ page }) => {
  await page.goto('/project/demo-fog');
  for (const [name, role] of [
    [/^Files$/, 'menu'],
    [/^Flat width/, 'dialog']
  ] as const) {
    const button = page.getByRole('button', { name });
    await button.click();
    await expect(page.getByRole(role)).toBeVisible();
    await expect(button).toHaveAttribute('aria-expanded', 'true');
    // While the menu is open nothing else takes a press, its button neither: it closes by a press anywhere.
    const { x, y, width, height } = (await button.boundingBox())!;
    await page.mouse.click(x + width / 2, y + height / 2);
    await expect(page.getByRole(role)).toHaveCount(0);
    await button.click();
    await page.keyboard.press('Escape');
    await expect(page.getByRole(role)).toHaveCount(0);
    await expect(button).toBeFocused();
  }
});

test('a choice is taken back by its keys from where it was made', async ({ page }) => {
  await page.goto('/project/demo-fog');
  await page.getByRole('radio', { name: 'One colour' }).click();
  await expect(page.getByRole('radio', { name: 'One colour' })).toBeChecked();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('radio', { name: 'Lining of another colour' })).toBeChecked();
  await expect(page.getByRole('radio', { name: 'One colour' })).not.toBeChecked();
});

test('a choice that would change what hangs on the machine waits, and stands as it was', async ({ page }) => {
  await page.goto('/project/demo-lantern');
  const group = page.getByRole('radiogroup').filter({ has: page.getByRole('radio', { name: '10 rows' }) });
  const before = await group.getByRole('radio', { checked: true }).inputValue();
  await group.getByRole('radio', { name: '10 rows' }).click();
  await expect(page.getByRole('button', { name: 'Leave it as it hangs' })).toBeVisible();
  await expect(group.getByRole('radio', { checked: true })).toHaveValue(before);
});

test('the question mark helps at a choice, where no letter is typed', async ({ page }) => {
  await page.goto('/project/demo-fog');
  await page.getByRole('radio', { name: 'Lining of another colour' }).focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toBeVisible();
});

/** Lets no page write into these tables until what it answers is asked for. */
async function holdWrites(page: Page, tables: readonly string[]): Promise<() => Promise<void>> {
  await page.evaluate(async (of) => {
    const held = globalThis as unknown as { held: boolean };
    held.held = true;
    await new Promise<void>((done) => {
      indexedDB.open('tomble').onsuccess = ({ target }) => {
        const all = (target as IDBOpenDBRequest).result.transaction([...of], 'readwrite');
        // A transaction lives as long as something is asked of it.
        const again = (): void => {
          if (held.held) all.objectStore(of[0]!).count().onsuccess = again;
          done();
        };
        again();
      };
    });
  }, tables);
  return () => page.evaluate(() => void ((globalThis as unknown as { held: boolean }).held = false));
}

test('a person who is added is waited for: what is typed at once goes to nobody else', async ({ page }) => {
  await page.goto('/measures');
  const name = page.getByLabel('Name', { exact: true });
  const shown = await name.inputValue();
  const before = await page.getByRole('button', { name: / measures$/ }).allInnerTexts();
  const letGo = await holdWrites(page, ['people']);
  await page.getByRole('button', { name: 'Add a person' }).click();
  await expect(page.getByRole('region', { name: `Measures of ${shown}` })).toHaveCount(0);
  await letGo();
  await name.fill('Ferry keeper');
  await expect(page.getByRole('button', { name: 'Ferry keeper 0 measures' })).toBeVisible();
  const after = await page.getByRole('button', { name: / measures$/ }).allInnerTexts();
  expect(after).toEqual(expect.arrayContaining(before));
  // Gone again, another one is looked at.
  await page.getByRole('button', { name: 'Delete Ferry keeper' }).click();
  await expect(name).toHaveCount(1);
});

test('a machine that is added is waited for in the same way', async ({ page }) => {
  await page.goto('/machines');
  const name = page.getByLabel('Name', { exact: true });
  await expect(name).toHaveCount(1);
  const letGo = await holdWrites(page, ['machines']);
  await page.getByRole('button', { name: '22', exact: true }).click();
  await expect(name).toHaveCount(0);
  await letGo();
  await expect(name).toHaveValue('22 pins');
});

// Without the watch of the others: what does not load is an error in the console, and must be here.
unwatched('what does not load is told, and its button stands as it was', async ({ page }) => {
  await page.goto('/project/demo-fog');
  await page.getByTestId('rows').waitFor();
  // The first part that is asked for is lost, and nothing after it.
  let lost = false;
  await page.route(/chunks/, (route) => {
    if (lost) return route.continue();
    lost = true;
    return route.abort();
  });
  const button = page.getByRole('button', { name: /^Flat width/ });
  await button.click();
  await expect(button).toHaveAttribute('aria-expanded', 'false');
  await expect(page.getByText('A part of the application did not load.')).toBeVisible();
});
