import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, reload, test } from './quiet';

const rowsOf = (page: Page, i: number) => page.getByRole('textbox', { name: `Rows of section ${i}`, exact: true });
const border = (page: Page, i: number) => page.getByRole('slider', { name: `Border after section ${i}`, exact: true });
const sum = async (page: Page): Promise<number> => {
  const values = await page.getByRole('textbox', { name: /^Rows of section/ }).evaluateAll((all) => all.map((one) => Number((one as HTMLInputElement).value))); // prettier-ignore
  return values.reduce((total, n) => total + n, 0);
};

test('by mouse: a border is dragged, a section painted, split and undone; the plan keeps its rows', async ({
  page
}) => {
  await page.goto('/project/demo-fog/colour');
  await expect(rowsOf(page, 1)).toHaveValue('70');
  const box = (await border(page, 1).boundingBox())!;
  await page.mouse.move(box.x + 20, box.y);
  await page.mouse.down();
  await page.mouse.move(box.x + 20, box.y - 60, { steps: 6 });
  // The finished thing follows while the border is still held.
  const seen = page.getByTestId('shows').locator('tbody', { hasText: 'Fog' });
  await expect(rowsOf(page, 1)).not.toHaveValue('70');
  await page.mouse.up();
  const moved = Number(await rowsOf(page, 1).inputValue());
  expect(moved).toBeGreaterThan(70);
  await expect(seen).toContainText('rows');
  expect(await sum(page)).toBe(140);
  // It is kept, in whole rows, and one undo takes it back.
  await reload(page);
  await expect(rowsOf(page, 1)).toHaveValue(String(moved));
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(rowsOf(page, 1)).toHaveValue('70');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(rowsOf(page, 1)).toHaveValue(String(moved));

  await page.getByRole('button', { name: 'Choose section 2' }).click();
  await page.getByRole('button', { name: 'Split in two' }).click();
  await page
    .getByRole('group', { name: 'Paint with' })
    .getByRole('button', { name: /^Ember/ })
    .click();
  await page.getByRole('button', { name: /^Section 3: .*paint it in/ }).click();
  await expect(page.getByRole('combobox', { name: 'Yarn of section 3' })).toHaveValue('y-ember');
  await expect(page.getByTestId('shows').locator('tbody')).toHaveCount(3);
  expect(await sum(page)).toBe(140);
  // Brim down nothing is turned up any more; turned over the lining is outside.
  await page.getByRole('group', { name: 'Look at it' }).getByRole('button', { name: 'Brim down' }).click();
  await expect(page.getByTestId('shows')).not.toContainText('Turned up');
  await page.getByRole('group', { name: 'Look at it' }).getByRole('button', { name: 'Turned over' }).click();
  await expect(page.getByTestId('shows')).toContainText('Turned up');
  await page
    .getByRole('navigation', { name: 'Stages of the project' })
    .getByRole('link', { name: /^Crank/ })
    .click();
  await expect(page.getByTestId('crank')).toBeVisible();
});

test('by keyboard alone: borders, rows, locks and rules', async ({ page }) => {
  await page.goto('/project/demo-fog/colour');
  await border(page, 1).focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowUp');
  await page.keyboard.press('PageDown');
  await expect(border(page, 1)).toHaveAttribute('aria-valuenow', '68');
  await expect(border(page, 1)).toHaveAttribute('aria-valuetext', /^after row 68: Thistledown, Fog, then /);
  await rowsOf(page, 2).focus();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('100');
  await page.keyboard.press('Tab');
  await expect(rowsOf(page, 1)).toHaveValue('40');
  // A locked section gives nothing.
  await page.getByRole('button', { name: 'Keep the rows of section 1' }).press('Enter');
  await rowsOf(page, 2).fill('139');
  await page.keyboard.press('Tab');
  await expect(rowsOf(page, 2)).toHaveValue('100');
  await rowsOf(page, 2).fill('none');
  await page.keyboard.press('Tab');
  await expect(page.getByText('Rows of section 2 must be a whole number')).toBeVisible();

  await page.getByRole('combobox', { name: /^Rule/ }).selectOption('fibonacci');
  await page.getByRole('button', { name: 'Lay', exact: true }).press('Enter');
  await expect(rowsOf(page, 6)).toHaveValue('13');
  expect(await sum(page)).toBe(140);
  await page.getByRole('button', { name: 'Back to the colours of the plan' }).press('Enter');
  await expect(rowsOf(page, 1)).toHaveValue('70');
});

test.describe('by touch', () => {
  test.use({ hasTouch: true, viewport: { width: 390, height: 844 } });
  test('a border is pulled with a finger, and nothing is beside the screen', async ({ page }) => {
    await page.goto('/project/demo-fog/colour');
    const box = (await border(page, 1).boundingBox())!;
    const client = await page.context().newCDPSession(page);
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', y: number) =>
      client.send('Input.dispatchTouchEvent', { type, touchPoints: type === 'touchEnd' ? [] : [{ x: box.x + 20, y }] });
    await touch('touchStart', box.y);
    for (let i = 1; i <= 5; i++) await touch('touchMove', box.y + 10 * i);
    await touch('touchEnd', box.y + 50);
    await expect.poll(async () => Number(await rowsOf(page, 1).inputValue())).toBeLessThan(65);
    expect(await sum(page)).toBe(140);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
    expect(wide).toBe(0);
  });
});

test('sections go out as CSV and JSON and come back; pictures as SVG and PNG; a wrong file is refused', async ({
  page
}) => {
  await page.goto('/project/demo-fog/colour');
  await page.getByRole('button', { name: 'Lay', exact: true }).click();
  await expect(rowsOf(page, 1)).toHaveValue('5');
  const save = async (name: string): Promise<Buffer> => {
    const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name }).click()]);
    return readFile(await file.path());
  };
  const csv = await save('Sections (CSV)');
  expect(csv.toString().split('\n')[0]).toBe('section,yarn,rows');
  const json = await save('Sections (JSON)');
  expect((await save('Tube (SVG)')).toString()).toContain('<svg');
  expect([...(await save('As worn (PNG)')).subarray(1, 4)]).toEqual([0x50, 0x4e, 0x47]);
  const open = (name: string, buffer: Buffer) => page.getByLabel('Open sections, CSV or JSON').setInputFiles({ name, mimeType: 'text/plain', buffer }); // prettier-ignore
  await page.getByRole('button', { name: 'Back to the colours of the plan' }).click();
  await expect(rowsOf(page, 1)).toHaveValue('70');
  await open('s.json', json);
  await expect(rowsOf(page, 1)).toHaveValue('5');
  await open('s.csv', Buffer.from('yarn,rows\nNobody,4'));
  await expect(page.getByRole('alert')).toContainText('yarn must be one of the stash; received "Nobody"');
  await expect(rowsOf(page, 1)).toHaveValue('5');
  // A file for another number of rows is not stretched: it is said, and fitted with a click.
  await open('s.csv', Buffer.from('yarn,rows\n"Reedwick, Ember",30\n"Reedwick, Tide",30'));
  await expect(page.getByText('What was set here has 80 rows fewer than the piece.')).toBeVisible();
  await page.getByRole('button', { name: 'Fit it to 140 rows' }).click();
  expect(await sum(page)).toBe(140);
});

test('a section is knitted tighter: fingers at any row, the hole where its yarn begins; the steps say so', async ({
  page
}) => {
  await page.goto('/project/demo-fog/colour');
  await page.getByRole('button', { name: 'Choose section 2' }).click();
  const [fingers, hole] = [page.getByRole('combobox', { name: 'Fingers' }), page.getByRole('combobox', { name: 'Tension hole' })]; // prettier-ignore
  await fingers.selectOption('firm');
  await hole.selectOption('1');
  await expect(page.getByRole('listitem', { name: 'Section 2' })).toContainText('firmer');
  await expect(page.getByText('Nothing was measured at this tension yet')).toBeVisible();
  // The lower half of it has no new yarn: its hole is that of the rows before.
  await page.getByRole('button', { name: 'Split in two' }).click();
  await page.getByRole('button', { name: 'Choose section 3' }).click();
  await expect(hole.getByRole('option', { name: '2', exact: true })).toBeDisabled();
  await fingers.selectOption('');
  await reload(page);
  await expect(page.getByRole('listitem', { name: 'Section 2' })).toContainText('hole 1');
  await page.getByRole('navigation', { name: 'Stages of the project' }).getByRole('link', { name: /^Plan/ }).click();
  const steps = page.locator('main');
  await expect(steps).toContainText('the new one through the smallest hole');
  await expect(steps).toContainText('From here on hold the yarn firmer');
  await expect(steps).toContainText('From here on hold the yarn as usual again');
  // What hangs on the machine is knitted already: its tension is asked about, not changed.
  await page.goto('/project/demo-lantern/colour');
  await page.getByRole('button', { name: 'Choose section 1' }).click();
  await fingers.selectOption('loose');
  await expect(page.getByText('These rows are knitted at another tension.')).toBeVisible();
});

test('from leftovers: an answer is found in a worker, proved, and laid on the tube; too little is said in metres', async ({
  page
}) => {
  await page.goto('/project/demo-fog/colour');
  const left = page.getByRole('list', { name: 'Leftovers' });
  for (const [name, grams] of [
    ['Millbarrow, Moss', '60'],
    ['Reedwick, Ember', '50'],
    ['Reedwick, Tide', '40']
  ] as const) {
    // prettier-ignore
    await left.getByRole('checkbox', { name, exact: true }).check();
    await left.getByRole('textbox', { name: `Grams left of ${name}` }).fill(grams);
  }
  await page.getByRole('button', { name: 'Find sections' }).click();
  const answers = page.getByTestId('answers');
  await expect(answers).toContainText('proved: nothing better exists', { timeout: 60_000 });
  await answers.getByRole('button', { name: 'Lay it on the tube' }).first().click();
  expect(await sum(page)).toBe(140);
  for (const name of ['Millbarrow, Moss', 'Reedwick, Ember', 'Reedwick, Tide']) await left.getByRole('textbox', { name: `Grams left of ${name}` }).fill('12'); // prettier-ignore
  await page.getByRole('button', { name: 'Find sections' }).click();
  await expect(answers).toContainText(/It is not enough\.\s+With\s+.* m more of/, { timeout: 60_000 });
});

test('panels are striped so that they match at their seams, and told apart by other eyes', async ({ page }) => {
  await page.goto('/project/demo-waistcoat/colour');
  await page.getByRole('button', { name: 'Lay', exact: true }).waitFor();
  await page.getByRole('group', { name: 'Yarns of the rule' }).getByRole('button', { name: /Ember/ }).click();
  await page.getByRole('button', { name: 'Lay', exact: true }).click();
  await page.getByRole('button', { name: /^Match at the seams: / }).click();
  await page.getByRole('button', { name: 'Left front', exact: true }).click();
  await expect(rowsOf(page, 1)).toHaveValue('5');
  await page.getByLabel('Look at the tube').selectOption({ label: 'Light and dark alone' });
  await expect(page.getByRole('list', { name: 'Neighbours and how different they look' })).toContainText(/beside/);
});

/** A photograph of yarn wrapped on a card: red over four tenths, blue over one tenth, yellow over the rest. */
const wrapped = async (page: Page): Promise<Buffer> => {
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(400, 200);
    const on = canvas.getContext('2d')!;
    for (const [hex, from, to] of [
      ['#b03020', 0, 0.4],
      ['#205080', 0.4, 0.5],
      ['#e0c050', 0.5, 1]
    ] as const) {
      on.fillStyle = hex;
      on.fillRect(400 * from, 0, 400 * (to - from), 200);
    }
    return [...new Uint8Array(await (await canvas.convertToBlob({ type: 'image/png' })).arrayBuffer())];
  });
  return Buffer.from(bytes);
};

test('phases are measured from a photograph; the tube and the worn thing are painted in them, and can be opened', async ({
  page
}) => {
  await page.goto('/yarns');
  await page.getByRole('row', { name: /Fog/ }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByText('Changes colour along the thread').click();
  await dialog
    .getByLabel('Measure them from a photograph')
    .setInputFiles({ name: 'card.png', mimeType: 'image/png', buffer: await wrapped(page) });
  await dialog.getByLabel('What it shows').selectOption({ label: 'Wrapped on a card, or laid out straight' });
  await dialog.getByLabel('Metres along it').fill('100');
  // By the keys, from one edge of the picture to the other.
  const [first, last] = [/^Where the yarn begins/, /^Where it ends/].map((name) =>
    dialog.getByRole('button', { name })
  );
  for (let i = 0; i < 3; i++) await first!.press('Shift+ArrowLeft');
  for (let i = 0; i < 8; i++) await last!.press('Shift+ArrowRight');
  await expect(dialog.getByTestId('read-phases')).toContainText('3 phases');
  const read = (await dialog.getByTestId('read-phases').innerText())
    .match(/[\d.]+ m/g)!
    .map((m) => Number.parseFloat(m));
  for (const [i, metres] of [40, 10, 50].entries()) expect(Math.abs(read[i]! - metres)).toBeLessThan(2.5);
  expect(read.reduce((sum, m) => sum + m, 0)).toBeCloseTo(100, 0);
  await dialog.getByRole('button', { name: 'Take these phases' }).click();
  await expect(dialog.getByLabel(/^Metres of phase/)).toHaveCount(3);
  // A file that is no picture is refused in words.
  await dialog
    .getByLabel('Measure them from a photograph')
    .setInputFiles({ name: 'notes.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(dialog.getByText(/must be a picture the browser can read; received notes\.txt/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Save the yarn' }).click();
  await expect(dialog).toBeHidden();

  await page.goto('/project/demo-fog/colour');
  const fills = (): Promise<number> =>
    page.getByTestId('colour-tube').evaluate((tube) => new Set([...tube.querySelectorAll('rect[fill*="-y"]')].map((r) => r.getAttribute('fill'))).size); // prettier-ignore
  // The other yarn, and three phases.
  await expect.poll(fills).toBe(4);
  const slider = page.getByTestId('phases').getByRole('slider');
  const picture = (): Promise<string> => page.getByTestId('colour-tube').innerHTML();
  const before = await picture();
  await slider.focus();
  for (let i = 0; i < 8; i++) await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await picture()) === before).toBe(false);
  await page.getByRole('button', { name: 'Opened', exact: true }).click();
  await expect(page.getByText('Lying flat')).toBeVisible();
});
