import { expect, test } from './quiet';

test.beforeEach(async ({ page }) => {
  await page.goto('/project/demo-lantern/crank');
  await expect(page.getByTestId('count')).toHaveText('41 of 136 rows');
});

test('announces what is due some rows ahead, says it when it is due, and takes it away', async ({ page }) => {
  await expect(page.getByText(/In 9 rows:.*doughnut/)).toBeVisible();
  for (let i = 0; i < 8; i++) await page.keyboard.press('Space');
  await expect(page.getByText(/In 1 row:.*doughnut/)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^Now:.*doughnut/)).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText(/^Now:/)).toHaveCount(0);
});

test('a change of colour stops the count until it is done, and both counts go on', async ({ page }) => {
  await page.getByRole('button', { name: 'Set count' }).click();
  await page.getByRole('textbox', { name: 'Rows knitted in all' }).fill('63');
  await page.getByRole('button', { name: 'Set to 63' }).click();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('crank')).toContainText('Change yarn');
  await expect(page.getByTestId('crank')).toContainText('Reedwick, Tide');
  await expect(page.getByTestId('count')).toHaveText('64 of 136 rows');
  await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('64 of 136 rows');
  await expect(page.getByTestId('crank')).toContainText('0 of 72 in this section');
  await page.keyboard.press('Space');
  await expect(page.getByTestId('crank')).toContainText('1 of 72 in this section');
  await expect(page.getByTestId('crank')).toContainText('65 of 136 in all');
});

test('the count is set within the piece only, and undo takes it back', async ({ page }) => {
  await page.getByRole('button', { name: 'Set count' }).click();
  const field = page.getByRole('textbox', { name: 'Rows knitted in all' });
  for (const text of ['137', '-1', 'many']) {
    await field.fill(text);
    await expect(page.getByText(/must be a whole number from 0 to 136; received /)).toBeVisible();
  }
  await field.fill('100');
  await page.getByRole('button', { name: 'Set to 100' }).click();
  await expect(page.getByTestId('count')).toHaveText('100 of 136 rows');
  await page.keyboard.press('u');
  await expect(page.getByTestId('count')).toHaveText('41 of 136 rows');
});

test('every row is kept at once: closing the page in the middle loses none', async ({ page, context }) => {
  for (let i = 0; i < 7; i++) await page.keyboard.press('Space');
  await expect(page.getByTestId('count')).toHaveText('48 of 136 rows');
  await page.close();
  const again = await context.newPage();
  await again.goto('/project/demo-lantern/crank');
  await expect(again.getByTestId('count')).toHaveText('48 of 136 rows');
});

test('how it calls is remembered, and the digits can be read from afar', async ({ page }) => {
  await page.getByRole('button', { name: 'How it calls' }).click();
  await page.getByRole('checkbox', { name: 'Sound' }).uncheck();
  await page.getByRole('checkbox', { name: 'Speech' }).check();
  await page.reload();
  await page.getByRole('button', { name: 'How it calls' }).click();
  await expect(page.getByRole('checkbox', { name: 'Sound' })).not.toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Speech' })).toBeChecked();
  await page.keyboard.press('Escape');
  const digits = await page.locator('[data-testid=crank] svg text').boundingBox();
  // Half the height of the window: from a metre and a half, as the design asks.
  expect(digits!.height).toBeGreaterThan(380);
});

/** Rooms a machine may stand in: telephones upright and lying, a small tablet, a desk; and a page at twice its size. */
const ROOMS = [
  [360, 640], [390, 664], [390, 844], [844, 390], [740, 360], [1024, 600], [1280, 800], [1920, 1080], [640, 400]
] as const; // prettier-ignore

for (const [width, height] of ROOMS)
  test(`at ${width} by ${height} nothing is cut: words end above how to go on, the number can be read, hands reach undo`, async ({
    page
  }) => {
    await page.setViewportSize({ width, height });
    const seen = async (of: import('@playwright/test').Locator) => (await of.boundingBox())!;
    const face = page.getByTestId('crank');
    const number = await seen(page.getByTestId('big'));
    expect(number.height).toBeGreaterThan(90);
    const undo = await seen(page.getByRole('button', { name: 'Undo', exact: true }));
    expect(undo.y + undo.height).toBeLessThanOrEqual(height);
    expect(await face.evaluate((el) => el.scrollHeight - el.clientHeight)).toBeLessThanOrEqual(0);

    // The longest thing that is said before a first row.
    await page.goto('/project/demo-bag/crank');
    await expect(face).toContainText('Switch');
    for (let step = 0; step < 4; step++) {
      const onward = face.getByText('Space or touch when it is done');
      if (!(await onward.isVisible())) break;
      const box = await seen(face);
      const last = await seen(onward);
      expect(last.y + last.height).toBeLessThanOrEqual(box.y + box.height);
      expect(await face.evaluate((el) => el.scrollHeight - el.clientHeight)).toBeLessThanOrEqual(0);
      expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth)).toBeLessThanOrEqual(0);
      await page.keyboard.press('Space');
    }
  });

test('after half an hour without a rest a word is said about it; it can be put off, and a rest ends it', async ({
  page
}) => {
  const began = Date.parse('2026-11-20T19:00:00Z');
  const at = async (minutes: number): Promise<void> => {
    await page.clock.setFixedTime(began + minutes * 60_000);
    await page.keyboard.press('Space');
  };
  const word = page.getByTestId('rest');
  for (let minute = 0; minute <= 24; minute++) await at(minute);
  await expect(word).toBeHidden();
  await at(25);
  await expect(word).toContainText('25 minutes at the crank');
  await page.getByRole('button', { name: 'Put it off' }).click();
  await expect(word).toBeHidden();
  // The space bar is a row again.
  const count = page.getByTestId('count');
  const before = await count.innerText();
  await at(26);
  await expect(count).not.toHaveText(before);
  // Six minutes of rest: a new stretch begins.
  for (let minute = 32; minute <= 50; minute++) await at(minute);
  await expect(word).toBeHidden();
});

test('the time that is left follows the hand', async ({ page }) => {
  const left = page.getByTestId('left');
  await expect(left).toHaveText(/^about \d+ minutes to go$/);
  let now = Date.parse('2026-11-20T19:00:00Z');
  for (let row = 0; row < 14; row++) {
    now += 12_000;
    await page.clock.setFixedTime(now);
    await page.keyboard.press('Space');
  }
  // Five rows a minute: 81 rows of 136 are left, and the waste behind them.
  await expect(left).toHaveText(/^about (1[5-9]|2\d) minutes to go$/);
});

test('what a hand does is shown picture by picture: the arrow keys go through them, space says that it is done', async ({
  page
}) => {
  await page.goto('/project/demo-waistcoat/crank');
  const picture = page.getByTestId('moment');
  await expect(picture).toHaveAttribute('data-code', 'feet');
  await page.keyboard.press('ArrowRight');
  await expect(picture).toHaveAttribute('data-code', 'switch');
  await expect(page.getByTestId('moment-count')).toHaveText('2 of 2');
  await page.keyboard.press('ArrowRight');
  await expect(picture).toHaveAttribute('data-code', 'switch');
  await page.getByRole('button', { name: 'The moment before' }).click();
  await expect(picture).toHaveAttribute('data-code', 'feet');
  // A button that was pressed lets go of the space bar.
  await page.keyboard.press('Space');
  await expect(picture).toHaveAttribute('data-code', 'hole');
  await page.keyboard.press('Space');
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  // The picture has the pins, and says of each what hangs on it.
  await expect(
    picture
      .locator('title')
      .filter({ hasText: /^Pin 4\d, (empty|1 loop)$/ })
      .first()
  ).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByTestId('small-ring').getByRole('img')).toHaveAccessibleName(/^The yarn is at pin \d+; The next turn goes down/); // prettier-ignore
});

test('a reminder is seen to, or put off for three rows; what is due is said aloud where that is asked for', async ({
  page
}) => {
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    Object.defineProperty(window, 'speechSynthesis', {
      value: { cancel: () => undefined, speak: ({ text }: SpeechSynthesisUtterance) => void said.push(text) }
    });
  });
  await page.goto('/project/demo-lantern/crank');
  await page.getByRole('button', { name: 'How it calls' }).click();
  await page.getByRole('checkbox', { name: 'Speech' }).check();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Set count' }).click();
  await page.getByRole('textbox', { name: 'Rows knitted in all' }).fill('64');
  await page.getByRole('button', { name: 'Set to 64' }).click();
  // The colour is changed after row 64; its tails are tied four rows later.
  for (let i = 0; i < 5; i++) await page.keyboard.press('Space');
  const tie = page.getByText(/^Now: Tie the two tails/);
  await expect(tie).toBeVisible();
  expect(await page.evaluate(() => (window as unknown as { said: string[] }).said.at(-1))).toMatch(
    /^Tie the two tails/
  );
  await page.getByRole('button', { name: 'Later' }).click();
  await expect(tie).toBeHidden();
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(tie).toBeHidden();
  await page.keyboard.press('Space');
  await expect(tie).toBeVisible();
  await page.keyboard.press('Space');
  await expect(tie).toBeVisible();
  await page.getByRole('button', { name: 'Seen to' }).click();
  await expect(tie).toBeHidden();
});

test('another count is agreed on by tape, by what was torn back, or by beginning again; each is kept and undone', async ({
  page
}) => {
  await page.goto('/project/demo-lantern/crank');
  const open = () => page.getByRole('button', { name: 'Set count' }).click();
  const count = page.getByTestId('count');
  await open();
  await page.getByRole('radio', { name: 'Torn back' }).click();
  await page.getByRole('textbox', { name: 'Rows torn back' }).fill('6');
  await expect(page.getByTestId('agreed')).toHaveText('Row 35 of 136, 6 rows fewer than here.');
  await page.getByRole('button', { name: 'Set to 35' }).click();
  await expect(count).toHaveText('35 of 136 rows');
  await open();
  await page.getByRole('radio', { name: 'Tape' }).click();
  await page.getByRole('textbox', { name: 'It hangs' }).fill('15 cm');
  await expect(page.getByTestId('agreed')).toContainText(/^Row \d+ of 136, .*Between \d+ and \d+: count the last ones/);
  await page.getByRole('radio', { name: 'Scale' }).click();
  await page.getByRole('textbox', { name: 'The ball weighed' }).fill('40');
  await page.getByRole('textbox', { name: 'It weighs now' }).fill('52');
  await expect(page.getByTestId('agreed')).toHaveText('The ball cannot weigh more now, 52 g, than before, 40 g.');
  await page.getByRole('radio', { name: 'Begin again' }).click();
  await page.getByRole('button', { name: 'Begin again' }).click();
  await expect(count).toHaveText('0 of 136 rows');
  await expect(page.getByTestId('crank')).toContainText('before the first row');
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await expect(count).toHaveText('41 of 136 rows');
});

test('a dropped stitch is told by a touch on the ring: it is seen on the tube, and latched up first when finishing', async ({
  page
}) => {
  await page.goto('/project/demo-lantern/crank');
  const tell = () => page.getByRole('button', { name: 'Something went wrong' }).click();
  await tell();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByTestId('advice')).toHaveText(/^Mark the loop of row 41 below pin 1 at once/);
  // The far side of the ring, a little past the middle: with the clock from the near side that is pin 25 of 48.
  const ring = dialog.getByTestId('ring-pick');
  const box = (await ring.boundingBox())!;
  await ring.click({ position: { x: box.width / 2 + 4, y: 12 } });
  await expect(dialog.getByRole('textbox', { name: 'Pin' })).toHaveValue('25');
  await dialog.getByRole('textbox', { name: 'It ran down over' }).fill('3');
  await expect(dialog.getByTestId('moment')).toHaveAttribute('data-code', 'markIt');
  await dialog.getByRole('radio', { name: 'Tucked' }).click();
  await expect(dialog.getByTestId('advice')).toHaveText(/^Push the loops on pin 25 down/);
  await dialog.getByRole('radio', { name: 'Dropped' }).click();
  await page.getByRole('button', { name: 'Marked, latch it up later' }).click();
  await expect(page.locator('title').filter({ hasText: 'Something went wrong in row 41' }).first()).toBeAttached();
  await expect(page.getByTestId('count')).toHaveText('41 of 136 rows');
  // What comes back at one pin is said.
  for (let i = 0; i < 2; i++) {
    await tell();
    await dialog.getByRole('textbox', { name: 'Pin' }).fill('25');
    await dialog.getByRole('textbox', { name: 'Row of the work' }).fill(String(10 + i));
    await page.getByRole('button', { name: 'Mended at once' }).click();
  }
  await expect(page.getByTestId('repeated')).toHaveText('Pin 25: 3 times now. Look at its hook.');
  await page.reload();
  await expect(page.getByTestId('repeated')).toBeVisible();
  await page.getByRole('link', { name: /^Finish/ }).click();
  await expect(page.getByText('Latch up 3 rows at pin 25')).toBeVisible();
  // Torn back beyond it, it is gone with its row.
  await page
    .getByRole('navigation', { name: 'Stages of the project' })
    .getByRole('link', { name: /^Crank/ })
    .click();
  await tell();
  await page.getByRole('button', { name: 'Tear back instead' }).click();
  await page.getByRole('textbox', { name: 'Rows torn back' }).fill('5');
  await page.getByRole('button', { name: 'Set to 36' }).click();
  await expect(page.getByTestId('count')).toHaveText('36 of 136 rows');
  await page.getByRole('link', { name: /^Finish/ }).click();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(page.getByText('Latch up 3 rows')).toHaveCount(0);
});

test('a step is put off and ticked late, or passed over with a reason; both are kept', async ({ page }) => {
  await page.goto('/project/demo-waistcoat/crank');
  const count = page.getByTestId('count');
  await page.getByRole('button', { name: 'Set count' }).click();
  await page.getByRole('textbox', { name: /^Rows knitted/ }).fill('78');
  await page.getByRole('button', { name: 'Set to 78' }).click();
  await expect(page.getByTestId('crank')).toContainText('stitches off at the edge');
  await page.getByRole('button', { name: 'Not done' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox', { name: 'In your own words' }).fill('no needle here');
  await dialog.getByRole('button', { name: 'Go on, and keep it in view' }).click();
  const putOff = page.getByTestId('put-off');
  await expect(putOff).toContainText('since row 78');
  await expect(putOff).toContainText('(no needle here)');
  // The rows go on; the next thing to do is passed over for good.
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(count).toContainText('80 of ');
  await page.getByRole('button', { name: 'Not done' }).click();
  await dialog.getByRole('radio', { name: 'Too late now' }).click();
  await dialog.getByRole('button', { name: 'Pass it over' }).click();
  await expect(putOff.getByRole('listitem')).toHaveCount(1);
  await page.reload();
  await putOff.getByRole('button', { name: 'Done now' }).click();
  await expect(putOff).toHaveCount(0);
  await page.keyboard.press('Backspace');
  await expect(putOff).toBeVisible();
  await page.getByRole('link', { name: /^Finish/ }).click();
  const passed = page.getByTestId('passed');
  await expect(passed.getByRole('listitem')).toHaveCount(2);
  await expect(passed).toContainText('too late now');
  await passed.getByRole('button', { name: 'Done now' }).click();
  await expect(passed.getByRole('listitem')).toHaveCount(1);
});

test('a new ball at the crank is a join: tied some rows later, and its tails are known when finishing', async ({
  page
}) => {
  await page.goto('/project/demo-lantern/finish');
  await expect(page.getByText(/1 join\b/).first()).toBeVisible();
  await page.goto('/project/demo-lantern/crank');
  await page.getByRole('button', { name: 'or a new ball' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('radio', { name: 'New ball here' }).click();
  await expect(dialog.getByTestId('moment')).toHaveAttribute('data-code', 'newBall');
  await dialog.getByRole('button', { name: 'The new ball is in' }).click();
  await expect(page.locator('title').filter({ hasText: 'A new ball after row 41' }).first()).toBeAttached();
  for (let i = 0; i < 4; i++) await page.keyboard.press('Space');
  await expect(page.getByText('Tie the two tails of the join at row 42', { exact: false }).first()).toBeVisible();
  await page.getByRole('link', { name: /^Finish/ }).click();
  await expect(page.getByText(/2 joins/).first()).toBeVisible();
});
