// Years of work in one file: packed in one browser, restored in another that is empty, and compared record by record.
import { readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, chromiumPath } from '../browser.mjs';
import { serve } from '../serve.mjs';

/** Years of work, and what shows in a few seconds that packing and restoring go. */
export const YEARS = { projects: 500, events: 60_000, photos: 200 };
export const A_FEW = { projects: 40, events: 2000, photos: 12 };
/** Bytes of a photograph that was shrunk for keeping (own estimate, no source). */
const PHOTO_BYTES = 250_000;

/** Largest memory a process of a profile ever had, in MB, by what it does. @param {string} profile */
function peaks(profile) {
  const list = execFileSync('ps', ['-eo', 'pid,args'], { encoding: 'utf8' }).split('\n');
  const most = { renderer: 0 };
  for (const line of list.filter((l) => l.includes(profile) && l.includes('--type=renderer'))) {
    try {
      const status = readFileSync(`/proc/${line.trim().split(' ')[0]}/status`, 'utf8');
      most.renderer = Math.max(most.renderer, Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024);
    } catch {
      // It ended meanwhile.
    }
  }
  return most.renderer;
}

/** Fills the demo village up: copies of its projects with their rows, and photographs of noise. Runs in the page. */
async function fill(/** @type {{ projects: number, events: number, photos: number, size: number }} */ wish) {
  const asked = indexedDB.open('tomble');
  /** @type {IDBDatabase} */
  const base = await new Promise((done) => (asked.onsuccess = () => done(asked.result)));
  const all = base.transaction(['projects', 'events', 'photos'], 'readwrite');
  const [projects, events, photos] = ['projects', 'events', 'photos'].map((name) => all.objectStore(name));
  /** @type {any[]} */
  const there = await new Promise((done) => {
    const got = projects.getAll();
    got.onsuccess = () => done(got.result);
  });
  const begun = there.find((p) => p.id === 'demo-lantern');
  const ids = there.map((p) => p.id);
  for (let i = there.length; i < wish.projects; i++) {
    const id = `torture-${i}`;
    ids.push(id);
    const past = [begun.brief, { ...begun.brief, name: `Hat ${i}, before` }];
    projects.put({ ...begun, id, past, brief: { ...begun.brief, name: `Hat ${i}` } });
  }
  for (let i = 0; i < wish.events; i++)
    events.add({
      key: `torture-${i}`,
      projectId: ids[i % ids.length],
      turn: 1000 + i,
      at: new Date(1_790_000_000_000 + i * 60_000).toISOString(),
      what: { do: 'row', yarn: 'tide' }
    });
  for (let i = 0; i < wish.photos; i++) {
    const bytes = new Uint8Array(wish.size);
    for (let at = 0; at < bytes.length; at += 65_536) crypto.getRandomValues(bytes.subarray(at, at + 65_536));
    // The head of a JPEG of 2 by 3 pixels (ITU-T T.81); what comes after it weighs and says nothing.
    bytes.set([255, 216, 255, 224, 0, 16, 74, 70, 73, 70, 0, 1, 1, 0, 0, 1, 0, 1, 0, 0, 255, 192, 0, 11, 8, 0, 3, 0, 2, 1, 1, 17, 0]); // prettier-ignore
    photos.put({
      id: `photo-${i}`,
      owner: { table: 'projects', id: ids[i % ids.length] },
      type: 'image/jpeg',
      bytes,
      caption: `Evening ${i}`,
      takenAt: new Date(1_790_000_000_000 + i * 86_400_000).toISOString()
    });
  }
  await new Promise((done, failed) => {
    all.oncomplete = done;
    all.onerror = () => failed(all.error);
  });
  base.close();
}

/** A digest of each table, by its own means: every record as text with its keys in order, bytes by their own digest. Runs in the page. */
async function digests() {
  const asked = indexedDB.open('tomble');
  /** @type {IDBDatabase} */
  const base = await new Promise((done) => (asked.onsuccess = () => done(asked.result)));
  const hex = async (/** @type {BufferSource} */ bytes) =>
    [...new Uint8Array(await crypto.subtle.digest('SHA-256', bytes))]
      .map((b) => b.toString(16).padStart(2, '0'))
      .join('');
  /** @type {(value: any) => Promise<string>} */
  const line = async (value) => {
    if (value instanceof Uint8Array) return hex(/** @type {any} */ (value));
    if (Array.isArray(value)) return `[${(await Promise.all(value.map(line))).join()}]`;
    if (value && typeof value === 'object')
      return `{${(
        await Promise.all(
          Object.keys(value)
            .sort()
            .map(async (key) => `${key}:${await line(value[key])}`)
        )
      ).join()}}`;
    return JSON.stringify(value) ?? 'undefined';
  };
  /** @type {Record<string, string>} */
  const found = {};
  for (const name of [...base.objectStoreNames].sort()) {
    /** @type {any[]} */
    const records = await new Promise((done) => {
      const got = base.transaction(name).objectStore(name).getAll();
      got.onsuccess = () => done(got.result);
    });
    const own = ['before-restore', 'backup-place', 'backup-at', 'brought-in'];
    const kept = name === 'settings' ? records.filter(({ key }) => !own.includes(key)) : records;
    // The number a browser gives an event is its own.
    const lines = await Promise.all(kept.map((r) => line(name === 'events' ? { ...r, id: 0 } : r)));
    found[`${name} ${kept.length}`] = await hex(new TextEncoder().encode(lines.sort().join('\n')));
  }
  base.close();
  return found;
}

/**
 * @param {{ projects: number, events: number, photos: number }} much how much there is
 * @returns {Promise<boolean>} whether all came back as it was
 */
export async function bundle(much) {
  const { url, stop } = await serve({ port: 24743, demo: true, quiet: true });
  const profiles = [0, 1].map(() => mkdtempSync(join(tmpdir(), 'tomble-bundle-')));
  const open = async (/** @type {string} */ profile) => {
    const context = await chromium.launchPersistentContext(profile, {
      executablePath: chromiumPath,
      args: CHROMIUM_ARGS,
      acceptDownloads: true
    });
    const page = context.pages()[0] ?? (await context.newPage());
    await page.goto(`${url}/backup`);
    await page.getByRole('button', { name: 'Back up now' }).waitFor();
    return { context, page };
  };
  try {
    const [from, to] = [await open(profiles[0]), await open(profiles[1])];
    await from.page.evaluate(fill, { ...much, size: PHOTO_BYTES });
    await from.page.reload();
    const before = await from.page.evaluate(digests);
    let began = performance.now();
    const [file] = await Promise.all([
      from.page.waitForEvent('download', { timeout: 300_000 }),
      from.page.getByRole('button', { name: 'Back up now' }).click()
    ]);
    const path = await file.path();
    const packed = performance.now() - began;
    const size = readFileSync(path).length / 1e6;
    console.log(
      `packed and read back: ${(packed / 1000).toFixed(1)} s, ${size.toFixed(1)} MB, peak of the page's process ${peaks(profiles[0]).toFixed(0)} MB`
    );

    began = performance.now();
    await to.page.getByLabel('Backup file').setInputFiles(path);
    const dialog = to.page.getByRole('dialog');
    await dialog.getByText('Replace', { exact: true }).click({ timeout: 300_000 });
    const previewed = performance.now() - began;
    began = performance.now();
    await dialog.getByRole('button', { name: 'Replace all' }).click();
    await dialog.waitFor({ state: 'hidden', timeout: 300_000 });
    console.log(
      `checked and previewed: ${(previewed / 1000).toFixed(1)} s; brought in: ${((performance.now() - began) / 1000).toFixed(1)} s, peak of the page's process ${peaks(profiles[1]).toFixed(0)} MB`
    );
    const after = await to.page.evaluate(digests);
    const [was, is] = [JSON.stringify(before), JSON.stringify(after)];
    console.log(was === is ? `identical: ${Object.keys(before).join(', ')}` : `NOT identical\n${was}\n${is}`);
    await from.context.close();
    await to.context.close();
    return was === is;
  } finally {
    stop();
    for (const profile of profiles) rmSync(profile, { recursive: true, force: true });
  }
}
