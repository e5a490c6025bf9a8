import type { Locator } from '@playwright/test';
import { test as again } from './again';
import { faults } from './axe';
import { lettersTimes } from './letters';
import { expect, test } from './quiet';
import { SCREENS } from './screens';
import { sideways } from './sideways';

const SIZES = [
  [320, 640],
  [360, 740],
  [390, 664],
  [768, 1024],
  [844, 390],
  [1024, 600],
  [1280, 800],
  [1920, 1080]
] as const;

for (const [name, path, act] of SCREENS) {
  // One visit for both: loading a page is most of what a test of it takes.
  again(`nothing runs out of the screen, and axe finds no serious fault: ${name}`, async ({ page }) => {
    await page.goto(path);
    await page.locator('h1, [data-testid=crank]').first().waitFor();
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'day');
    await act?.(page);
    expect(await faults(page), 'by day').toEqual([]);
    for (const [width, height] of SIZES) {
      await page.setViewportSize({ width, height });
      expect(await sideways(page), `at ${width} x ${height}`).toEqual([]);
    }
    await page.setViewportSize({ width: 1280, height: 800 });
    await lettersTimes(page, 4);
    expect(await sideways(page), 'in letters four times as large').toEqual([]);
    await lettersTimes(page, 2);
    expect(await sideways(page), 'in letters twice as large').toEqual([]);
    expect(await faults(page), 'in letters twice as large').toEqual([]);
    await lettersTimes(page, 1);
    await page.emulateMedia({ forcedColors: 'active' });
    expect(await faults(page), 'in the reader’s own colours').toEqual([]);
    await page.emulateMedia({ forcedColors: 'none', colorScheme: 'dark' });
    await expect(page.locator('html')).toHaveAttribute('data-theme', 'lamp');
    expect(await faults(page), 'by lamp').toEqual([]);
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
