import { readFile } from 'node:fs/promises';
import { expect, test, stepsOf } from './quiet';

/** Every kind as it hangs on the page of choices; a new one is met here without a word. */
test('every kind is drawn, opens with a plan, and has its crank and its finishing', async ({ page, request }) => {
  test.setTimeout(240_000);
  const { kinds } = (await (await request.get('/api/kinds')).json()) as { kinds: { title: string; code: string }[] };
  expect(kinds.length).toBeGreaterThan(25);
  await page.goto('/new');
  for (const { title, code } of kinds) {
    const card = page.getByRole('button', { name: new RegExp(`^${title}`) });
    // Drawn by the core: there is something to see, and it is not only a frame.
    await expect(card.locator('svg path').first(), code).toBeAttached();
    await card.click();
    await expect(page.getByTestId('rows'), code).toBeVisible();
    await expect(page.getByRole('table'), code).toBeVisible();
    if (code !== 'pompom') {
      await page.locator('a[href$="/crank"]').first().click();
      await expect(page.getByTestId('crank'), code).toContainText('Switch');
    }
    await page.locator('a[href$="/finish"]').first().click();
    await expect(page.getByRole('heading', { name: /^(Close|Make) it/ }), code).toBeVisible();
    await expect(page.getByRole('checkbox').first(), code).toBeAttached();
    const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
    expect(over, code).toBeLessThanOrEqual(0);
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await page.getByRole('link', { name: 'Begin something new' }).click();
  }
});

test('a project of many parts goes out as a file and comes back the same', async ({ page }) => {
  await page.goto('/project/demo-moth');
  await page.getByRole('button', { name: '4 x Leg' }).click();
  const steps = await stepsOf(page);
  const save = async (item: string): Promise<string> => {
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Files' }).click();
    await page.getByRole('menuitem', { name: item }).click();
    return (await waiting).path();
  };
  const table = (await readFile(await save('Row table'), 'utf8')).trim().split('\n');
  expect(table.some((line) => line.startsWith('Wing,'))).toBe(true);
  // The picture of the part that hangs beside the plan.
  expect(await readFile(await save('Hanging tube'), 'utf8')).toContain('Leg');
  const file = await save('Project file');
  await page.goto('/');
  await page.getByLabel('Project file').setInputFiles(file);
  await page.getByRole('button', { name: 'Bring it in' }).click();
  await expect(page.getByRole('region', { name: 'The plan' })).toContainText('in 9 pieces');
  expect(await stepsOf(page)).toEqual(steps);
});

test('a plan prints with its drawings', async ({ page }) => {
  await page.goto('/project/demo-bag');
  await expect(page.getByTestId('rows')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
  expect(await page.getByLabel('Steps').locator('svg').count()).toBeGreaterThan(5);
});
