import type { Page } from '@playwright/test';
import axe from 'axe-core';

/** Whether the page holds axe already: it is large, and a page is asked several times. */
const held = (page: Page): Promise<boolean> => page.evaluate(() => 'axe' in globalThis);

/**
 * Serious faults that axe finds on the page as it stands, with where they are.
 *
 * Only what is violated is gathered: what passes would be described for every element of every picture. No page of ours holds a
 * frame, so axe is asked in the page itself.
 */
export async function faults(page: Page): Promise<string[]> {
  if (!(await held(page))) await page.evaluate(axe.source);
  return page.evaluate(async () => {
    const { axe: asked } = globalThis as unknown as { axe: typeof axe };
    const { violations } = await asked.run(document, { resultTypes: ['violations'] });
    const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
    return serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`);
  });
}
