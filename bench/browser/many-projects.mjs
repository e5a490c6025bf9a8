// The bench with years of projects against the bench of the demo village.
import { visit } from './open.mjs';
import { of } from './statistics.mjs';
import { events, put, take } from './table.mjs';

const PROJECTS = 500;
const EVENTS = 20_000;

/** With fewer the least of them differs by more than 15 % from run to run. */
const TURNS = 15;

/** Time from the address to a calm page whose first cards are drawn, in ms: the end of the last long task before a calm half second. */
async function untilUsable(page, url) {
  await page.goto(url);
  return page.evaluate(async () => {
    let busyUntil = 0;
    new PerformanceObserver((list) => {
      for (const task of list.getEntries()) busyUntil = Math.max(busyUntil, task.startTime + task.duration);
    }).observe({ type: 'longtask', buffered: true });
    const drawn = () => {
      const cards = [...document.querySelectorAll('main article')].filter((card) => {
        const { top, bottom } = card.getBoundingClientRect();
        return bottom > 0 && top < innerHeight;
      });
      return cards.length > 0 && cards.every((card) => card.querySelector('svg[role=img] path'));
    };
    let drawnAt = 0;
    for (;;) {
      await new Promise((done) => requestAnimationFrame(done));
      const now = performance.now();
      if (!drawnAt && drawn()) drawnAt = now;
      if (drawnAt && now - Math.max(drawnAt, busyUntil) > 500) return Math.max(drawnAt, busyUntil);
    }
  });
}

/** @param {import('@playwright/test').Browser} browser @param {string} url the demo village */
export async function manyProjects(browser, url) {
  const few = await visit(browser);
  const many = await visit(browser);
  for (const { page } of [few, many]) {
    await page.goto(url);
    await page.locator('main article').first().waitFor();
  }
  const projects = await take(many.page, 'projects');
  const copies = Array.from({ length: PROJECTS }, (_, i) => {
    const like = projects[i % projects.length];
    const at = new Date(Date.UTC(2026, 0, 1) + i * 3600_000).toISOString();
    return { ...like, id: `bench-${i}`, createdAt: at, updatedAt: at, measured: null, deletedAt: null };
  });
  await put(many.page, {
    projects: copies,
    events: copies.flatMap(({ id }) => events(id, EVENTS / PROJECTS))
  });
  const took = { few: /** @type {number[]} */ ([]), many: /** @type {number[]} */ ([]) };
  for (let turn = 0; turn < TURNS; turn++) {
    took.few.push(await untilUsable(few.page, url));
    took.many.push(await untilUsable(many.page, url));
  }
  await few.close();
  await many.close();
  const [a, b] = [of(took.few), of(took.many)];
  return [
    {
      what: 'bench with 500 projects and 20,000 events more, until usable, in benches of the demo village',
      least: b.least / a.least,
      median: b.median / a.median,
      limit: 1.5
    }
  ];
}
