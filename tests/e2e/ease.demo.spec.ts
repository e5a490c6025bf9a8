import type { Page } from '@playwright/test';
import { expect, reload, test } from './quiet';

test('a word one does not know opens where it stands, by keyboard alone, and leads to all words', async ({ page }) => {
  await page.goto('/project/demo-waistcoat');
  const steps = page.getByLabel('Steps');
  await steps.scrollIntoViewIfNeeded();
  const door = steps.locator('a[data-word=bumper]');
  await expect(door).toHaveCount(1);
  await door.focus();
  await page.keyboard.press('Enter');
  const entry = page.getByRole('dialog');
  await expect(entry).toContainText('The small ledge beside every pin');
  await expect(entry.locator('svg').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(entry).toHaveCount(0);
  await expect(door).toBeFocused();
  await page.keyboard.press('Enter');
  await entry.getByRole('link', { name: 'Among all words' }).click();
  await expect(page).toHaveURL(/\/words#bumper$/);
  await expect(page.getByRole('heading', { name: 'Bumper' })).toBeInViewport();
  await page.getByRole('searchbox', { name: 'Find a word' }).fill('underarm');
  await expect(page.getByRole('heading', { level: 3 })).toHaveText(['Held stitches', 'Underarm']);
  await page.getByRole('searchbox', { name: 'Find a word' }).fill('zzz');
  await expect(page.getByText('No word is called that')).toBeVisible();
});

test('a question mark tells the keys of the screen, where it is no letter that is typed', async ({ page }) => {
  await page.goto('/project/demo-lantern/crank');
  await expect(page.getByTestId('crank')).toBeVisible();
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Help' });
  await expect(help).toContainText('Something went wrong');
  // The keys of the crank do nothing meanwhile.
  await page.keyboard.press('g');
  await expect(page.getByRole('dialog')).toHaveCount(1);
  await help.getByRole('link', { name: /About Tomble/ }).click();
  await expect(help).toHaveCount(0);
  await expect(page.getByTestId('version')).toHaveText(/^\d+\.\d+\.\d+$/);
  await expect(page.getByRole('table')).toContainText('OFL-1.1');
  await page.goto('/words');
  await page.getByRole('searchbox', { name: 'Find a word' }).press('?');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('units, words, light and calls are on one page of settings, and hold everywhere', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('link', { name: 'Settings' }).click();
  await page.getByText('Inches', { exact: true }).click();
  await page.getByText('Lamp', { exact: true }).click();
  await page
    .getByRole('switch', { name: 'Sound' })
    .or(page.getByRole('checkbox', { name: 'Sound' }))
    .uncheck();
  await reload(page);
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'lamp');
  await expect(page.getByRole('radio', { name: 'Inches' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Sound' })).not.toBeChecked();
  await page.goto('/project/demo-lantern');
  await expect(page.getByRole('button', { name: /^Flat width/ })).toContainText('7 in');
});

test('everything can be emptied, the village taken away or brought, each with a word first and a way back', async ({
  page
}) => {
  await page.goto('/backup');
  const projects = page.locator('dl div').filter({ hasText: 'Projects' }).locator('dd');
  // Counted a moment after the page stands.
  await expect(projects).toHaveText(/^[1-9]/);
  const before = await projects.innerText();
  await page.getByRole('button', { name: 'Empty everything' }).click();
  const asked = page.getByRole('dialog');
  await expect(asked).toContainText('Projects, rows, yarns, machines, photographs and the log go');
  await asked.getByRole('button', { name: 'Leave it' }).click();
  await expect(projects).toHaveText(before);
  await page.getByRole('button', { name: 'Empty everything' }).click();
  await asked.getByRole('button', { name: 'Empty everything' }).click();
  await expect(projects).toHaveText('0');
  await page.getByRole('button', { name: 'Bring the demo village' }).click();
  await asked.getByRole('button', { name: 'Bring the demo village' }).click();
  await expect(projects).toHaveText(before);
  await page.getByRole('button', { name: 'Take the demo village away' }).click();
  await asked.getByRole('button', { name: 'Take the demo village away' }).click();
  await expect(projects).toHaveText('0');
  await page.getByRole('button', { name: 'Go back to before the last one' }).click();
  await expect(projects).toHaveText(before);
});

test('a machine that is busy is said on the plan and at the crank; a yarn that is short where it stands', async ({
  page
}) => {
  await page.goto('/project/demo-waistcoat');
  await expect(page.getByTestId('busy')).toHaveText('Big wheel is busy: Lantern carrier, Ember over Tide hangs on it.');
  const tide = page.getByRole('table', { name: 'Yarn needed' }).getByRole('row', { name: /Reedwick, Tide/ });
  // 230 g are needed and 180 g are there; balls are of 100 g.
  await expect(tide).toContainText('180 g');
  await expect(tide).toContainText('1 ball');
  await page.getByRole('link', { name: /To the crank/ }).click();
  await expect(page.getByTestId('busy')).toBeVisible();
  // The piece that hangs there is not busy with itself.
  await page.goto('/project/demo-lantern');
  await expect(page.getByTestId('rows')).toBeVisible();
  await expect(page.getByTestId('busy')).toHaveCount(0);
});

/** Whether something in the page, or over it, has the focus. */
const isHeld = (page: Page): Promise<boolean> => page.evaluate(() => document.activeElement !== document.body);

test('the focus stays where the hands are: after deleting, undoing, opening and saving', async ({ page }) => {
  await page.goto('/');
  const remove = page.getByRole('button', { name: 'Delete Lantern carrier in the fog' });
  await remove.focus();
  await page.keyboard.press('Enter');
  await expect(remove).toHaveCount(0);
  await expect.poll(() => isHeld(page)).toBe(true);
  // What stands in its place has it, not the top of the page.
  expect(await page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
  await page.getByRole('button', { name: 'Undo', exact: true }).press('Enter');
  await expect(remove).toBeVisible();
  await expect.poll(() => isHeld(page)).toBe(true);

  await page.goto('/yarns');
  const grid = page.getByRole('grid', { name: 'Yarns' });
  await grid.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByLabel('Name', { exact: true })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(grid).toBeFocused();
  await page.keyboard.press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: 'Save the yarn' }).press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(grid).toBeFocused();
  await grid.press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: 'Delete' }).press('Enter');
  await page.getByRole('dialog').getByRole('button', { name: 'Delete and leave the gaps' }).press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(grid).toBeFocused();

  await page.goto('/measures');
  const person = page.getByRole('button', { name: /^Delete/ }).first();
  await person.press('Enter');
  await expect.poll(() => isHeld(page)).toBe(true);
});

test('the way to the content comes first on every page, also when one came there by a link', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Log' }).click();
  await expect(page.getByRole('heading', { name: 'Log', exact: true })).toBeVisible();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('link', { name: 'To the content' })).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('Tab');
  expect(await page.evaluate(() => document.activeElement?.closest('main') !== null)).toBe(true);
});

test('what the large button says has its doors below it; a turn of the crank waits while one is open', async ({
  page
}) => {
  await page.goto('/project/demo-fog/crank');
  const words = page.getByTestId('words-here');
  await words.getByRole('link').first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  const before = await page.getByTestId('words').innerText();
  await page.keyboard.press('Space');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('words')).toHaveText(before);
});
