import { expect, reload, test } from './quiet';

test('pockets, buttons opposite their holes, and a step of one’s own placed among them', async ({ page }) => {
  await page.goto('/project/demo-waistcoat');
  await page.getByText('On both fronts', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Buttons', exact: true }).fill('4');
  // The band is narrower than a button; one click makes it wide enough.
  const narrow = page.locator('[data-finding=band-narrow]').first();
  await narrow.getByRole('button').click();
  await expect(page.locator('[data-finding=band-narrow]')).toHaveCount(0);
  await page.getByRole('link', { name: /^Finish/ }).click();
  const step = (name: RegExp) => page.getByRole('checkbox', { name });
  await expect(step(/Sew the left pocket on/)).toBeVisible();
  await expect(page.getByText(/4 holes: chain \d over \d stitches, beginning after stitches/)).toBeVisible();
  await expect(page.getByText(/Each opposite its hole, on the band beside rows [\d, ]+ and \d+ of the left front/)).toBeVisible(); // prettier-ignore

  await page.getByLabel('A step of your own').fill('Line the pockets');
  await page.getByLabel('Where it comes', { exact: true }).selectOption({ label: 'Before 3: Sew the right pocket on' });
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await reload(page);
  const names = () => page.getByRole('checkbox').evaluateAll((all) => all.map((box) => box.closest('li')?.textContent)); // prettier-ignore
  await expect.poll(async () => (await names()).findIndex((name) => name?.includes('Line the pockets'))).toBe(2);
});

test('a patch is sewn on before the hat is closed, and moved to where it is seen', async ({ page }) => {
  await page.goto('/project/demo-lantern');
  await page.getByRole('button', { name: 'Add a patch or tag' }).click();
  const row = page.getByRole('textbox', { name: 'Middle at row' });
  await row.fill('1');
  const hidden = page.locator('[data-finding=patch-hidden]').first();
  await expect(hidden).toContainText('nobody sees the patch there');
  await hidden.getByRole('button', { name: /^Sew it at row/ }).click();
  await expect(page.locator('[data-finding=patch-hidden]')).toHaveCount(0);
  await expect(row).not.toHaveValue('1');
  await page.getByRole('textbox', { name: 'Over pin' }).fill('12');
  await expect(page.getByLabel('Steps')).toContainText(', over pin 12.');
  await page.getByRole('button', { name: 'Leave this patch off' }).click();
  await expect(row).toHaveCount(0);
});

test('a bought pompom on a button: one that slips through is found, in the field and in a click', async ({ page }) => {
  await page.goto('/project/demo-bag');
  await page.getByText('Put pompoms on it').click();
  await page.getByText('Bought', { exact: true }).click();
  await page.getByText('A button', { exact: true }).click();
  const width = page.getByRole('textbox', { name: 'Width of the button' });
  await expect(width).toHaveValue('18 mm');
  await width.fill('7');
  await page.keyboard.press('Tab');
  const slips = page.locator('[data-finding=button-slips]').first();
  await expect(slips).toContainText('slips through a loop');
  await slips.getByRole('button').click();
  await expect(page.locator('[data-finding=button-slips]')).toHaveCount(0);
});

test('an own step is tied to a row and shown at the crank; one whose row is gone says so', async ({ page }) => {
  const where = page.getByLabel('Where it comes', { exact: true });
  const row = page.getByLabel('Where it comes: after row', { exact: true });
  const tie = async (text: string, to: string): Promise<void> => {
    await page.getByLabel('A step of your own').fill(text);
    await where.selectOption({ label: 'After a row of: Tube' });
    await row.fill(to);
    await row.press('Tab');
  };
  // The hat on the machine is at row 41.
  await page.goto('/project/demo-lantern');
  await tie('Weigh the ball', '9000');
  await expect(page.getByText(/^After row must be .* to 136; received "9000"\.$/)).toBeVisible();
  await row.fill('43');
  await row.press('Tab');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByLabel('Where it comes: Weigh the ball: after row')).toHaveValue('43');
  await page.goto('/project/demo-lantern/crank');
  await expect(page.getByText(/In 2 rows:.*Weigh the ball\./)).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByText('Now: Weigh the ball.')).toBeVisible();
  // Tied to a row that a smaller hat does not have.
  await page.goto('/project/demo-fog');
  await tie('Begin the brim', '130');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByLabel('Head girth').fill('36');
  await page.keyboard.press('Tab');
  const gone = page.locator('[data-finding=own-step-gone]').first();
  await expect(gone).toContainText('“Begin the brim” has no place: the plan no longer has row 130 of “Tube”');
  await gone.getByRole('button', { name: 'Put it at the end' }).click();
  await expect(page.locator('[data-finding=own-step-gone]')).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Steps', exact: true })).toContainText('Begin the brim');
});
