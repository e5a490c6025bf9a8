import AxeBuilder from '@axe-core/playwright';
import type { Locator, Page } from '@playwright/test';
import { expect, test } from './quiet';

/** Every screen with its address and what is done before it is looked at. */
const SCREENS: readonly [string, string, ((page: Page) => Promise<void>)?][] = [
  ['Bench', '/'],
  ['Log', '/log'],
  ['Devices', '/devices'],
  ['Choosing', '/new'],
  ['Plan of several parts', '/project/demo-bag'],
  ['Plan of a toy', '/project/demo-moth'],
  ['Crank of a cord', '/project/demo-garland/crank'],
  ['Finish with drawings', '/project/demo-bag/finish'],
  ['Plan of a garment', '/project/demo-waistcoat'],
  ['Crank of a panel', '/project/demo-waistcoat/crank'],
  ['Plan with findings', '/project/demo-fog'],
  ['Plan with stripes', '/project/demo-school'],
  [
    'Plan with an open figure',
    '/project/demo-fog',
    (page) => page.getByRole('button', { name: /^Flat width/ }).click()
  ],
  ['Plan with the file menu', '/project/demo-fog', (page) => page.getByRole('button', { name: 'Files' }).click()],
  [
    'Plan with the yarn dialog',
    '/project/demo-fog',
    (page) =>
      page
        .getByRole('button', { name: /^Change / })
        .first()
        .click()
  ],
  ['Colour', '/project/demo-fog/colour'],
  ['Crank', '/project/demo-lantern/crank'],
  ['Crank before the first row', '/project/demo-fog/crank'],
  [
    'Crank, setting the count',
    '/project/demo-lantern/crank',
    (page) => page.getByRole('button', { name: 'Set count' }).click()
  ],
  [
    'Crank, telling a fault',
    '/project/demo-lantern/crank',
    (page) => page.getByRole('button', { name: 'Something went wrong' }).click()
  ],
  ['Finish', '/project/demo-first/finish'],
  ['Machines', '/machines'],
  ['Settings', '/settings'],
  ['Your data', '/backup'],
  ['Words', '/words'],
  ['About', '/about'],
  ['Help', '/yarns', (page) => page.getByRole('button', { name: 'Help' }).click()],
  ['A word opened in place', '/project/demo-lantern', (page) => page.locator('a[data-word]').first().click()],
  ['Yarns', '/yarns'],
  ['Yarn dialog', '/yarns', (page) => page.getByRole('button', { name: 'Add a yarn' }).click()],
  ['Swatches', '/swatches'],
  ['Stand-ins', '/stand-ins'],
  ['Measures', '/measures'],
  ['Convert a gauge', '/convert'],
  ['A project that is gone', '/project/nobody']
];

/** Serious faults that axe finds, with where they are. */
async function faults(axe: AxeBuilder): Promise<string[]> {
  const { violations } = await axe.analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  return serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`);
}

for (const [name, path, act] of SCREENS) {
  test(`axe finds no serious fault by day or by lamp: ${name}`, async ({ page }) => {
    await page.goto(path);
    await page.locator('h1, [data-testid=crank]').first().waitFor();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
    await act?.(page);
    expect(await faults(new AxeBuilder({ page }))).toEqual([]);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'lamp');
    expect(await faults(new AxeBuilder({ page }))).toEqual([]);
  });
}

test('nothing runs out of the screen, on a telephone or a wide desk', async ({ page }) => {
  test.setTimeout(240_000);
  for (const [, path] of SCREENS.filter(([, , act]) => !act)) {
    await page.goto(path);
    await page.locator('h1, [data-testid=crank]').first().waitFor();
    for (const width of [360, 768, 1280, 1920]) {
      await page.setViewportSize({ width, height: 800 });
      // The frame in which the pictures have taken their new size.
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(over, `${path} at ${width} px`).toBeLessThanOrEqual(0);
    }
  }
});

test('a finding is mended by its button, and undo brings it back', async ({ page }) => {
  await page.goto('/project/demo-fog');
  const finding = page.locator('[data-finding=outer-peeks]');
  await expect(finding).toContainText('peek');
  await finding.getByRole('button').click();
  await expect(finding).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(finding).toBeVisible();
});

test('the policy of every page lets nothing foreign in', async ({ request }) => {
  for (const path of ['/', '/log', '/project/demo-fog']) {
    const policy = (await request.get(path)).headers()['content-security-policy'] ?? '';
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).toMatch(/script-src 'self' 'nonce-[^']+'/);
    expect(policy).not.toMatch(/https?:|unsafe-eval|unsafe-inline/);
  }
});

test('a plan prints on one or two pages, a garment of four pieces too, and nothing is squeezed', async ({ page }) => {
  for (const [project, most] of [
    ['lantern', 2],
    ['moth', 2],
    ['waistcoat', 2]
  ] as const) {
    await page.emulateMedia({ media: null });
    await page.goto(`/project/demo-${project}`);
    await page.getByTestId('rows').waitFor();
    const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
    const pages = pdf.match(/\/Type\s*\/Page\b/g)?.length ?? 0;
    expect(pages, project).toBeGreaterThan(0);
    expect(pages, project).toBeLessThanOrEqual(most);
    // A sheet of A4 less its margins, in CSS pixels: the name on it, the tube beside the figures, the steps full width.
    await page.setViewportSize({ width: 703, height: 1000 });
    await page.emulateMedia({ media: 'print' });
    const box = async (what: Locator) => (await what.boundingBox())!;
    await expect(page.getByRole('heading', { level: 1 })).toContainText(/walk|carrier|band/i);
    const tube = await box(page.getByRole('img', { name: /^The tube as it hangs/ }));
    const rows = await box(page.getByTestId('rows'));
    expect(rows.x, project).toBeGreaterThanOrEqual(tube.x + tube.width);
    expect((await box(page.getByLabel('Steps'))).width, project).toBeGreaterThan(600);
    expect((await box(page.getByRole('table'))).width, project).toBeGreaterThan(400);
    await page.setViewportSize({ width: 1280, height: 800 });
  }
});
