import { readFile } from 'node:fs/promises';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { Page } from '@playwright/test';
import { expect, test } from './quiet';

/** Saves a file of the plan that is shown. */
async function saved(page: Page, label: string): Promise<Buffer> {
  await page.getByRole('button', { name: 'Files' }).click();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: label }).click()
  ]);
  return readFile(await file.path());
}

/** What another library reads of a PDF: the size of its sheets in points, its text, and the fonts in it. */
async function readPdf(bytes: Buffer) {
  const pdf = await getDocument({ data: new Uint8Array(bytes), verbosity: 0 }).promise;
  const texts: string[] = [];
  const sizes: number[][] = [];
  for (let n = 1; n <= pdf.numPages; n++) {
    const sheet = await pdf.getPage(n);
    sizes.push(sheet.view.slice(2).map(Math.round));
    const { items } = await sheet.getTextContent();
    texts.push(items.map((item) => ('str' in item ? item.str : '')).join(' '));
  }
  const text = texts.join(' ').replace(/\s+/g, ' ');
  return { pages: pdf.numPages, sizes, text, raw: bytes.toString('latin1') };
}

for (const { id, name, most } of [
  { id: 'demo-lantern', name: 'Lantern carrier, Ember over Tide', most: 2 },
  { id: 'demo-bag', name: 'Bag for the hall lamps', most: 2 },
  { id: 'demo-waistcoat', name: 'Waistcoat for the band leader', most: 2 }
]) {
  test(`${name} as a PDF on A4 and Letter, read back by another library`, async ({ page }) => {
    await page.goto(`/project/${id}`);
    await expect(page.getByRole('heading', { name: /^Every step/ })).toBeVisible();
    for (const [label, size] of [
      ['PDF, A4', [595, 842]],
      ['PDF, Letter', [612, 792]]
    ] as const) {
      // prettier-ignore
      const pdf = await readPdf(await saved(page, label));
      expect(pdf.pages).toBeLessThanOrEqual(most);
      for (const one of pdf.sizes) expect(one).toEqual(size);
      expect(pdf.text).toContain(name);
      expect(pdf.text).toContain('rows to tick');
      expect(pdf.text).toContain('Finish by hand');
      // Our own fonts lie in the file, and nothing in it leads outside.
      expect(pdf.raw).toMatch(/FontFile2/);
      expect(pdf.raw).not.toMatch(/\/URI/);
    }
  });
}

test('a cardigan with pockets and buttons takes two sheets as well, in smaller letters', async ({ page }) => {
  await page.goto('/new');
  await page.getByLabel('On which machine').selectOption('m48');
  await page.getByRole('button', { name: /^V-neck cardigan/ }).click();
  await page.getByText('On both fronts', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Buttons', exact: true }).fill('4');
  await expect(page.getByText(/^Sew the right pocket on/).first()).toBeVisible();
  for (const label of ['PDF, A4', 'PDF, Letter']) expect((await readPdf(await saved(page, label))).pages).toBe(2);
});

test('the plan as a page and as text hold every step, and letters of other languages are printed', async ({ page }) => {
  await page.goto('/project/demo-fog');
  await page.getByRole('textbox', { name: 'Name' }).first().fill('Čepice žlutá, größe ő');
  const html = (await saved(page, 'HTML')).toString('utf8');
  const markdown = (await saved(page, 'Markdown')).toString('utf8');
  expect(html).toContain('Čepice žlutá, größe ő');
  expect(markdown).toContain('# Čepice žlutá, größe ő');
  for (const chapter of ['Set up', 'At the machine', 'Finish by hand']) {
    expect(html).toContain(`<h2>${chapter}</h2>`);
    expect(markdown).toContain(`## ${chapter}`);
  }
  const pdf = await readPdf(await saved(page, 'PDF, A4'));
  expect(pdf.text.replaceAll(' ', '')).toContain('Čepicežlutá,größeő');
});
