import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/**
 * Serious faults that axe finds on the page as it stands, with where they are.
 *
 * Only what is violated is gathered, and in the page itself: no page of ours holds a frame, and what passes would be
 * described for every element of every picture.
 */
export async function faults(page: Page): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();
  const { violations } = await axe.analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  return serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`);
}
