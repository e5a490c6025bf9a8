import { expect, test } from './quiet';

test('after an update the bench says once what changed in which plans, and why', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  const note = page.getByRole('region', { name: 'What changed in your plans, and why' });
  await expect(page.getByRole('link', { name: /Begin something new/ })).toBeVisible();
  await expect(note).toHaveCount(0);
  // A browser that was last used before the third edition.
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const asked = indexedDB.open('tomble');
        asked.onerror = () => failed(asked.error ?? new Error('the data base did not open'));
        asked.onsuccess = () => {
          const base = asked.result;
          const settings = base.transaction('settings', 'readwrite');
          settings.objectStore('settings').delete('told-edition');
          settings.oncomplete = () => done(base.close());
        };
      })
  );
  await page.reload();
  await note.getByText('What changed in your plans, and why').click();
  await expect(note.getByText('The steps of before left the lining outside.')).toBeVisible();
  await expect(note.getByRole('link').first()).toHaveAttribute('href', /^\/project\//);
  await note.getByRole('button', { name: 'Got it' }).click();
  await expect(note).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  await expect(page.getByRole('link', { name: /Begin something new/ })).toBeVisible();
  await expect(note).toHaveCount(0);
});
