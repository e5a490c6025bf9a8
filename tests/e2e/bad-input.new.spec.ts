import { expect, rowsOf, test } from './quiet';

test.beforeEach(async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Plan a lined hat' }).click();
  await expect(page.getByTestId('rows')).toBeVisible();
});

for (const [what, text, sentence] of [
  ['nothing', '', 'Head girth must be from 20 cm to 80 cm; received nothing.'],
  ['a negative head', '-5', 'Head girth must be from 20 cm to 80 cm; received "-5".'],
  ['a head of 5 m', '5 m', 'Head girth must be from 20 cm to 80 cm; received "5 m".'],
  ['words', 'big', 'Head girth must be from 20 cm to 80 cm; received "big".'],
  [
    'a unit nobody knows',
    '56 ells',
    'Head girth must be from 20 cm to 80 cm in mm, cm, m, in, ft or yd; received "56 ells".'
  ]
] as const) {
  test(`${what} for the head girth is answered beside the field, and nothing changes`, async ({ page }) => {
    const rows = await rowsOf(page);
    const head = page.getByLabel('Head girth');
    await head.fill(text);
    await expect(page.getByText(sentence)).toBeVisible();
    await expect(head).toHaveAttribute('aria-invalid', 'true');
    expect(await rowsOf(page)).toBe(rows);
    await page.reload();
    await expect(page.getByLabel('Head girth')).toHaveValue('56 cm');
  });
}

test('counts: a million rows, none, halves and words', async ({ page }) => {
  await page.getByRole('radio', { name: 'A row count' }).click();
  const rows = page.getByLabel('Rows', { exact: true });
  await rows.fill('100');
  await expect(page.getByTestId('rows')).toHaveText('100 rows');
  for (const text of ['1000000', '0', '10.5', 'many', '']) {
    await rows.fill(text);
    await expect(page.getByText(/^Rows must be a whole number from 10 to 20000; received /)).toBeVisible();
    await expect(page.getByTestId('rows')).toHaveText('100 rows');
  }
  await rows.fill('90');
  await expect(page.getByTestId('rows')).toHaveText('90 rows');
});

test('the yarn dialog keeps a faulty yarn out', async ({ page }) => {
  await page
    .getByRole('button', { name: /^Change Medium yarn/ })
    .first()
    .click();
  await page.getByLabel('Metres on the label').fill('0');
  await page.getByRole('textbox', { name: 'Colour', exact: true }).fill('red');
  await page.getByRole('button', { name: 'Save the yarn' }).click();
  await expect(page.getByText(/Metres must be from 1 to 5000/)).toBeVisible();
  await expect(page.getByText(/must be a colour such as/)).toBeVisible();
  await expect(page.getByRole('dialog')).toBeVisible();
});

for (const [what, name, body, sentence] of [
  ['a damaged file', 'hat.tomble.json', '{"format":"tomble-project","vers', /The file is not whole/],
  ['a foreign file', 'notes.json', '{"hello":1}', /format must be "tomble-project"/],
  ['a newer file', 'later.json', '{"format":"tomble-project","version":99}', /from a newer Tomble.*received 99/],
  [
    'an absurd file',
    'absurd.json',
    '{"format":"tomble-project","version":1}',
    /kit must be an object; received nothing/
  ]
] as const) {
  test(`${what} stays outside with its reason, and nothing changes`, async ({ page }) => {
    await page.getByRole('link', { name: 'Bench', exact: true }).click();
    await expect(page.getByRole('article')).toHaveCount(1);
    await page
      .getByLabel('Project file')
      .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(body) });
    await expect(page.getByRole('dialog')).toContainText('This file stays outside');
    await expect(page.getByRole('alert')).toContainText(sentence);
    await page.getByRole('button', { name: 'Close' }).click();
    await expect(page.getByRole('article')).toHaveCount(1);
  });
}

test('a project that is not there, and a page that is not there', async ({ page }) => {
  await page.goto('/project/nobody');
  await expect(page.getByRole('heading', { name: 'This project is not on the bench' })).toBeVisible();
});
