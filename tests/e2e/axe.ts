import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

/** Rules that look at colours. What a page is made of is the same in any light: there they alone can find something new. */
const OF_COLOURS = ['color-contrast', 'link-in-text-block'];

/**
 * Serious faults that axe finds on the page as it stands, with where they are.
 *
 * Only what is violated is gathered, and in the page itself: no page of ours holds a frame, and what passes would be
 * described for every element of every picture.
 *
 * @param rules those of colours alone, for a page that was looked at whole and has changed nothing else since
 */
export async function faults(page: Page, rules: 'all' | 'colours' = 'all'): Promise<string[]> {
  const axe = new AxeBuilder({ page }).options({ resultTypes: ['violations'] }).setLegacyMode();
  if (rules === 'colours') axe.withRules(OF_COLOURS);
  const { violations } = await axe.analyze();
  const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  return serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join('; ')}`);
}
