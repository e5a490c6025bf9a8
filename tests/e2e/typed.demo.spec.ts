import { expect, reload, test } from './quiet';

test('a typed count survives every other edit', async ({ page }) => {
  await page.goto('/new');
  await page.getByLabel('On which machine').selectOption('m48');
  await page.getByRole('button', { name: /^Waistcoat/ }).click();
  await page.getByText('All counts', { exact: true }).click();
  const typed: readonly [string, string][] = [
    ['Cast on for a half', '31'],
    ['Back, hem to underarm', '81'],
    ['Front, hem to underarm', '81'],
    ['Back, underarm to shoulder', '41'],
    ['Front, underarm to shoulder', '41'],
    ['Held at the underarm', '5'],
    ['Then one by one', '4'],
    ['Stitches of a shoulder', '13']
  ];
  const field = (name: string) => page.getByRole('textbox', { name, exact: true });
  for (const [name, value] of typed) await field(name).fill(value);
  const kept = async (): Promise<void> => {
    for (const [name, value] of typed) await expect(field(name)).toHaveValue(value);
    // What is typed is what is knitted: 81 + 41 rows, 31 stitches.
    await expect(page.getByRole('img', { name: /^The schematic/ })).toContainText('31 st');
    await expect(page.getByRole('region', { name: 'Steps' })).toContainText(/Rows 1 to 81 of|81 rows|Rows 1 to 122/);
  };
  await kept();

  // Every other kind of edit: measures, shape, school, colour, machine settings, strands.
  await field('Chest').fill('88 cm');
  await field('Depth of the V').fill('22 cm');
  await page.getByText('Sides first', { exact: true }).click();
  await page.getByText('Slip stitch', { exact: true }).click();
  await page.getByText(/^Hole 2 of 3, the usual one; fingers as usual; one strand$/).click();
  await page.getByRole('radiogroup', { name: 'Finger tension' }).getByText('Firmer').click();
  await page
    .getByRole('radiogroup', { name: /^Tension hole/ })
    .getByText('1', { exact: true })
    .click();
  await field('Buttons').fill('5');
  await kept();
  // To measures and back: the counts stand as they were typed.
  await page.getByText('Sloped', { exact: true }).click();
  await kept();
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await kept();
  await reload(page);
  await kept();
});

test('panels and hats keep what is typed, and the judge speaks', async ({ page }) => {
  await page.goto('/new');
  await page.getByLabel('On which machine').selectOption('m48');
  await page.getByRole('button', { name: /^Plain panel/ }).click();
  await page.getByText('Stitches and rows', { exact: true }).click();
  const field = (name: string) => page.getByRole('textbox', { name, exact: true });
  await field('Stitches').fill('31');
  await field('Rows').fill('77');
  await page.getByText('At both edges', { exact: true }).click();
  await field('Stitches at the top').fill('12');
  await expect(page.locator('[data-finding=slope-fraction]').first()).toContainText('a fraction of a decrease');
  await expect(field('Stitches at the top')).toHaveValue('12');
  await field('Stitches at the top').fill('11');
  await expect(page.locator('[data-finding=slope-fraction]')).toHaveCount(0);
  await expect(field('Stitches')).toHaveValue('31');
  await expect(field('Rows')).toHaveValue('77');
});
