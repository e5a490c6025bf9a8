import { expect, reload, test } from './quiet';

test('a waistcoat: drafted, a seam broken and mended, a panel cranked to the end with its shaping', async ({
  page
}) => {
  await page.goto('/new');
  await page.getByLabel('For whom').selectOption({ label: 'Band leader, as measured' });
  await page.getByLabel('On which machine').selectOption('m48');
  await page.getByRole('button', { name: /^Waistcoat/ }).click();
  await expect(page.getByRole('textbox', { name: 'Chest', exact: true })).toHaveValue('102 cm');
  // All pieces side by side, to one scale, in lengths and in stitches and rows.
  const schematic = page.getByRole('img', { name: /^The schematic: left back, right back, right front, left front/ });
  await expect(schematic).toBeVisible();
  await expect(schematic.locator('text', { hasText: / st$/ }).first()).toBeVisible();
  await expect(page.getByText(/every 2nd row \d+ times/).first()).toBeVisible();

  // A front counted longer than the back does not match at the seam, and the remedy is a button.
  await page.getByText('Row counts', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Front, hem to underarm', exact: true }).fill('20');
  await page.getByRole('textbox', { name: 'Back, hem to underarm', exact: true }).fill('12');
  const uneven = page.locator('[data-finding=seam-uneven]');
  await expect(uneven.first()).toContainText(/12 rows of the (left|right) back meet 20 of the \1 front/);
  await uneven.first().getByRole('button').click();
  await expect(uneven).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(uneven.first()).toBeVisible();
  await uneven.first().getByRole('button').click();
  await page.getByRole('textbox', { name: 'Back, underarm to shoulder', exact: true }).fill('20');
  await page.getByRole('textbox', { name: 'Front, underarm to shoulder', exact: true }).fill('20');

  // The crank: PANEL mode counts itself, each row says from which pin to which.
  await page.getByRole('link', { name: /To the crank/ }).click();
  const face = page.getByTestId('crank');
  const turn = page.getByTestId('turn');
  await expect(face).toContainText('PANEL');
  const pins: [number, number][] = [];
  const asked: string[] = [];
  let shaped = false;
  /** Looks at the crank once; whatever is shaped is shaped where the yarn stands, that is where the last row ended. */
  const step = async (text: string): Promise<void> => {
    if (await turn.isVisible()) {
      const [, from, to] = /pin (\d+) to pin (\d+)/.exec(await turn.innerText())!;
      pins.push([Number(from), Number(to)]);
      // What was done a moment ago is not asked for again.
      if (shaped) await expect(page.getByText(/^Now: (Take|Decrease)/)).toHaveCount(0);
      shaped = false;
      return;
    }
    asked.push(text);
    const edge = /at the edge of pin (\d+)/.exec(text);
    if (!edge) return;
    expect(Number(edge[1]), text).toBe(pins.at(-1)![1]);
    shaped = true;
  };
  for (let guard = 0; guard < 400; guard++) {
    const text = await face.innerText();
    if (text.includes('Left back')) break;
    await step(text);
    await page.keyboard.press('Space');
  }
  // To and fro: every row begins on the side where the one before ended.
  for (let i = 1; i < pins.length; i++) {
    const up = pins[i - 1]![1] > pins[i - 1]![0];
    expect(pins[i]![1] > pins[i]![0]).toBe(!up);
  }
  // Seven rows of waste bring the yarn to the low pins; its mirror image has six.
  expect(pins.length).toBe(7 + 12 + 20);
  expect(asked.filter((text) => text.includes('stitches off at the edge'))).toHaveLength(1);
  expect(asked.filter((text) => text.includes('Decrease one at the edge')).length).toBeGreaterThan(2);
  expect(asked.some((text) => text.includes('Chain the stitches off'))).toBe(true);

  // Undo goes back across shaping, and a reload keeps the place.
  const width = (i: number): number => Math.abs(pins[i]![1] - pins[i]![0]);
  expect(width(pins.length - 1)).toBeLessThan(width(0));
  await reload(page);
  await expect(face).toContainText('Left back');
  for (let guard = 0; guard < 60 && !(await face.innerText()).includes('Decrease one'); guard++) {
    await page.keyboard.press('Backspace');
  }
  await expect(face).toContainText('Decrease one at the edge');

  // The mirrored half: forwards again to its end, every shaping where the yarn stands, at the other edge.
  for (let guard = 0; guard < 60 && !(await face.innerText()).includes('Left back'); guard++) {
    await page.keyboard.press('Space');
  }
  const first = pins.splice(0);
  for (let guard = 0; guard < 400; guard++) {
    const text = await face.innerText();
    if (text.includes('Right front')) break;
    await step(text);
    await page.keyboard.press('Space');
  }
  expect(pins.length).toBe(6 + 12 + 20);
  const low = Math.min(...first.flat());
  const high = Math.max(...first.flat());
  // Row by row of the work the halves are each other's mirror image.
  expect(pins.slice(6).map(([from, to]) => [low + high - from, low + high - to])).toEqual(first.slice(7));
});

test('a slope that is typed comes where it was typed, and the edge of the yarn tells a miscount', async ({ page }) => {
  await page.goto('/new');
  await page.getByLabel('For whom').selectOption({ label: 'Band leader, as measured' });
  await page.getByLabel('On which machine').selectOption('m48');
  await page.getByRole('button', { name: /^Waistcoat/ }).click();
  await page.getByText('Row counts', { exact: true }).click();
  for (const part of ['Back', 'Front']) {
    await page.getByRole('textbox', { name: `${part}, hem to underarm`, exact: true }).fill('12');
    await page.getByRole('textbox', { name: `${part}, underarm to shoulder`, exact: true }).fill('30');
  }
  const slope = page.locator('#option-armSlope');
  await slope.getByText('As I type it', { exact: true }).click();
  await page.getByLabel('Slope of the armholes: from row', { exact: true }).fill('12');
  await page.getByLabel('Slope of the armholes: every so many rows, step 1', { exact: true }).fill('4');
  await page.getByLabel('Slope of the armholes: times, step 1', { exact: true }).fill('2');
  await page.getByRole('button', { name: 'Add a step' }).click();
  await page.getByLabel('Slope of the armholes: every so many rows, step 2', { exact: true }).fill('2');
  await page.getByLabel('Slope of the armholes: times, step 2', { exact: true }).fill('3');
  // From row 12 every 4th twice, then every 2nd three times.
  await expect(page.getByText('after work row 16, 20, 22, 24, 26').first()).toBeVisible();
  // What cannot be is told in the field, and the slope stays.
  await page.getByLabel('Slope of the armholes: times, step 2', { exact: true }).fill('0');
  await expect(slope.getByText(/must be .* from 1 to 200/)).toBeVisible();
  await expect(page.getByText('after work row 16, 20, 22, 24, 26').first()).toBeVisible();
  await page.getByLabel('Slope of the armholes: times, step 2', { exact: true }).fill('3');

  await page.getByRole('link', { name: /To the crank/ }).click();
  const face = page.getByTestId('crank');
  const answer = page.getByTestId('edge-answer');
  const rows: number[] = [];
  let marked = 0;
  for (let guard = 0; guard < 120; guard++) {
    const text = await face.innerText();
    if (text.includes('Left back')) break;
    if (
      await page
        .getByText(/Hang a thread of another colour/)
        .first()
        .isVisible()
    )
      marked++;
    if (text.includes('Decrease one at the edge')) {
      rows.push(Number(/after row (\d+)/.exec(text)![1]));
      if (rows.length === 1) {
        const [, pin] = /at the edge of pin (\d+)/.exec(text)!;
        const ask = page.getByRole('group', { name: 'At which edge is your yarn?' });
        await ask.getByRole('button', { name: `At pin ${pin}`, exact: true }).click();
        await expect(answer).toHaveText(`So it should be: after row 16 the yarn stands at pin ${pin}.`);
        await ask.getByRole('button', { pressed: false }).click();
        await expect(answer).toContainText('the count is off by 1 row, or by another odd number');
        await answer.getByRole('button', { name: 'Set the count' }).click();
        await page.getByRole('dialog').getByRole('button', { name: 'Cancel' }).click();
      }
    }
    await page.keyboard.press('Space');
  }
  expect(rows).toEqual([16, 20, 22, 24, 26]);
  expect(marked).toBeGreaterThan(0);
  // The same question stands where something went wrong.
  const wrong = page.getByRole('button', { name: /Something went wrong/ });
  for (let guard = 0; guard < 12 && !(await wrong.isEnabled()); guard++) await page.keyboard.press('Space');
  await wrong.click();
  await expect(page.getByRole('dialog').getByRole('group', { name: 'At which edge is your yarn?' })).toBeVisible();
});

test('a panel that asks for more than the ring gives says what is lost and which ring can', async ({ page }) => {
  await page.goto('/new');
  await page.getByLabel('On which machine').selectOption({ label: 'Little crown, 22 pins: free' });
  await page.getByRole('button', { name: /^Plain panel/ }).click();
  const finding = page.locator('[data-finding=panel-narrow]');
  await expect(finding).toContainText('PANEL mode loses 4 of 22');
  await page.getByText('TUBE, turned by hand', { exact: true }).click();
  await expect(finding).toContainText('Little crown gives 22');
  await finding.getByRole('button').click();
  await expect(finding).toHaveCount(0);
});

test('one choice takes over all measures of somebody; counting begins with the counts there are', async ({ page }) => {
  await page.goto('/project/demo-waistcoat');
  const who = page.getByLabel('Measures of');
  await expect(who.locator('option:checked')).toHaveText('Band leader, chest 102 cm');
  const rows = await page.getByTestId('rows').innerText();
  await page.getByText('Row counts', { exact: true }).click();
  await expect(page.getByRole('textbox', { name: 'Back, hem to underarm', exact: true })).toHaveValue('78');
  await expect(page.getByRole('textbox', { name: 'Front, underarm to shoulder', exact: true })).toHaveValue('44');
  await expect(page.getByTestId('rows')).toHaveText(rows);
  await page.getByText('Measures', { exact: true }).last().click();

  await who.selectOption({ label: 'Children 6 years, chest 63.5 cm' });
  await expect(page.getByRole('radio', { name: 'Child' })).toBeChecked();
  const measure = (name: string) => page.getByRole('textbox', { name, exact: true });
  await expect(measure('Chest')).toHaveValue('63.5 cm');
  await expect(measure('Upper arm')).toHaveValue('20.5 cm');
  await expect(measure('Armhole depth')).toHaveValue('12.5 cm');
  // One step of undo brings all of them back.
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(measure('Chest')).toHaveValue('102 cm');
  await expect(measure('Upper arm')).toHaveValue('33 cm');
  await expect(page.getByRole('radio', { name: 'Adult' })).toBeChecked();
  await measure('Chest').fill('99');
  await expect(who.locator('option:checked')).toHaveText('These are measured');
});

test('a pennant, shaped at both edges, the far one a row later, is cranked to its point', async ({ page }) => {
  await page.goto('/new');
  await page.getByRole('button', { name: /^Pennant/ }).click();
  await page.getByRole('link', { name: /To the crank/ }).click();
  const face = page.getByTestId('crank');
  const asked: string[] = [];
  for (let guard = 0; guard < 300; guard++) {
    const text = await face.innerText();
    if (/Decrease one/.test(text)) asked.push(/edge of pin \d+/.exec(text)![0]);
    if (text.includes('Chain the stitches off') || text.includes('Gather the last')) break;
    await page.keyboard.press('Space');
  }
  // Two by two, at the lowest and the highest pin, down to the last two stitches.
  expect(asked.length).toBeGreaterThan(10);
  expect(asked.length % 2).toBe(0);
  const pins = asked.map((text) => Number(/\d+/.exec(text)![0]));
  for (let i = 2; i < pins.length; i += 2) {
    expect([pins[i]! - pins[i - 2]!, pins[i + 1]! - pins[i - 1]!].sort()).toEqual([-1, 1]);
  }
  await expect(page.getByText('Now: Decrease')).toHaveCount(0);
});

test('on a telephone the longest thing to do is read to its end, and how to go on stays in view', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 664 });
  await page.goto('/project/demo-waistcoat/crank');
  const face = page.getByTestId('crank');
  await expect(face).toContainText('PANEL');
  for (let guard = 0; guard < 40 && !(await page.getByTestId('turn').isVisible()); guard++) await page.keyboard.press('Space'); // prettier-ignore
  await page.keyboard.press('g');
  await page.getByRole('dialog').getByRole('textbox').fill('78');
  await page.keyboard.press('Enter');
  await expect(face).toContainText('stitches off at the edge');
  const box = (await face.boundingBox())!;
  // Its words end above that, and nothing of the page lies beside the screen.
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(face.getByTestId('moment')).toHaveAttribute('data-code', 'take');
  expect((await face.getByTestId('moment').boundingBox())!.height).toBeGreaterThan(90);
  const words = face.getByTestId('words');
  const onward = (await face.getByText('Space or touch when it is done').boundingBox())!;
  expect(onward.y + onward.height).toBeLessThanOrEqual(box.y + box.height);
  const seen = (await words.boundingBox())!;
  expect(seen.y + seen.height).toBeLessThanOrEqual(onward.y + 1);
  expect(seen.height).toBeGreaterThan(60);
  await expect(words).toHaveCSS('overflow-y', 'visible');
});
