import { browserShelf, keysOn } from '$lib/store/shelf';
import { type Refusal, whyRefused } from '$lib/store/why';
import { db } from './db';

/** How long a data base may take before something is said about it. */
const PATIENCE_MS = 5000;

/** Where the opening of the storage stands. */
export interface Opening {
  /**
   * `silent`: it was asked and has not answered yet; `newer`: another window has gone on with a newer version; `deleted`: all that
   * was kept was deleted from elsewhere.
   */
  readonly state: 'opening' | 'silent' | 'held' | 'open' | 'refused' | 'newer' | 'deleted';
  /** Why something could be read but not written. */
  readonly unwritten: Refusal | null;
}

async function isDemo(): Promise<boolean> {
  try {
    const answer: unknown = await (await fetch('/api/health')).json();
    return typeof answer === 'object' && answer !== null && 'demo' in answer && answer.demo === true;
  } catch {
    return false;
  }
}

/**
 * Opens the storage of this browser: a first visit is furnished, rows that were jotted down are brought in. Where it can be
 * read it is read, also when nothing more can be written.
 */
export function opening(): Opening {
  let state = $state<Opening['state']>('opening');
  let unwritten = $state<Refusal | null>(null);

  /** Does what may fail without taking the reading away. */
  async function perhaps(work: () => Promise<unknown>): Promise<void> {
    try {
      await work();
    } catch (error) {
      unwritten ??= whyRefused(error);
    }
  }

  async function open(): Promise<void> {
    const base = db();
    // A newer version in another window needs this one to let go, or all of it is deleted from elsewhere; what is shown stays
    // until the page is loaded again.
    base.on('versionchange', ({ newVersion }) => {
      base.close();
      state = newVersion === null ? 'deleted' : 'newer';
      // It is told here; the data base need not say it to the console.
      return false;
    });
    // A browser also closes the data base by itself, on a full disk for example: then it is there and opened again.
    base.on('close', async () => {
      if (state !== 'open') return;
      const there = (await indexedDB.databases()).some(({ name }) => name === base.name);
      if (!there) state = 'deleted';
    });
    base.on('blocked', () => void (state = 'held'));
    await base.open();
    // What only a first visit or an interrupted one needs is loaded then.
    await perhaps(async () => {
      if (!(await base.settings.get('seeded'))) await (await import('$lib/store/seed')).seed(base, await isDemo());
    });
    await perhaps(async () => {
      if (keysOn(browserShelf()).length) await (await import('$lib/store/journal')).recover(base, browserShelf());
    });
    // What was deleted long ago goes for good, and what a newer version wrote is read once this one can.
    await perhaps(async () => {
      if (await base.bin.count()) await (await import('$lib/store/bin')).purge(base);
    });
    await perhaps(async () => {
      if (await base.newer.count()) await (await import('$lib/store/adopt')).adopt(base);
    });
  }

  $effect(() => {
    const patience = setTimeout(() => {
      if (state === 'opening') state = 'silent';
    }, PATIENCE_MS);
    open()
      .then(() => (state = 'open'))
      .catch(() => (state = 'refused'))
      .finally(() => clearTimeout(patience));
  });
  return {
    get state() {
      return state;
    },
    get unwritten() {
      return unwritten;
    }
  };
}
