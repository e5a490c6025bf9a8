import type { Page } from '@playwright/test';
import { expect, rowsOf, test } from './quiet';

async function hat(page: Page): Promise<string> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a lined hat' }).click();
  await expect(page.getByTestId('rows')).toBeVisible();
  return page.url();
}
const head = (page: Page) => page.getByLabel('Head girth');
/**
 * Lets the browser refuse every write for want of room, as it does when the disk is full. The true thing, on a disk that is too
 * small, is in the long run.
 */
async function fillable(page: Page): Promise<(full: boolean) => Promise<void>> {
  await page.addInitScript(() => {
    for (const name of ['add', 'put'] as const) {
      const write = IDBObjectStore.prototype[name];
      IDBObjectStore.prototype[name] = function (...what) {
        if (sessionStorage.getItem('full')) throw new DOMException('No room', 'QuotaExceededError');
        return write.apply(this, what);
      };
    }
  });
  return (full) =>
    page.evaluate((on) => (on ? sessionStorage.setItem('full', '1') : sessionStorage.removeItem('full')), full);
}
/** Waits until the last row is kept. */
const kept = (page: Page) => expect(page.getByTestId('count')).toHaveAttribute('data-kept', 'yes');
async function toRows(page: Page, rows: number): Promise<void> {
  const count = page.getByTestId('count');
  for (let guard = 0; guard < 60 && !(await count.innerText()).startsWith(`${rows} of`); guard++)
    await page.keyboard.press('Space');
  await expect(count).toHaveText(new RegExp(`^${rows} of`));
  await kept(page);
}

test('two windows show the same, and neither takes back what the other did', async ({ page, context }) => {
  const url = await hat(page);
  const other = await context.newPage();
  await other.goto(url);
  await head(page).fill('52');
  await expect(head(other)).toHaveValue('52 cm');
  await other.getByLabel('Turned-up brim').fill('0');
  await other.getByLabel('Name of the project').fill('Hat of two windows');
  await expect(page.getByLabel('Name of the project')).toHaveValue('Hat of two windows');
  expect(await rowsOf(page)).toBe(await rowsOf(other));
  // What one undoes the other sees undone.
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(other.getByLabel('Name of the project')).toHaveValue('Lined hat');
  await page.reload();
  await expect(head(page)).toHaveValue('52 cm');
  await expect(page.getByLabel('Turned-up brim')).toHaveValue('0 cm');

  // Thrown away in one window it is gone in the other, and an edit there does not bring it back.
  await page.goto('/');
  await page
    .getByRole('button', { name: /^Delete/ })
    .first()
    .click();
  await expect(other.getByRole('heading', { name: 'Lined hat was deleted' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(head(other)).toHaveValue('52 cm');
});

test('one hand at the crank: the second window follows, and can take over', async ({ page, context }) => {
  const url = await hat(page);
  await page.goto(`${url}/crank`);
  await toRows(page, 3);
  const other = await context.newPage();
  await other.goto(`${url}/crank`);
  await expect(other.getByText('cranked in another window')).toBeVisible();
  await other.keyboard.press('Space');
  await expect(other.getByTestId('count')).toHaveText(/^3 of/);
  await page.bringToFront();
  await page.keyboard.press('Space');
  await expect(other.getByTestId('count')).toHaveText(/^4 of/);
  await other.bringToFront();
  await other.getByRole('button', { name: 'Crank here instead' }).click();
  await expect(other.getByText('cranked in another window')).toBeHidden();
  await expect(page.getByText('cranked in another window')).toBeVisible();
  await other.keyboard.press('Space');
  await expect(other.getByTestId('count')).toHaveText(/^5 of/);
  await expect(page.getByTestId('count')).toHaveText(/^5 of/);
});

test('at the crank Ctrl+Z is the row, and the number that is set is the one that is typed', async ({ page }) => {
  const url = await hat(page);
  const planned = await rowsOf(page);
  await head(page).fill('50');
  await expect(page.getByTestId('rows')).not.toHaveText(`${planned} rows`);
  const rows = await rowsOf(page);
  await page.goto(`${url}/crank`);
  await toRows(page, 4);
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('count')).toHaveText(new RegExp(`^3 of ${rows} rows`));

  await page.keyboard.press('g');
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('textbox')).toBeFocused();
  await page.keyboard.type('9999');
  await page.keyboard.press('Enter');
  await expect(dialog.getByText(/must be a whole number from 0 to/)).toBeVisible();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('27');
  await page.keyboard.press('Enter');
  await expect(dialog).toBeHidden();
  await expect(page.getByTestId('count')).toHaveText(new RegExp(`^27 of ${rows} rows`));
});

test('what was typed and not saved is asked for, and is there again after a reload', async ({ page }) => {
  await page.goto('/yarns');
  await page.getByRole('row').nth(1).click();
  const dialog = page.getByRole('dialog');
  const fibre = dialog.getByLabel('Fibre');
  const folded = dialog.getByText('Fibre, strands and how it behaves');
  // Nothing typed: nothing asked.
  await folded.click();
  await expect(fibre).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await page.getByRole('row').nth(1).click();
  await folded.click();
  await fibre.fill('Wool and nettle');
  await expect(fibre).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog.getByText('What you typed is not saved.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Go on typing' }).click();
  await page.mouse.click(5, 5);
  await expect(dialog).toBeVisible();
  await page.reload();
  await page.getByRole('row').nth(1).click();
  // Where it was typed lies open by itself.
  await expect(fibre).toBeVisible();
  await expect(fibre).toHaveValue('Wool and nettle');
  await dialog.getByRole('button', { name: 'Save the yarn' }).click();
  await expect(dialog).toBeHidden();
});

test('what hangs on the machine is not changed without a word', async ({ page }) => {
  const url = await hat(page);
  await page.goto(`${url}/crank`);
  await toRows(page, 5);
  await page.goto(url);
  const rows = await rowsOf(page);
  // Rows to come are free.
  await page.getByText('A row count', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Rows', exact: true }).fill('90');
  await expect(page.getByTestId('rows')).toHaveText('90 rows');
  await expect(page.getByRole('button', { name: 'Leave it as it hangs' })).toBeHidden();
  // Another yarn under what is knitted is asked about; the colour that hangs is the lining's or the outside's.
  const asked = page.getByText('These rows are knitted in another yarn.');
  const choose = async (): Promise<void> => {
    for (const field of await page.getByRole('combobox', { name: /^(Outside|Lining)/ }).all()) {
      if (await asked.isVisible()) return;
      await field.click();
      await page.getByRole('listbox').getByRole('option').last().click();
      await page.waitForTimeout(300);
    }
  };
  await choose();
  await expect(asked).toBeVisible();
  await expect(page.getByText(/Row \d+ is Medium yarn/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave it as it hangs' }).click();
  await expect(asked).toBeHidden();
  await choose();
  await page.getByRole('button', { name: 'Change the plan all the same' }).click();
  await expect(asked).toBeHidden();
  expect(rows).toBeGreaterThan(90);
});

test('a yarn in use is named with its projects, another takes its place, and a gap can be filled', async ({ page }) => {
  const url = await hat(page);
  await page.goto('/yarns');
  await page.getByRole('row').nth(1).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).click();
  const dialog = page.getByRole('dialog', { name: /is in use/ });
  await expect(dialog.getByRole('link', { name: 'Lined hat' })).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Replace and delete' })).toBeDisabled();
  await dialog.getByRole('button', { name: 'Delete and leave the gaps' }).click();
  await page.goto(url);
  await expect(page.getByText('This plan cannot be drafted as it stands.')).toBeVisible();
  const gaps = page.getByRole('combobox', { name: /A yarn that is gone/ });
  await expect(gaps.first()).toBeVisible();
  await page.getByRole('button', { name: 'Fill every gap with what is there' }).click();
  await expect(page.getByTestId('rows')).toBeVisible();
});

test.describe('a storage that does not do what it should', () => {
  test('full: all can be read, the change is named as not kept, and is kept when there is room', async ({ page }) => {
    const fill = await fillable(page);
    await hat(page);
    await fill(true);
    await head(page).fill('52');
    await expect(page.getByText('Not kept yet: the last change.')).toBeVisible();
    await expect(page.getByText('The storage of this browser is full.')).toBeVisible();
    await expect(head(page)).toHaveValue('52');
    const file = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as a file' }).click();
    expect((await file).suggestedFilename()).toBe('lined-hat.tomble.json');
    await fill(false);
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByText('Not kept yet: the last change.')).toBeHidden();
    await page.reload();
    await expect(head(page)).toHaveValue('52 cm');
  });

  test('full, with a row in the journal: it opens to be read, and the row is kept when there is room', async ({
    page
  }) => {
    const fill = await fillable(page);
    const url = await hat(page);
    await page.goto(`${url}/crank`);
    await toRows(page, 2);
    await fill(true);
    await page.keyboard.press('Space');
    await expect(page.getByTestId('count')).toHaveText(/^3 of .*not kept yet/);
    await expect(page.getByTestId('count')).toHaveAttribute('data-kept', 'no');
    await page.reload();
    await expect(page.getByText('Nothing new can be kept.')).toBeVisible();
    await expect(page.getByTestId('count')).toHaveText(/^2 of/);
    await fill(false);
    await page.reload();
    await expect(page.getByTestId('count')).toHaveText(/^3 of/);
    await kept(page);
  });

  test('full: a yarn, a person, a new project and a file say so where they are kept', async ({ page }) => {
    const fill = await fillable(page);
    await hat(page);
    const file = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Files' }).click();
    await page.getByRole('menuitem', { name: /Project file/ }).click();
    const path = await (await file).path();
    await fill(true);
    await page.goto('/yarns');
    await page.getByRole('row').nth(1).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByText('Fibre, strands and how it behaves').click();
    await dialog.getByLabel('Fibre').fill('Nettle');
    await dialog.getByRole('button', { name: 'Save the yarn' }).click();
    await expect(dialog.getByText(/^Not kept\. The storage of this browser is full\./)).toBeVisible();
    await expect(dialog.getByLabel('Fibre')).toHaveValue('Nettle');
    await page.goto('/measures');
    await page.getByRole('button', { name: /Add a person/ }).click();
    await expect(page.getByText(/^Not kept\./)).toBeVisible();
    await page.goto('/');
    await page.getByLabel('Project file').setInputFiles(path);
    await dialog.getByRole('button', { name: 'Bring it in' }).click();
    await expect(dialog.getByText(/^Not kept\./)).toBeVisible();
  });

  test('blocked: a page says what is wrong and what helps', async ({ page }) => {
    await page.addInitScript(() => {
      const no = (): never => {
        throw new DOMException('Access is denied for this document.', 'SecurityError');
      };
      Object.defineProperty(window, 'localStorage', { get: no, configurable: true });
      Object.defineProperty(window, 'sessionStorage', { get: no, configurable: true });
      Object.defineProperty(window, 'indexedDB', { get: () => undefined });
    });
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'The browser refuses to keep anything' })).toBeVisible();
    await page.goto('/project/x/crank');
    await expect(page.getByRole('heading', { name: 'The browser refuses to keep anything' })).toBeVisible();
  });

  test('silent: after a while it is said, and the page goes on by itself', async ({ page }) => {
    await page.goto('/');
    await expect(page.getByText('Nothing on the pins')).toBeVisible();
    await page.addInitScript(() => {
      const { open } = IDBFactory.prototype;
      const waiting: (() => void)[] = [];
      IDBFactory.prototype.open = function (...asked) {
        const request = open.apply(this, asked);
        let heard: EventListener = () => {};
        let came: Event | null = null;
        request.addEventListener('success', (event) => (came = event));
        Object.defineProperty(request, 'onsuccess', { set: (listener: EventListener) => (heard = listener) });
        waiting.push(() => came && heard.call(request, came));
        return request;
      };
      Object.assign(window, { answer: () => waiting.forEach((each) => each()) });
    });
    await page.reload();
    await expect(page.getByRole('heading', { name: 'The storage does not answer' })).toBeVisible();
    await page.evaluate(() => (window as unknown as { answer: () => void }).answer());
    await expect(page.getByText('Nothing on the pins')).toBeVisible();
  });
});
