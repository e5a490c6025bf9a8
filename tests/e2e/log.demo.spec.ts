import exifr from 'exifr';
import piexif from 'piexifjs';
import { expect, test } from './quiet';

/** A photograph as a telephone takes it: lying on its side, with the place and the camera in its file. */
async function photograph(page: import('@playwright/test').Page, width: number, height: number): Promise<Buffer> {
  const url = await page.evaluate(
    ([w, h]) => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [w!, h!];
      const on = canvas.getContext('2d')!;
      on.fillStyle = '#c2552d';
      on.fillRect(0, 0, w!, h!);
      return canvas.toDataURL('image/jpeg');
    },
    [width, height]
  );
  const facts = {
    '0th': { [piexif.ImageIFD.Make]: 'CAMERA-OF-SOMEBODY', [piexif.ImageIFD.Orientation]: 6 },
    GPS: {
      [piexif.GPSIFD.GPSLatitudeRef]: 'N',
      [piexif.GPSIFD.GPSLatitude]: [[12, 1], [34, 1], [56, 1]], // prettier-ignore
      [piexif.GPSIFD.GPSLongitudeRef]: 'E',
      [piexif.GPSIFD.GPSLongitude]: [[7, 1], [8, 1], [9, 1]] // prettier-ignore
    }
  };
  return Buffer.from(piexif.insert(piexif.dump(facts), url).split(',')[1]!, 'base64');
}

test('photographs are kept small, upright, and without place or camera: checked in the stored bytes', async ({
  page
}) => {
  await page.goto('/log/demo-first');
  const file = await photograph(page, 2400, 1200);
  // The file itself tells where it was taken: read by another library than wrote it.
  expect(((await exifr.gps(file)) as { latitude: number }).latitude).toBeCloseTo(12.5822, 3);
  await page.getByLabel('Add photographs').setInputFiles([{ name: 'side.jpg', mimeType: 'image/jpeg', buffer: file }]);
  const picture = page.getByTestId('photos').getByRole('img');
  await expect(picture).toHaveCount(1);
  const stored = await page.evaluate(async () => {
    const open = indexedDB.open('tomble');
    const db = await new Promise<IDBDatabase>((done, no) => ((open.onsuccess = () => done(open.result)), (open.onerror = no))); // prettier-ignore
    const all = db.transaction('photos').objectStore('photos').getAll();
    const list = await new Promise<{ bytes: Uint8Array; type: string }[]>((done, no) => ((all.onsuccess = () => done(all.result as never)), (all.onerror = no))); // prettier-ignore
    db.close();
    const image = await createImageBitmap(new Blob([list[0]!.bytes.slice()], { type: list[0]!.type }));
    return { bytes: [...list[0]!.bytes], width: image.width, height: image.height };
  });
  const bytes = Buffer.from(stored.bytes);
  // Turned the way it was held, and made smaller.
  expect([stored.width, stored.height]).toEqual([800, 1600]);
  expect(
    await exifr.parse(bytes, {
      tiff: true,
      exif: true,
      gps: true,
      interop: true,
      xmp: true,
      iptc: true,
      icc: false,
      jfif: false
    })
  ).toBeUndefined();
  for (const word of ['Exif', 'CAMERA-OF-SOMEBODY', 'http://ns.adobe.com']) expect(bytes.includes(word)).toBe(false);
  // Captions stay, deleting can be taken back, and what is no picture says so.
  await page.getByRole('textbox', { name: /^What photograph 1 shows/ }).fill('From above');
  await page.keyboard.press('Tab');
  await page.reload();
  await expect(page.getByRole('img', { name: 'From above' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete From above' }).click();
  await expect(picture).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(picture).toHaveCount(1);
  await page.getByLabel('Add photographs').setInputFiles([{ name: 'words.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') }]); // prettier-ignore
  await expect(page.getByRole('alert')).toHaveText(/^words\.jpg must be a photograph this browser can read/);
});

test('the log is narrowed and sorted, and charts stand below it', async ({ page }) => {
  await page.goto('/log');
  const rows = page.getByRole('table', { name: 'Finished pieces' }).getByRole('row');
  await expect(rows).toHaveCount(6);
  await page.getByLabel('Machine').selectOption('Little crown');
  await expect(rows).toHaveCount(3);
  await expect(page.getByTestId('log-sum')).toContainText('2 pieces of 5, 462 rows');
  await page.getByRole('button', { name: 'Show all' }).click();
  await page.getByRole('button', { name: 'Off plan' }).click();
  await page.getByRole('button', { name: 'Off plan' }).click();
  await expect(rows.nth(1)).toContainText('Oat hat, small');
  await page.getByRole('region', { name: 'Rows a week' }).scrollIntoViewIfNeeded();
  for (const name of [
    'Measured against planned',
    'Gauge over time',
    'Rows a week',
    'Grams by yarn',
    'Where the minutes went'
  ])
    // prettier-ignore
    await expect(page.getByRole('region', { name }).getByRole('img')).toBeVisible();
});

test('a hat is measured in every way: its entry says how far it came, what was learned, and that can be forgotten', async ({
  page
}) => {
  await page.goto('/project/demo-first/finish');
  await page.getByText('More to measure, as far as you like').click();
  await page.getByRole('textbox', { name: 'Lying flat, brim down' }).or(page.getByRole('textbox', { name: 'Height, lying flat' })).first().fill('26 cm'); // prettier-ignore
  await page.getByRole('textbox', { name: 'Weight' }).fill('61');
  await page.getByRole('textbox', { name: 'Length of the tube' }).fill('48 cm');
  await page.getByRole('button', { name: 'Change the entry' }).click();
  await expect(page).toHaveURL(/\/log$/);
  await page.getByRole('link', { name: 'Trial hat for the hall' }).click();
  const figures = page.getByRole('region', { name: 'Measured and planned' });
  await expect(figures.getByRole('row', { name: /^Weight 61 g/ })).toBeVisible();
  await expect(figures.getByRole('row', { name: /^Length of the tube 48 cm/ })).toContainText('under');
  const learned = page.getByTestId('learned');
  await expect(learned).toContainText(/Reedwick, Ember knits 2\.\d\d rows to a cm here, not 2\.0\d/);
  await expect(learned).toContainText(/The next tube asks for 1\d\d rows instead of 10\d/);
  await learned.getByRole('button', { name: 'Forget this' }).click();
  await expect(learned).toContainText('is set aside');
  await learned.getByRole('button', { name: 'Let it count again' }).click();
  await expect(learned).toContainText('instead of');
});

test('made again in another yarn on another machine: a project of its own with what was learned', async ({ page }) => {
  await page.goto('/log/demo-first');
  await page.getByRole('button', { name: 'Make again' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'Name' }).fill('Second trial');
  await dialog.getByLabel('Machine').selectOption({ label: 'Old forty, 40 pins' });
  await expect(dialog.getByTestId('again-rows')).toContainText('rows');
  await dialog.getByRole('button', { name: 'Make it again' }).click();
  await expect(page).toHaveURL(/\/project\/[^/]+$/);
  await expect(page).toHaveTitle(/^Second trial/);
  await page.goto('/log');
  await expect(page.getByRole('table', { name: 'Finished pieces' }).getByRole('row')).toHaveCount(6);
});

test('a converted gauge is kept by its name, opened again, and its rows become a tube', async ({ page }) => {
  await page.goto('/convert');
  for (const [name, text] of [
    ['Stitches', '22'],
    ['Rows', '28'],
    ['Width of 40 stitches', '26'],
    ['Length of 20 rows', '9.5'],
    ['Count 2', '84']
  ] as const)
    await page.getByLabel(name, { exact: true }).fill(text);
  await page.getByRole('textbox', { name: 'Name' }).fill('Ferry vest');
  await page.getByRole('button', { name: 'Keep this conversion' }).click();
  const kept = page.getByRole('list', { name: 'Kept conversions' });
  await expect(kept).toContainText('Ferry vest');
  await page.reload();
  await kept.getByRole('button', { name: 'Open' }).click();
  await expect(page.getByRole('textbox', { name: 'Stitches', exact: true })).toHaveValue('22');
  await page.getByRole('button', { name: 'Plan a tube with these rows' }).click();
  await expect(page).toHaveTitle(/^Ferry vest/);
  // At the gauge it was given: 63 rows of 9.5 cm to 20, not what is known of the yarn.
  await expect(page.getByText(/Planned at the gauge that was stated: 26.0 cm to 40 stitches, 9.5 cm to 20 rows/)).toBeVisible(); // prettier-ignore
  await page.getByRole('button', { name: 'Go by what is known' }).click();
  await expect(page.getByText(/Planned at the gauge/)).toHaveCount(0);
  await page.goto('/convert');
  await page.getByRole('button', { name: 'Delete Ferry vest' }).click();
  await expect(kept).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(kept).toBeVisible();
});

test('a measure says when it was taken', async ({ page }) => {
  await page.goto('/measures');
  await page.getByRole('textbox', { name: 'Head' }).first().fill('57 cm');
  await expect(page.getByText(/Taken \d+ \w+ \d{4}\./).first()).toBeVisible();
});

test('on a telephone nothing of log, entry, series and shopping list is beside the screen', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  for (const path of ['/log', '/log/demo-oat', '/log/demo-first', '/series', '/shopping']) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.locator('table, form, fieldset, select').first()).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBe(390);
  }
});
