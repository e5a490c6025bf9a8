// A disk that is truly full: the browser's profile lies on a file system of a few megabytes.
import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { CHROMIUM_ARGS, chromiumPath } from '../browser.mjs';
import { serve } from '../serve.mjs';

/** @returns {Promise<boolean | null>} whether all could be read, was said, and was kept when there was room again; null where no small disk can be made */
export async function smallDisk() {
  const profile = mkdtempSync(join(tmpdir(), 'tomble-disk-'));
  try {
    execFileSync('mount', ['-t', 'tmpfs', '-o', 'size=96m', 'tmpfs', profile], { stdio: 'ignore' });
  } catch {
    console.log('no small disk can be made here');
    rmSync(profile, { recursive: true, force: true });
    return null;
  }
  const { url, stop } = await serve({ port: 24743, demo: false, quiet: true });
  const filler = join(profile, 'filler');
  try {
    const context = await chromium.launchPersistentContext(profile, {
      executablePath: chromiumPath,
      args: CHROMIUM_ARGS,
      viewport: { width: 1280, height: 800 }
    });
    const page = context.pages()[0] ?? (await context.newPage());
    await page.goto(url);
    await page.getByRole('button', { name: 'Plan a lined hat' }).click();
    await page.getByTestId('rows').waitFor();
    await page.waitForTimeout(1000);
    for (let size = 64 << 20; size >= 512;) {
      try {
        writeFileSync(filler, Buffer.alloc(size), { flag: 'a' });
      } catch {
        size >>= 1;
      }
    }
    const head = page.getByLabel('Head girth');
    let said = false;
    for (let i = 0; i < 40 && !said; i++) {
      await head.fill(String(45 + (i % 15)));
      await page.waitForTimeout(400);
      said = await page.getByText('Not kept yet: the last change.').isVisible();
    }
    const typed = await head.inputValue();
    console.log(`full: ${said ? 'said' : 'every change was still kept'}, ${typed} stands in the field`);
    rmSync(filler);
    await page.waitForTimeout(1000);
    if (said) await page.getByRole('button', { name: 'Try again' }).click();
    await page.getByText('Not kept yet: the last change.').waitFor({ state: 'hidden' });
    await page.waitForTimeout(1000);
    await page.reload();
    const back = await head.inputValue();
    console.log(`with room again: ${back}`);
    await context.close();
    return Number.parseFloat(back) === Number.parseFloat(typed);
  } finally {
    stop();
    execFileSync('umount', ['-l', profile], { stdio: 'ignore' });
    rmSync(profile, { recursive: true, force: true });
  }
}
