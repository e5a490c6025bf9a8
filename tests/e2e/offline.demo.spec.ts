import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, FIRST, secondBuild, test } from './own-server';

test.use({ serviceWorkers: 'allow' });

/** Waits until the page is in the care of the service worker, with all its parts kept. */
async function settled(page: Page): Promise<void> {
  await page.waitForFunction(() => navigator.serviceWorker.controller?.state === 'activated');
}

/** Folders of the parts this window has loaded as scripts, styles or modules. */
const loaded = (page: Page): Promise<string[]> =>
  page.evaluate(() => [
    ...new Set(
      performance
        .getEntriesByType('resource')
        .map(({ name }) => new URL(name).pathname)
        .filter((path) => path.includes('/immutable/'))
    )
  ]);

test('after the first visit the server may be gone: plan, crank, finish, files in and out, backup', async ({
  page,
  server
}) => {
  await page.goto('/');
  await expect(page.locator('main article').first()).toBeVisible();
  await settled(page);
  await server.off();

  // A page that was never opened, and a plan.
  await page.goto('/new');
  await page.getByRole('button', { name: /^Headband/ }).click();
  await expect(page.getByTestId('rows')).toBeVisible();
  const rows = await page.getByTestId('rows').innerText();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page
      .getByRole('button', { name: 'Files' })
      .click()
      .then(() => page.getByRole('menuitem', { name: 'Project file' }).click())
  ]);
  const path = await file.path();

  // Cranked and finished.
  await page.getByRole('link', { name: /To the crank/ }).click();
  await expect(page.getByTestId('crank')).toBeVisible();
  const off = page.getByText('Off the machine');
  for (let guard = 0; guard < 200 && !(await off.isVisible()); guard++) await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByRole('region', { name: 'Finishing' })).toBeVisible();
  for (const box of await page.getByRole('checkbox').all()) await box.check({ force: true });
  await expect(page.getByText('All done.')).toBeVisible();
  await page.getByLabel('Length of the headband').fill('43');
  await page.getByRole('button', { name: 'Keep it in the log' }).click();
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();

  // A project file and a table of yarns come in.
  await page.goto('/');
  await page.getByLabel('Project file').setInputFiles(path);
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByTestId('rows')).toHaveText(rows);
  await page.goto('/yarns');
  await page.getByLabel('Yarn file').setInputFiles({
    name: 'yarns.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('name;colour name;metres;grams\nTarn;Slate;210;100\nTarn;Ash;210;100')
  });
  await expect(page.getByRole('dialog')).toContainText('Slate');
  await page.getByRole('button', { name: 'Add them' }).click();
  await expect(page.getByText('Slate').first()).toBeVisible();

  // Everything out, and read back.
  await page.goto('/backup');
  const [bundle] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Back up now' }).click()
  ]);
  await page.getByLabel('Backup file').setInputFiles({
    name: 'all.zip',
    mimeType: 'application/zip',
    buffer: await readFile(await bundle.path())
  });
  await expect(page.getByRole('dialog').getByRole('row', { name: /^Projects/ })).toBeVisible();
});

test('an update waits, starts when it is asked for, mixes nothing and takes nothing away', async ({
  page,
  context,
  server
}) => {
  const second = secondBuild();
  try {
    await page.goto('/project/demo-lantern/crank');
    await expect(page.getByTestId('count')).toHaveText('41 of 136 rows');
    await settled(page);
    const other = await context.newPage();
    await other.goto('/');
    await expect(other.locator('main article').first()).toBeVisible();
    const parts = new Set([...(await loaded(page)), ...(await loaded(other))]);
    expect(parts.size).toBeGreaterThan(10);
    for (let i = 0; i < 3; i++) await page.keyboard.press('Space');

    await server.off();
    await server.on(second.folder);
    await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
    const use = page.getByRole('button', { name: 'A new version is here: use it' });
    await expect(use).toBeVisible();
    // Until then everything that is opened is of the first version, windows opened now too.
    const late = await context.newPage();
    await late.goto('/yarns');
    await expect(late.getByRole('grid').first()).toBeVisible();
    const first = await loaded(late);
    await page.keyboard.press('Space');
    await expect(page.getByTestId('count')).toHaveText('45 of 136 rows');

    await use.click();
    await page.waitForFunction(
      (old) =>
        performance
          .getEntriesByType('resource')
          .some(({ name }) => name.includes('/immutable/entry/') && !old.includes(new URL(name).pathname)),
      first
    );
    await expect(page.getByTestId('count')).toHaveText('45 of 136 rows');
    const now = await loaded(page);
    expect(now.filter((path) => first.includes(path) && path.endsWith('.js') && path.includes('/entry/'))).toEqual([]);
    await expect(use).toBeHidden();

    // The other window goes on with the parts that fit it, though the server has none of them, and a part it never had opens.
    await other.getByRole('link', { name: 'Log', exact: true }).click();
    await expect(other.getByRole('heading', { name: 'Log' })).toBeVisible();
    await other.getByRole('link', { name: 'Swatches', exact: true }).click();
    await expect(other.getByRole('heading', { name: 'Swatches' })).toBeVisible();
    const fresh = new Set(now);
    const entry = (paths: readonly string[]): string[] => paths.filter((path) => path.includes('/entry/'));
    expect(entry(await loaded(other)).filter((path) => fresh.has(path))).toEqual([]);
    // Loaded anew it is of the new version, and has what was knitted.
    await other.goto('/');
    await expect(other.getByText('45 of 136').first()).toBeVisible();
    expect(entry(await loaded(other)).toSorted()).toEqual(entry(now).toSorted());

    // And back again is an update like any other.
    await server.off();
    await server.on(FIRST);
    await page.evaluate(async () => void (await (await navigator.serviceWorker.ready).update()));
    await expect(use).toBeVisible();
  } finally {
    second.away();
  }
});
