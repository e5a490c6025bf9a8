import { readFile } from 'node:fs/promises';
import JSZip from 'jszip';
import { nextBundle } from '../support/next-version';
import { expect, test } from './quiet';

test('everything out, a preview, in again, and back', async ({ page }) => {
  await page.goto('/backup');
  await expect(page.getByText('There is no backup yet.')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up now' }).click();
  const file = await download;
  expect(file.suggestedFilename()).toMatch(/^tomble-\d{4}-\d\d-\d\d\.zip$/);
  const path = await file.path();
  const zip = await JSZip.loadAsync(await readFile(path));
  expect(JSON.parse(await zip.file('data/projects.json')!.async('string'))).toHaveLength(13);
  await expect(page.getByText(/The last backup is of/)).toBeVisible();

  // What hangs on a machine is deleted only when that is meant.
  await page.goto('/');
  const cards = page.locator('main article');
  await expect(cards).toHaveCount(8);
  const before = 8;
  const dialog = page.getByRole('dialog');
  const gone = 'Lantern carrier, Ember over Tide';
  await page.getByRole('button', { name: `Delete ${gone}` }).click();
  await expect(dialog).toContainText('41 rows of it hang on the machine.');
  await dialog.getByRole('button', { name: 'Keep it' }).click();
  await expect(cards).toHaveCount(before);
  await page.getByRole('button', { name: `Delete ${gone}` }).click();
  await dialog.getByRole('button', { name: 'Delete', exact: true }).click();
  await expect(cards).toHaveCount(before - 1);

  // Merged, what was deleted here stays in the bin, and is named; all else comes.
  await page.goto('/yarns');
  await page.goto('/backup');
  await page.getByLabel('Backup file').setInputFiles(path);
  await expect(dialog.getByRole('row', { name: /^Projects/ })).toHaveText(/Projects\s*1\s*–\s*12\s*–/);
  await expect(dialog).toContainText(`${gone} was deleted here and stays in the bin.`);
  await dialog.getByRole('button', { name: 'Merge it' }).click();
  await expect(dialog).toBeHidden();
  await page.goto('/');
  await expect(cards).toHaveCount(before - 1);

  // Replaced as a whole.
  await page.goto('/backup');
  await page.getByLabel('Backup file').setInputFiles(path);
  await dialog.getByText('Replace', { exact: true }).click();
  await dialog.getByRole('button', { name: 'Replace all' }).click();
  await expect(dialog).toBeHidden();
  await page.goto('/');
  await expect(cards).toHaveCount(before);
  await page.goto('/backup');
  await expect(page.getByText('The bin is empty.')).toBeVisible();
  await page.getByRole('button', { name: 'Go back to before the last one' }).click();
  await expect(page.getByText('All is as it was before')).toBeVisible();

  // Put back from the bin, with its rows.
  const bin = page.getByRole('region', { name: 'Bin' });
  await expect(bin).toContainText('Project, 45 rows and steps');
  await bin.getByRole('button', { name: /^Put back/ }).click();
  await expect(page.getByText('The bin is empty.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('article', { name: gone })).toContainText('41 of 136 rows');

  // Deleted for good it is gone.
  await page.getByRole('button', { name: 'Delete Lantern carrier in the fog' }).click();
  await expect(page.getByText('Deleted: Lantern carrier in the fog')).toBeVisible();
  await page.goto('/backup');
  await bin.getByRole('button', { name: /^Delete for good/ }).click();
  await dialog.getByRole('button', { name: 'Delete for good' }).click();
  await expect(page.getByText('The bin is empty.')).toBeVisible();
});

test('a backup of a newer version: what is not known is kept whole, shown as that, and handed out again', async ({
  page
}) => {
  await page.goto('/backup');
  await page
    .getByLabel('Backup file')
    .setInputFiles({ name: 'next.zip', mimeType: 'application/zip', buffer: Buffer.from(nextBundle()) });
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('row', { name: /^Things of a newer version/ })).toContainText('23');
  await dialog.getByRole('button', { name: 'Merge it' }).click();
  await expect(dialog).toBeHidden();
  await page.goto('/');
  const newer = page.getByRole('region', { name: 'Made by a newer version' });
  await expect(newer.getByRole('listitem')).toHaveCount(5);
  const file = page.waitForEvent('download');
  await newer.getByRole('listitem').first().getByRole('button', { name: 'Save as a file' }).click();
  const zip = await JSZip.loadAsync(await readFile(await (await file).path()));
  expect(JSON.parse(await zip.file('data/projects.json')!.async('string'))).toMatchObject([{ id: 'p-event' }]);
  await newer.getByRole('button', { name: 'Delete Ring without a seam' }).click();
  await expect(newer.getByRole('listitem')).toHaveCount(4);

  // One that was taken in before anybody looked opens to a word and not to a plan that never comes.
  await page.evaluate(async () => {
    const opening = indexedDB.open('tomble');
    const base = await new Promise<IDBDatabase>((done) => (opening.onsuccess = () => done(opening.result)));
    const table = base.transaction('projects', 'readwrite').objectStore('projects');
    const got = table.get('demo-fog');
    await new Promise((done) => (got.onsuccess = done));
    const project = got.result as { brief: { kind: string } };
    project.brief.kind = 'moebius';
    await new Promise((done) => (table.put(project).onsuccess = done));
    base.close();
  });
  await page.goto('/project/demo-fog');
  await expect(page.getByText('Made by a newer version.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByText('Made by a newer version. It is kept whole')).toBeVisible();
});

test('a window says that the data was deleted from elsewhere', async ({ page }) => {
  await page.goto('/');
  await expect(page.locator('main article')).toHaveCount(8);
  await page.evaluate(() => new Promise((done) => (indexedDB.deleteDatabase('tomble').onsuccess = done)));
  await expect(page.getByRole('heading', { name: 'What Tomble kept in this browser was deleted' })).toBeVisible();
});

test('a restore waits for another window that is at it, and the crank says so too', async ({ page, context }) => {
  await page.goto('/backup');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up now' }).click();
  const path = await (await download).path();
  // Another window is at it for as long as this test holds the lock.
  const other = await context.newPage();
  await other.goto('/project/demo-lantern/crank');
  await expect(other.getByTestId('count')).toHaveText(/^41 of/);
  await other.evaluate(() => {
    void navigator.locks.request('tomble:bring-in', () => new Promise((done) => Object.assign(window, { done })));
  });
  await page.getByLabel('Backup file').setInputFiles(path);
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Merge it' }).click();
  await expect(dialog.getByText('Another window is bringing in a backup.')).toBeVisible();
  await expect(dialog.getByRole('button', { name: 'Waiting …' })).toBeDisabled();
  // A row that cannot be written yet is told to wait, and is kept afterwards.
  await other.evaluate(async () => {
    const opening = indexedDB.open('tomble');
    const base = await new Promise<IDBDatabase>((done) => (opening.onsuccess = () => done(opening.result)));
    const held = base.transaction('events', 'readwrite');
    const until = Date.now() + 2500;
    const hold = (): void => void (held.objectStore('events').count().onsuccess = () => Date.now() < until && hold());
    hold();
    held.oncomplete = () => base.close();
  });
  await other.bringToFront();
  await other.keyboard.press('Space');
  await expect(other.getByText('Another window is bringing in a backup.')).toBeVisible();
  await expect(other.getByTestId('count')).toHaveAttribute('data-kept', 'yes');
  await expect(other.getByText('Another window is bringing in a backup.')).toBeHidden();
  await other.evaluate(() => (window as unknown as { done: () => void }).done());
  await expect(dialog).toBeHidden();
});

test('a window whose project another one replaced or deleted says so', async ({ page, context }) => {
  await page.goto('/backup');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Back up now' }).click();
  const path = await (await download).path();
  const other = await context.newPage();
  await other.goto('/project/demo-fog');
  await other.getByLabel('Name of the project').fill('Fog, meanwhile');
  await expect(other).toHaveTitle(/Fog, meanwhile/);
  await other.waitForTimeout(500);
  await page.getByLabel('Backup file').setInputFiles(path);
  const dialog = page.getByRole('dialog');
  await dialog.getByText('Replace', { exact: true }).click();
  await dialog.getByRole('button', { name: 'Replace all' }).click();
  await expect(other.getByText('Another window brought in a backup.')).toBeVisible();
  await expect(other.getByLabel('Name of the project')).toHaveValue('Lantern carrier in the fog');
  await other.getByRole('button', { name: 'All right' }).click();
  await expect(other.getByText('Another window brought in a backup.')).toBeHidden();
  await page.goto('/');
  await page.getByRole('button', { name: 'Delete Lantern carrier in the fog' }).click();
  await expect(other.getByRole('heading', { name: 'Lantern carrier in the fog was deleted' })).toBeVisible();
  await other.getByRole('button', { name: 'Put it back' }).click();
  await expect(other.getByLabel('Name of the project')).toHaveValue('Lantern carrier in the fog');
});

test('what is no backup stays outside, and nothing changes', async ({ page }) => {
  await page.goto('/backup');
  await page
    .getByLabel('Backup file')
    .setInputFiles({ name: 'b.zip', mimeType: 'application/zip', buffer: Buffer.from('not a zip') });
  await expect(page.getByRole('dialog')).toContainText('it must be a ZIP file; received 9 bytes that are none.');
  await expect(page.getByRole('dialog')).toContainText('Nothing stored was changed.');
});

test('a place on the disk is kept where the browser offers one', async ({ page }) => {
  // The picker is a window of the system: a file of the browser's own disk stands in for what would be chosen there.
  await page.addInitScript(() => {
    Object.assign(window, {
      showSaveFilePicker: async () =>
        (await navigator.storage.getDirectory()).getFileHandle('mine.zip', { create: true })
    });
  });
  await page.goto('/backup');
  await page.getByRole('button', { name: 'Keep a place on the disk' }).click();
  await expect(page.getByText('Backed up to mine.zip')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Back up to mine.zip' }).click();
  await expect(page.getByText('Backed up to mine.zip')).toBeVisible();
  const first = await page.evaluate(async () => {
    const file = await (await navigator.storage.getDirectory()).getFileHandle('mine.zip');
    return [...new Uint8Array(await (await file.getFile()).arrayBuffer()).slice(0, 2)];
  });
  expect(String.fromCharCode(...first)).toBe('PK');
});
