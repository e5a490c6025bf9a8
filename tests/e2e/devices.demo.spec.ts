import { expect, test } from './quiet';

test('the virtual crank turns, bounces and loses lines; its rows stand at the crank, and stop where a hand is needed', async ({
  page
}) => {
  await page.goto('/machines');
  await page.getByRole('link', { name: 'Devices' }).click();
  await page.getByText('How the virtual crank turns').click();
  await page.getByLabel('Turns a minute').fill('300');
  await page.getByLabel('Turns that bounce').fill('30');
  await page.getByLabel('Lines that are lost').fill('10');
  await page.getByRole('button', { name: 'Start the virtual crank' }).click();
  await expect(page.getByTestId('crank-state')).toHaveText('Virtual crank: listening');
  await expect.poll(async () => Number(await page.getByTestId('turns').textContent())).toBeGreaterThan(12);
  await expect.poll(async () => Number(await page.getByTestId('doubles').textContent())).toBeGreaterThan(0);
  await expect(page.getByTestId('pace')).toHaveText(/turns, \d+ a minute/);
  // Over to a piece that hangs at row 41 of 136, and whose colour changes after row 64.
  await page.getByRole('link', { name: 'Bench' }).click();
  await page.getByRole('link', { name: /Lantern carrier/ }).first().click(); // prettier-ignore
  await page
    .getByRole('navigation', { name: 'Stages of the project' })
    .getByRole('link', { name: /^Crank/ })
    .click();
  await expect(page.getByTestId('count')).toHaveText('64 of 136 rows', { timeout: 20_000 });
  await expect(page.getByTestId('crank')).toContainText('Change yarn');
  await expect(page.getByTestId('sensor')).toContainText(/The crank was turned (once|\d+ times) while this waits: not counted/); // prettier-ignore
  await expect(page.getByTestId('count')).toHaveText('64 of 136 rows');
  // Done by hand, it goes on; a window that is opened anew has every row.
  await page.keyboard.press('Space');
  await expect.poll(async () => Number(/^\d+/.exec((await page.getByTestId('count').textContent()) ?? '')?.[0])).toBeGreaterThan(70); // prettier-ignore
  await expect(page.getByTestId('sensor')).toBeHidden();
});

test('the virtual scale says what lies on it; the pedal is tried where it does no harm', async ({ page }) => {
  await page.goto('/devices');
  await page.getByRole('button', { name: 'Start the virtual scale' }).click();
  await expect(page.getByTestId('grams')).toHaveText(/^13[67]\.\d$/);
  await page.getByLabel('What lies on the virtual scale').fill('52');
  await expect(page.getByTestId('grams')).toHaveText(/^5[12]\.\d$/);
  await page.getByTestId('try-keys').focus();
  await page.keyboard.press('Space');
  await page.keyboard.press('Enter');
  await page.keyboard.press('x');
  await expect(page.getByTestId('try-keys')).toHaveText(/2 rows, last key x/);
});

test('a port that is not chosen is said in a sentence, and nothing is connected', async ({ page }) => {
  await page.addInitScript(() => {
    const refuse = (): Promise<never> => Promise.reject(new DOMException('No port selected by the user.', 'NotFoundError'));
    Object.defineProperty(navigator, 'serial', { value: { requestPort: refuse }, configurable: true });
  }); // prettier-ignore
  await page.goto('/devices');
  await page.getByRole('button', { name: 'Connect a sensor' }).click();
  await expect(page.getByRole('alert')).toHaveText('No port was chosen.');
  await expect(page.getByRole('button', { name: 'Start the virtual crank' })).toBeVisible();
});
