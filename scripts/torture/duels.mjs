// Two windows: one brings a backup in, begins afresh, imports or deletes, while somebody cranks, edits and ticks in the other.
// Whatever the other one kept must be there afterwards, in the bin, or in the copy to go back to; and all windows show the same.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, chromiumPath } from '../browser.mjs';
import { serve } from '../serve.mjs';

const PROJECT = 'demo-lantern';

/** Notes every record that a page has written, once it is on the disk. Runs in the page before anything else. */
function watch() {
  const kept = /** @type {{ events: string[], edits: string[] }} */ ({ events: [], edits: [] });
  Object.assign(window, { kept });
  for (const name of /** @type {const} */ (['add', 'put'])) {
    const write = IDBObjectStore.prototype[name];
    IDBObjectStore.prototype[name] = function (value, ...key) {
      const done = () => {
        if (this.name === 'events' && value.key) kept.events.push(value.key);
        if (this.name === 'projects') kept.edits.push(JSON.stringify([value.id, value.brief.name, value.finished]));
      };
      if (this.name === 'events' || this.name === 'projects') this.transaction.addEventListener('complete', done);
      return write.call(this, value, ...key);
    };
  }
}

/** Everything that is kept of events and projects: where it belongs, in the bin, and in the copy to go back to. Runs in the page. */
async function found() {
  const asked = indexedDB.open('tomble');
  /** @type {IDBDatabase} */
  const base = await new Promise((done) => (asked.onsuccess = () => done(asked.result)));
  const all = (/** @type {string} */ table) =>
    new Promise((done) => {
      const got = base.transaction(table).objectStore(table).getAll();
      got.onsuccess = () => done(got.result);
    });
  const [events, projects, bin, settings] = /** @type {any[][]} */ (await Promise.all(['events', 'projects', 'bin', 'settings'].map(all))); // prettier-ignore
  base.close();
  const copy = settings?.find(({ key }) => key === 'before-restore')?.value?.tables ?? {};
  const binned = bin?.flatMap(({ records }) => records) ?? [];
  const gone = [...(copy.bin?.gone ?? [])].flatMap(({ records }) => records);
  const of = (/** @type {string} */ table) =>
    [...binned, ...gone].filter((r) => r.table === table).map((r) => r.record);
  const edits = [...(projects ?? []), ...(copy.projects?.gone ?? []), ...of('projects')];
  const versions = (/** @type {any} */ p) =>
    [p.brief, ...p.past, ...p.future].map((brief) => JSON.stringify([p.id, brief.name, p.finished]));
  return {
    keys: [...(events ?? []), ...(copy.events?.gone ?? []), ...of('events')].map(({ key }) => key),
    here: (events ?? []).map(({ key }) => key),
    names: edits.flatMap((p) => [p.brief, ...p.past, ...p.future].map((brief) => `${p.id} ${brief.name}`)),
    versions: edits.flatMap(versions),
    finished: edits.flatMap((p) => p.finished.map((/** @type {string} */ id) => `${p.id} ${id}`))
  };
}

/** @typedef {import('@playwright/test').Page} Page */

/** What one window does to all that is here. @type {[string, (page: Page, files: { backup: string, project: string }) => Promise<void>][]} */
const DEEDS = [
  ['merge', (page, { backup }) => restore(page, backup, 'Merge it')],
  ['replace', (page, { backup }) => restore(page, backup, 'Replace all')],
  ['start over', (page) => afresh(page, 'Empty everything')],
  ['take the village away', (page) => afresh(page, 'Take the demo village away')],
  ['import', async (page, { project }) => {
    await page.goto('/');
    await page.getByLabel('Project file').setInputFiles(project);
    await page.getByRole('dialog').getByRole('button', { name: 'Bring it in' }).click();
    await page.waitForURL(/\/project\//);
  }],
  ['delete', async (page) => {
    await page.goto('/');
    await page.locator(`article:has(a[href="/project/${PROJECT}"])`).getByRole('button', { name: /^Delete/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Delete', exact: true }).click();
  }]
]; // prettier-ignore

/** @param {Page} page @param {string} file @param {string} how */
async function restore(page, file, how) {
  await page.getByLabel('Backup file').setInputFiles(file);
  const dialog = page.getByRole('dialog');
  if (how === 'Replace all') await dialog.getByText('Replace', { exact: true }).click();
  await dialog.getByRole('button', { name: how }).click();
  await dialog.waitFor({ state: 'hidden', timeout: 60_000 });
}
/** @param {Page} page @param {string} what */
async function afresh(page, what) {
  await page.getByRole('button', { name: what }).click();
  await page.getByRole('dialog').getByRole('button', { name: what }).click();
  await page.getByText(/Everything is empty|The village is gone/).waitFor({ timeout: 60_000 });
}

/** What is done in the other window meanwhile, again and again. @type {[string, string, (page: Page, i: number) => Promise<void>][]} */
const HANDS = [
  ['crank', 'crank', (page) => page.keyboard.press('Space')],
  ['edit', '', async (page, i) => {
    const field = page.getByLabel('Name of the project');
    if (await field.isVisible()) await field.fill(`Carrier ${i}`, { timeout: 2000 }).catch(() => {});
  }],
  ['tick', 'finish', async (page, i) => {
    const ticks = page.locator('main input[type=checkbox]');
    const n = await ticks.count();
    if (n > 0) await ticks.nth(i % n).click({ timeout: 2000, force: true }).catch(() => {});
  }]
]; // prettier-ignore

/**
 * @param {number} most how many duels
 * @returns {Promise<boolean>} whether nothing was lost
 */
export async function duels(most) {
  const { url, stop } = await serve({ port: 24744, demo: true, quiet: true });
  const profile = mkdtempSync(join(tmpdir(), 'tomble-duels-'));
  const browser = await chromium.launch({ executablePath: chromiumPath, args: CHROMIUM_ARGS });
  const sum = { duels: 0, rows: 0, edits: 0, ticks: 0, lost: 0, unlike: 0 };
  try {
    for (let i = 0; i < most; i++) {
      const [deed, act] = DEEDS[i % DEEDS.length] ?? ['', async () => {}];
      const [hand, stage, doing] = HANDS[Math.floor(i / DEEDS.length) % HANDS.length] ?? ['', '', async () => {}];
      const context = await browser.newContext({ baseURL: url, viewport: { width: 1280, height: 800 }, serviceWorkers: 'block', acceptDownloads: true }); // prettier-ignore
      const a = await context.newPage();
      await a.goto('/backup');
      const [download] = await Promise.all([a.waitForEvent('download'), a.getByRole('button', { name: 'Back up now' }).click()]); // prettier-ignore
      const files = { backup: join(profile, 'backup.zip'), project: join(profile, 'project.json') };
      await download.saveAs(files.backup);
      const b = await context.newPage();
      await b.addInitScript(watch);
      if (deed === 'import') {
        await b.goto(`/project/${PROJECT}`);
        await b.getByRole('button', { name: 'Files' }).click();
        const [file] = await Promise.all([b.waitForEvent('download'), b.getByRole('menuitem', { name: /Project file/ }).click()]); // prettier-ignore
        await file.saveAs(files.project);
      }
      await b.goto(`/project/${PROJECT}${stage ? `/${stage}` : ''}`);
      await (stage === 'crank' ? b.getByTestId('count') : b.getByLabel('Name of the project').or(b.locator('main input[type=checkbox]')).first()).waitFor(); // prettier-ignore
      let busy = true;
      let done = 0;
      const hands = (async () => {
        while (busy) {
          await doing(b, done++).catch(() => {});
          await b.waitForTimeout(15);
        }
      })();
      await b.waitForTimeout(200 + ((i * 131) % 400));
      await act(a, files);
      await b.waitForTimeout(200 + ((i * 77) % 300));
      busy = false;
      await hands;
      await b.waitForTimeout(900);
      const kept = await b.evaluate(() => /** @type {any} */ (window).kept);
      const there = await a.evaluate(found);
      const [keys, names, ticked] = [new Set(there.keys), new Set(there.names), new Set(there.finished)];
      const lostRows = kept.events.filter((/** @type {string} */ key) => !keys.has(key));
      // A name that another letter followed at once is one edit with it: the last one that was kept stands for them.
      const said = kept.edits.map((/** @type {string} */ text) => JSON.parse(text));
      const last = said.at(-1);
      const lostEdits = hand === 'edit' && last && !names.has(`${last[0]} ${last[1]}`) ? [last] : [];
      const lostTicks = hand === 'tick' && last ? last[2].filter((/** @type {string} */ id) => !ticked.has(`${last[0]} ${id}`)) : []; // prettier-ignore
      // At rest every window shows what is kept: one that is opened anew is the measure.
      const seen = async (/** @type {Page} */ page) =>
        (await page.locator('main').innerText()).replace(/\s+/g, ' ').replace(/(\d+ (seconds?|minutes?) ago|less than a minute ago)/g, ''); // prettier-ignore
      const fresh = await context.newPage();
      await fresh.goto(b.url());
      await fresh.locator('main').getByText(/\S/).first().waitFor();
      await fresh.waitForTimeout(700);
      const [shown, measure] = [await seen(b), await seen(fresh)];
      // The one that went on as the crank's own window says so; a banner tells of what was brought in.
      const plain = (/** @type {string} */ text) => text.replace(/Another window brought in a backup\..*?All right|cranked in another window.*?instead|Changed in two windows at once.*?Keep this one/g, '').trim(); // prettier-ignore
      const count = (/** @type {string} */ text) =>
        /(\d+) of \d+ rows/.exec(text)?.[0] ?? plain(text).replace(/\s/g, '').slice(0, 300);
      const unlike = count(shown).replace(/\s/g, '') !== count(measure).replace(/\s/g, '');
      const lost = [...lostRows, ...lostEdits, ...lostTicks];
      sum.duels++;
      sum.rows += kept.events.length;
      sum.edits += hand === 'edit' ? kept.edits.length : 0;
      sum.ticks += hand === 'tick' ? kept.edits.length : 0;
      sum.lost += lost.length;
      sum.unlike += unlike ? 1 : 0;
      if (lost.length) console.log(`${deed} against ${hand}: lost ${JSON.stringify(lost).slice(0, 300)}`);
      if (unlike) console.log(`${deed} against ${hand}: unlike\n  ${plain(shown).slice(0, 300)}\n  ${plain(measure).slice(0, 300)}`); // prettier-ignore
      await context.close();
      if (sum.duels % 6 === 0) console.log(JSON.stringify(sum));
    }
    console.log(JSON.stringify(sum));
    return sum.lost === 0 && sum.unlike === 0;
  } finally {
    await browser.close();
    stop();
    rmSync(profile, { recursive: true, force: true });
  }
}
