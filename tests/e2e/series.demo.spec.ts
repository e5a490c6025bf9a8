import ICAL from 'ical.js';
import { readFile } from 'node:fs/promises';
import Papa from 'papaparse';
import { faults } from './axe';
import { lettersTimes } from './letters';
import { expect, test } from './quiet';
import { sideways } from './sideways';

test('twelve hats from four yarns: drawn up, kept, laid out in evenings, and read by a calendar and a spreadsheet', async ({
  page
}) => {
  await page.goto('/series');
  await page.getByLabel('What is made').selectOption({ label: 'School hat, small stripes' });
  await page.getByLabel('Size 1').selectOption({ index: 1 });
  for (const name of [/Ember, /, /Tide, /, /Oat, /, /Moss, /]) await page.getByRole('checkbox', { name }).check();
  // There is not enough; how many metres are missing is said, and nothing is kept.
  await page.getByRole('textbox', { name: 'How many' }).fill('40');
  await page.getByRole('button', { name: 'Draw up 40' }).click();
  await expect(page.getByTestId('missing')).toContainText(/Missing: about \d+ m \(\d+ g\) of /);
  await page.getByRole('textbox', { name: 'How many' }).fill('12');
  await page.getByRole('textbox', { name: 'Name of the series' }).fill('Market hats');
  await page.getByLabel('All done by').fill('2027-06-20');
  await page.getByRole('button', { name: 'Draw up 12' }).click();
  await expect(page.getByTestId('drawn').getByRole('listitem')).toHaveCount(12);
  await page.getByRole('button', { name: 'Keep the series' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Market hats' })).toBeVisible();
  await expect(page.getByTestId('ends')).toContainText('At this pace the last one is done on');
  // No yarn is overdrawn: what is needed with its reserve lies below what is at hand, line by line.
  const yarn = page.getByRole('table', { name: 'Shopping list' }).getByRole('row');
  const lines = (await yarn.allInnerTexts()).slice(1).map((line) => line.split('\t'));
  expect(lines.length).toBeGreaterThan(2);
  for (const cells of lines) {
    const [needed, reserve, there] = [1, 2, 3].map((i) => Number.parseFloat(cells[i]!));
    expect(needed! + reserve!, cells.join()).toBeLessThanOrEqual(there! + 1.5);
    expect(cells[4]).toBe('nothing');
  }
  const [calendar] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Calendar' }).click()]); // prettier-ignore
  const ics = new ICAL.Component(ICAL.parse(await readFile(await calendar.path(), 'utf8')) as never);
  const events = ics.getAllSubcomponents('vevent').map((e) => new ICAL.Event(e));
  await expect(page.getByRole('region', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(events.length);
  expect(events[0]!.summary).toBe('Market hats');
  const [csv] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'CSV' }).click()]);
  const { data } = Papa.parse<Record<string, string>>(await readFile(await csv.path(), 'utf8'), { header: true });
  expect(data).toHaveLength(12);
  await page.setViewportSize({ width: 320, height: 640 });
  expect(await sideways(page)).toEqual([]);
  await page.setViewportSize({ width: 1280, height: 800 });
  expect(await faults(page), 'by day').toEqual([]);
  await lettersTimes(page, 2);
  expect(await faults(page), 'in letters twice as large').toEqual([]);
  await lettersTimes(page, 1);
  await page.emulateMedia({ forcedColors: 'active' });
  expect(await faults(page), 'in the reader’s own colours').toEqual([]);
  await page.emulateMedia({ forcedColors: 'none' });
  // Fewer days a week, and it is done later; deleted, its projects stay.
  await page.getByText('Mon', { exact: true }).click();
  await expect(page.getByRole('region', { name: 'Evenings' }).getByRole('listitem')).toHaveCount(events.length);
  await page.getByRole('button', { name: 'Delete Market hats' }).click();
  await expect(page).toHaveURL(/\/series$/);
  await page.goto('/');
  await expect(page.getByText('Market hats · 1', { exact: false }).first()).toBeVisible();
});

test('a shopping list over chosen projects: less to buy where fewer are chosen', async ({ page }) => {
  await page.goto('/shopping');
  const rows = page.getByRole('table', { name: 'Shopping list' }).getByRole('row');
  await expect(rows.filter({ hasText: 'Tide' })).toContainText('2 balls of 100 g');
  await page.getByRole('checkbox', { name: 'Waistcoat for the band leader' }).uncheck();
  await expect(rows.filter({ hasText: 'Tide' })).toContainText(/nothing|1 ball/);
  const [csv] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'Save as CSV' }).click()]); // prettier-ignore
  const { data } = Papa.parse<Record<string, string>>(await readFile(await csv.path(), 'utf8'), { header: true });
  expect(data.length).toBe((await rows.count()) - 1);
  await page.getByRole('button', { name: 'None' }).click();
  await expect(page.getByText('Choose something that is knitted.')).toBeVisible();
});
