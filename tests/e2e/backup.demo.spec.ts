import { readFile } from 'node:fs/promises';
import JSZip from 'jszip';
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

  // A project is thrown away and its bin emptied by time; a yarn is added.
  await page.goto('/');
  const cards = page.locator('main article');
  await expect(cards).toHaveCount(8);
  const before = 8;
  await page
    .getByRole('button', { name: /^Delete/ })
    .first()
    .click();
  await expect(cards).toHaveCount(before - 1);

  await page.goto('/backup');
  await page.getByLabel('Backup file').setInputFiles(path);
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('row', { name: /^Projects/ })).toHaveText(/Projects\s*–\s*1\s*12\s*–/);
  await dialog.getByRole('button', { name: 'Merge it' }).click();
  await expect(dialog).toBeHidden();
  await page.goto('/');
  await expect(cards).toHaveCount(before);
  await page.goto('/backup');
  await page.getByRole('button', { name: 'Go back to before the last one' }).click();
  await expect(page.getByText('All is as it was before')).toBeVisible();
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
