import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './quiet';

/** Every screen with its address and what is done before it is looked at. */
const SCREENS: readonly [string, string, ((page: Page) => Promise<void>)?][] = [
  ['Bench', '/'],
  ['Log', '/log'],
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
  ['Crank', '/project/demo-lantern/crank'],
  ['Crank before the first row', '/project/demo-fog/crank'],
  [
    'Crank, setting the count',
    '/project/demo-lantern/crank',
    (page) => page.getByRole('button', { name: 'Set count' }).click()
  ],
  ['Finish', '/project/demo-first/finish'],
  ['Machines', '/machines'],
  ['Yarns', '/yarns'],
  ['Yarn dialog', '/yarns', (page) => page.getByRole('button', { name: 'Add a yarn' }).click()],
  ['Swatches', '/swatches'],
  ['Stand-ins', '/stand-ins'],
  ['Measures', '/measures'],
  ['Convert a gauge', '/convert'],
  ['A project that is gone', '/project/nobody']
];

for (const theme of ['light', 'dark'] as const) {
  test.describe(`${theme === 'light' ? 'day' : 'lamp'} theme`, () => {
    test.use({ colorScheme: theme });
    for (const [name, path, act] of SCREENS) {
      test(`axe finds no serious fault: ${name}`, async ({ page }) => {
        await page.goto(path);
        await page.locator('h1, [data-testid=crank]').first().waitFor();
        await expect(page.locator('html')).toHaveAttribute('data-theme', theme === 'light' ? 'day' : 'lamp');
        await act?.(page);
        const { violations } = await new AxeBuilder({ page }).analyze();
        const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
        expect(serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`)).toEqual([]);
      });
    }
  });
}

for (const width of [360, 768, 1280, 1920]) {
  test(`nothing runs out of the screen at ${width} px`, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 });
    for (const [, path] of SCREENS.filter(([, , act]) => !act)) {
      await page.goto(path);
      await page.locator('h1, [data-testid=crank]').first().waitFor();
      const over = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(over, path).toBeLessThanOrEqual(0);
    }
  });
}

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
    expect(policy).not.toMatch(/https?:|unsafe-eval|script-src[^;]*unsafe-inline/);
  }
});

test('the plan prints on one or two pages', async ({ page }) => {
  await page.goto('/project/demo-lantern');
  await page.getByTestId('rows').waitFor();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  const pages = pdf.match(/\/Type\s*\/Page\b/g)?.length ?? 0;
  expect(pages).toBeGreaterThan(0);
  expect(pages).toBeLessThanOrEqual(2);
});
