import type { Page } from '@playwright/test';
import { begin, expect, test } from './quiet';

/** The titles on Finish in order, each ticked in its turn; every current step has its drawing. */
async function follow(page: Page): Promise<string[]> {
  await page.goto(`${page.url().replace(/\/$/, '')}/finish`);
  await expect(page.getByRole('heading', { name: /^Close it/ })).toBeVisible();
  const list = page.getByRole('region', { name: 'Finishing' });
  const titles: string[] = [];
  const boxes = await list.getByRole('checkbox').all();
  for (const box of boxes) {
    const entry = list.locator('label').filter({ has: page.locator('input:not(:checked)') }).first(); // prettier-ignore
    titles.push((await entry.locator('.text-lg').first().innerText()).trim());
    await expect(entry.getByRole('img').first()).toBeVisible();
    await box.check({ force: true });
  }
  await expect(page.getByText('All done.')).toBeVisible();
  return titles;
}

/** The titles of Finish as they stand, once the page shows its list. */
async function titlesOf(page: Page): Promise<string[]> {
  const titles = page.getByRole('region', { name: 'Finishing' }).locator('label .text-lg');
  await expect(titles.first()).toBeVisible();
  return titles.allInnerTexts();
}

/** Positions of the first title that matches each of some words, in order. */
function order(titles: readonly string[], ...words: readonly RegExp[]): number[] {
  return words.map((word) => titles.findIndex((title) => word.test(title)));
}

const CROWNS = [
  ['One end, then the other', [/^Turn the tube inside out/, /^Knot 1 join/, /^Turn the tube right side out/, /^Draw the last edge/, /^Push the last-knitted end/, /^Bring the tail/, /^Draw the cast-on edge/, /^Tie the two crowns/, /^Bury/]], // prettier-ignore
  ['Both ends, then pinched', [/^Draw the last edge/, /^Bury 1 tail/, /^Draw the cast-on edge/, /^Pinch/, /^Sew the two points/]], // prettier-ignore
  ['Zipped', [/^Push the cast-on end/, /^Zip both edges/, /^Draw both edges/, /^Bury/, /^Turn the whole tube right side out/]], // prettier-ignore
  ['Pulled through', [/^Push the cast-on end/, /^Draw the cast-on edge/, /^Bring the tail/, /^Draw the last edge/, /^Sew the two points/, /^Turn the whole tube right side out/]] // prettier-ignore
] as const;
for (const [school, words] of CROWNS) {
  test(`a lined hat is closed in the order a hand can do it: ${school}`, async ({ page }) => {
    await begin(page, 'Lined hat');
    await page.getByText(school, { exact: true }).click();
    const titles = await follow(page);
    const at = order(titles, ...words);
    expect(at).not.toContain(-1);
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });
}

test('an ear hat is closed from the inside and turned, a sack is sewn knit side out and turned purl side out', async ({
  page
}) => {
  await begin(page, 'Ear hat');
  const ears = order(await follow(page), /^Push the cast-on end/, /^Close both ends together/, /^Take the waste off/, /^Turn the whole tube right side out/, /^Gather the two corners/); // prettier-ignore
  expect(ears).not.toContain(-1);
  expect(ears).toEqual([...ears].sort((a, b) => a - b));
  await begin(page, 'Drawstring sack');
  const sack = order(await follow(page), /^Close the last end of the sack/, /^Turn the sack purl side out/, /^Thread the cord/); // prettier-ignore
  expect(sack).not.toContain(-1);
  expect(sack).toEqual([...sack].sort((a, b) => a - b));
});

test('a folded bag is closed, folded and sewn up; its closed ends are sewn to nothing', async ({ page }) => {
  await begin(page, 'Folded bag');
  const titles = await follow(page);
  const at = order(titles, /^Close the first end of the bag/, /^Take the waste off/, /^Lay the closed bag flat/, /^Fold the right end down/, /^Fold the left end up/, /^Fold the right end over/, /^Join: right seam/, /^Join: left seam/, /^Sew the handle on/); // prettier-ignore
  expect(at).not.toContain(-1);
  expect(at).toEqual([...at].sort((a, b) => a - b));
});

test('a wrap is split again from its measured length, and no rung stays open', async ({ page }) => {
  await begin(page, 'Wide wrap with sleeves');
  await page.goto(`${page.url()}/finish`);
  await page.getByLabel('How long it is at rest').fill('130 cm');
  const split = page.getByRole('group', { name: 'Split it again' });
  await expect(split).toContainText('54 rows for the neck');
  await split.getByRole('button', { name: 'Split it again' }).click();
  await expect(split).toContainText('It is split by this length');
  // What was measured stands in the form of the log too, and the chains follow the new split.
  await expect(page.getByLabel('Length of the front tube')).toHaveValue('130 cm');
  await expect(page.getByText('54 rungs of this tube').first()).toBeVisible();
  const titles = await titlesOf(page);
  expect(titles.filter((title) => title.startsWith('Chain the ladders from cuff to cuff'))).toHaveLength(2);
  expect(titles.filter((title) => title.startsWith('Chain the open rungs of the other tube'))).toHaveLength(2);
});

test('a wrap act by act: both tubes closed but for two loops, chained in one go, the cuffs ribbed', async ({
  page
}) => {
  await begin(page, 'Wide wrap with sleeves');
  const at = order(await follow(page), /^Close the last end of the front tube/, /^Take the waste off/, /^Let the two loops of the front tube run down/, /^Close the first end of the front tube/, /^Lay the closed front tube flat/, /^Close the last end of the back tube/, /^Chain the ladders from cuff to cuff/, /^Chain the open rungs of the other tube: neck/, /^Crochet the left cuff: a foundation of \d+ stitches and 8 ribbed rounds/, /^Weave in/); // prettier-ignore
  expect(at).not.toContain(-1);
  expect(at).toEqual([...at].sort((a, b) => a - b));
});

test('a pair of socks act by act: toe and cuff are worked inside out', async ({ page }) => {
  await begin(page, 'Socks without heel');
  const at = order(await follow(page), /^Turn the sock inside out/, /^Gather the cast-on edge/, /^Sew the toe/, /^Crochet the last edge/, /^Take the waste off/, /^Weave in/, /^Turn the sock right side out/); // prettier-ignore
  expect(at).not.toContain(-1);
  expect(at).toEqual([...at].sort((a, b) => a - b));
});

test('a lined hat on waste is drawn with its own tails: two ends to bury', async ({ page }) => {
  await begin(page, 'Lined hat');
  await page.getByText('As you always do', { exact: true }).first().click();
  const own = await follow(page);
  expect(own.some((title) => title.startsWith('Tie the tail through its loop'))).toBe(false);
  expect(own.filter((title) => /^Thread/.test(title))).toHaveLength(2);
  expect(own.some((title) => /^Bury 2 tails/.test(title))).toBe(true);
});

test('a cardigan is put together by either school, its hem made before the waste goes', async ({ page }) => {
  await begin(page, 'V-neck cardigan');
  const flat = await follow(page);
  const at = order(flat, /^Block/, /^Join: centre back/, /^Join: shoulder, left/, /^Join: armhole, left/, /^Join: side seam, left/, /^Crochet the hem/, /^Take the waste off/); // prettier-ignore
  expect(at).not.toContain(-1);
  expect(at).toEqual([...at].sort((a, b) => a - b));
  await page.getByRole('link', { name: /^Plan \d+ rows$/ }).click();
  await page.getByText('Sides first', { exact: true }).click();
  await page.getByRole('link', { name: /^Finish / }).click();
  const titles = await titlesOf(page);
  const round = order(titles, /^Join: side seam, left/, /^Join: sleeve seam, left$/, /^Join: armhole, left/);
  expect(round).not.toContain(-1);
  expect(round).toEqual([...round].sort((a, b) => a - b));
});

test("the knitter's own words are in every sentence at once, and a school is kept for the next plan", async ({
  page
}) => {
  await begin(page, 'Lined hat');
  await page.getByText('Zipped', { exact: true }).click();
  await page.goto('/settings');
  await page.getByText('Needle', { exact: true }).click();
  await page.getByText('Round', { exact: true }).click();
  await page.getByText('Cast off', { exact: true }).click();
  await begin(page, 'Lined hat');
  // The school chosen before is how this one begins.
  await expect(page.getByRole('radio', { name: /^Zipped/ })).toBeChecked();
  const steps = page.getByLabel('Steps');
  await expect(steps).toContainText('needle');
  await expect(steps).toContainText('Cast off onto');
  await expect(steps).not.toContainText(/\bpins?\b/);
  await expect(steps).not.toContainText(/\brows?\b/);
  await page.goto('/settings');
  await page.getByText('Pin', { exact: true }).click();
  await begin(page, 'Lined hat');
  await expect(page.getByLabel('Steps')).not.toContainText('needle at the yarn guide');
});

test('a step of the knitter stands at the end, is ticked like the others and can be taken out', async ({ page }) => {
  await page.goto('/project/demo-band/finish');
  await page.getByLabel('A step of your own').fill('Sew in the name of the drummer');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const own = page.getByRole('checkbox', { name: /Sew in the name/ });
  await own.check({ force: true });
  await page.reload();
  await expect(own).toBeChecked();
  await page.getByRole('button', { name: 'Take out: Sew in the name of the drummer' }).click();
  await expect(own).toHaveCount(0);
});
