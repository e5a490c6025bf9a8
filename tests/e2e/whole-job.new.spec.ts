import { readFile } from 'node:fs/promises';
import { expect, reload, rowsOf, tabTo, test, stepsOf } from './quiet';

test.use({ serviceWorkers: 'allow' });

test('a lined hat from the brief to the log, and back from its file', async ({ page }, info) => {
  await page.goto('/');
  await expect(page.getByText('Nothing on the pins')).toBeVisible();
  await page.getByRole('button', { name: 'Plan a lined hat' }).click();

  // A complete plan stands there before anything is asked.
  await expect(page.getByTestId('rows')).toBeVisible();
  const first = await rowsOf(page);
  expect(first).toBeGreaterThan(120);
  await page.getByLabel('Name of the project').fill('Hat for the gatekeeper');

  const head = page.getByLabel('Head girth');
  await head.fill('52 cm');
  await expect(page.getByTestId('rows')).not.toHaveText(`${first} rows`);
  const smaller = await rowsOf(page);
  expect(smaller).toBeLessThan(first);
  await head.fill('22 1/2"');
  await head.blur();
  // Shown the way it was understood: 22.5 in are 57.15 cm.
  await expect(head).toHaveValue('57 cm');
  expect(await rowsOf(page)).toBeGreaterThan(smaller);

  // Another colour for the outside: the knitted picture follows.
  await page
    .getByRole('button', { name: /^Change Medium yarn/ })
    .first()
    .click();
  await page.getByRole('textbox', { name: 'Colour', exact: true }).fill('#3a7d44');
  await page.getByLabel('Colour name').fill('Fern');
  await page.getByRole('button', { name: 'Save the yarn' }).click();
  await expect(
    page.getByRole('img', { name: 'The tube as it hangs' }).first().locator('[stroke="#3a7d44"]').first()
  ).toBeAttached();

  // Undo and redo of an edit, and all of it after a reload.
  const planned = await rowsOf(page);
  await page.getByLabel('Turned-up brim').fill('0');
  await expect(page.getByTestId('rows')).not.toHaveText(`${planned} rows`);
  const flat = await rowsOf(page);
  await reload(page);
  expect(await rowsOf(page)).toBe(flat);
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(page.getByTestId('rows')).toHaveText(`${planned} rows`);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByTestId('rows')).toHaveText(`${flat} rows`);

  // How long an edit takes to the next frame, for the report; machines differ, so nothing is asserted in ms.
  for (const girth of ['50', '51', '53', '54', '55', '56']) await head.fill(girth);
  const rows = await rowsOf(page);
  const [shown, framed] = await page.evaluate(async () => {
    await new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)));
    return ['tomble:edit-to-dom', 'tomble:edit-to-frame'].map((name) =>
      performance.getEntriesByName(name).map((entry) => entry.duration)
    );
  });
  // Every edit was in the page before the next frame was drawn: one frame, none left out.
  expect(framed).toHaveLength(shown!.length);
  expect(shown!.length).toBeGreaterThan(5);
  const median = (times: number[]): string => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)]!.toFixed(1);
  const report = `an edit: ${median(shown!)} ms to the page, ${median(framed!)} ms to its frame (medians of ${shown!.length})`;
  info.annotations.push({ type: 'measured', description: report });
  console.log(report);

  // The crank: setting up, then every row, with a reload in the middle and an undo.
  await page.getByRole('link', { name: /To the crank/ }).click();
  const count = page.getByTestId('count');
  const crank = page.getByTestId('crank');
  await expect(count).toHaveText(`0 of ${rows} rows`);
  const middle = Math.floor(rows / 2) - 7;
  const at = async (): Promise<number> => Number.parseInt(await count.innerText(), 10);
  while ((await at()) < middle) await crank.click();
  await reload(page);
  await expect(count).toHaveText(`${middle} of ${rows} rows`);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(count).toHaveText(`${middle - 1} of ${rows} rows`);
  // After a click on Undo the space bar is a row again, not another undo.
  await page.keyboard.press('Space');
  await expect(count).toHaveText(`${middle} of ${rows} rows`);
  for (let guard = 0; guard < 2 * rows && !(await page.getByText('Off the machine').isVisible()); guard++)
    await page.keyboard.press('Space');
  await expect(count).toHaveText(`${rows} of ${rows} rows`);

  // Finish, tick, measure, keep.
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: /^Close it/ })).toBeVisible();
  for (const box of await page.getByRole('checkbox').all()) await box.check({ force: true });
  await expect(page.getByText('All done.')).toBeVisible();
  await page.getByLabel('Length of the tube').fill('51,5');
  await page.getByLabel('Flat width').fill('18 cm');
  await page.getByLabel('Minutes it took').fill('24');
  await page.getByRole('button', { name: 'Keep it in the log' }).click();
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
  await reload(page);
  await page.getByRole('link', { name: 'Hat for the gatekeeper' }).click();
  await expect(page.getByText('51.5 cm').first()).toBeVisible();

  // Export, delete, import: the same plan.
  await page.getByRole('link', { name: 'Its plan' }).click();
  await expect(page.getByTestId('rows')).toHaveText(`${rows} rows`);
  const steps = await stepsOf(page);
  const waiting = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Files' }).click();
  await page.getByRole('menuitem', { name: 'Project file' }).click();
  const file = await (await waiting).path();
  expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({
    format: 'tomble-project',
    brief: { name: 'Hat for the gatekeeper' }
  });

  await page.getByRole('link', { name: 'Log', exact: true }).click();
  const entry = page.getByRole('link', { name: 'Hat for the gatekeeper' });
  const remove = page.getByRole('button', { name: 'Delete Hat for the gatekeeper' });
  await entry.click();
  await remove.click();
  await expect(page.getByText('No finished piece yet')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await entry.click();
  await remove.click();
  await expect(page.getByText('No finished piece yet')).toBeVisible();

  await page.getByRole('link', { name: 'Bench', exact: true }).click();
  await page.getByLabel('Project file').setInputFiles(file);
  await expect(page.getByRole('heading', { name: 'Bring this project in?' })).toBeVisible();
  await expect(page.getByRole('dialog')).toContainText(`${rows} rows done`);
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByTestId('rows')).toHaveText(`${rows} rows`);
  expect(await stepsOf(page)).toEqual(steps);
  await page.getByRole('link', { name: 'Log', exact: true }).click();
  await entry.click();
  await expect(page.getByText('51.5 cm').first()).toBeVisible();
});

test('the other files: rows as CSV, both pictures as SVG', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a lined hat' }).click();
  const rows = await rowsOf(page);
  const save = async (item: string): Promise<string> => {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Files' }).click();
    await page.getByRole('menuitem', { name: item }).click();
    return readFile(await (await waiting).path(), 'utf8');
  };
  expect((await save('Row table')).trim().split('\n')).toHaveLength(rows + 1);
  expect(await save('Hanging tube')).toMatch(/^<svg [^]*<\/svg>\n$/);
  expect(await save('The finished thing')).toMatch(/^<svg [^]*<\/svg>\n$/);
});

test('all of it works with no network once it was opened', async ({ page, context }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a lined hat' }).click();
  const rows = await rowsOf(page);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.waitForFunction(() => caches.keys().then((keys) => keys.some((key) => key.startsWith('tomble-'))));
  await context.setOffline(true);
  await page.reload();
  await expect(page.getByTestId('rows')).toHaveText(`${rows} rows`);
  await expect(page.getByText('Offline: all works')).toBeVisible();
  await page.getByLabel('Head girth').fill('50');
  await expect(page.getByTestId('rows')).not.toHaveText(`${rows} rows`);
  await context.setOffline(false);
});

test('keys alone do the whole of Plan and Crank', async ({ page }) => {
  await page.goto('/');
  await tabTo(page, /^Plan a lined hat$/);
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('rows')).toBeVisible();
  const type = async (name: RegExp, text: string): Promise<void> => {
    await tabTo(page, name);
    await page.keyboard.press('Control+A');
    await page.keyboard.type(text);
  };
  await type(/^Name of the project$/, 'By keys');
  // A figure opens and closes.
  await tabTo(page, /^Tube, off the machine/);
  await page.keyboard.press('Enter');
  const working = page.locator('[data-popover-content]');
  await expect(working).toContainText('rows per cm');
  await page.keyboard.press('Escape');
  await expect(working).toHaveCount(0);
  // Every kind of control: select, radio, length, count with arrows, yarn list, dialog, switch.
  await tabTo(page, /^Machine$/);
  await tabTo(page, /^Adult$|^For$/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: 'Child' })).toBeChecked();
  await type(/^Head girth$/, '51');
  await tabTo(page, /^No head at hand/);
  await page.keyboard.press('ArrowDown');
  await type(/^Turned-up brim$/, '0');
  const fitted = await rowsOf(page);
  await tabTo(page, /^The head$|^Rows decided by$/);
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('radio', { name: 'A row count' })).toBeChecked();
  await type(/^Rows$/, '24');
  await expect(page.getByTestId('rows')).toHaveText('24 rows');
  expect(fitted).not.toBe(24);
  await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('rows')).toHaveText('25 rows');
  await page.keyboard.press('ArrowDown');
  await tabTo(page, /^Outside: /);
  await page.keyboard.press('Enter');
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listbox')).toHaveCount(0);
  await tabTo(page, /^Change Medium yarn/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Yarn and colour', exact: true }).last()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await tabTo(page, /^Draw with the thread doubled$/);
  await page.keyboard.press('Space');
  await expect(page.getByRole('checkbox', { name: 'Draw with the thread doubled' })).toBeChecked();
  await tabTo(page, /^One end, then the other|^Closing the crown/);
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('radio', { name: /^Both ends, then pinched/ })).toBeChecked();
  // Stripes: moved, added and removed without a mouse.
  await tabTo(page, /^Lining of another colour|^Colours$/);
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('radio', { name: 'Stripes' })).toBeChecked();
  const stripe = page.getByLabel(/^Yarn of stripe 1: /);
  const before = await stripe.getAttribute('aria-label');
  await tabTo(page, /^Move stripe 2 up$/);
  await page.keyboard.press('Enter');
  await expect(stripe).not.toHaveAttribute('aria-label', before!);
  await type(/^Rows of stripe 2$/, '3');
  await tabTo(page, /^Add a stripe$/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Rows of stripe 3')).toBeVisible();
  await tabTo(page, /^Remove stripe 3$/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Rows of stripe 3')).toHaveCount(0);
  await tabTo(page, /^Repeat the stripes/);
  await page.keyboard.press('Space');
  // Undo and redo by their keys, away from any field.
  await tabTo(page, /^Files$/);
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('checkbox', { name: 'Repeat the stripes to the end' })).toBeChecked();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByRole('checkbox', { name: 'Repeat the stripes to the end' })).not.toBeChecked();

  await tabTo(page, /^To the crank/);
  await page.keyboard.press('Enter');
  const count = page.getByTestId('count');
  await expect(count).toHaveText('0 of 24 rows');
  for (let guard = 0; guard < 20 && (await count.innerText()) === '0 of 24 rows'; guard++)
    await page.keyboard.press('Space');
  await expect(count).toHaveText('1 of 24 rows');
  await page.keyboard.press('Backspace');
  await expect(count).toHaveText('0 of 24 rows');
  await page.keyboard.press('g');
  await expect(page.getByRole('dialog').getByRole('textbox')).toBeFocused();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('20');
  await page.keyboard.press('Enter');
  await expect(count).toHaveText('20 of 24 rows');
  await tabTo(page, /^How it calls$/);
  await page.keyboard.press('Enter');
  const sound = page.getByRole('checkbox', { name: 'Sound' });
  await expect(sound).toBeFocused();
  await page.keyboard.press('Space');
  await expect(sound).not.toBeChecked();
  await page.keyboard.press('Escape');
  await expect(sound).toHaveCount(0);
  await tabTo(page, /^Undo$/);
  await page.keyboard.press('Enter');
  await expect(count).toHaveText('0 of 24 rows');
});
