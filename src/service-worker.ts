/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const CACHE = `tomble-${version}`;
/** Every page is the same shell, so one copy serves all addresses, with a network and without one. */
const SHELL = '/';
const own = new Set([...build, ...files]);

worker.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll([...own, SHELL])));
});

/**
 * What earlier versions left is thrown away, but not under a window that still runs one of them: it loads parts on demand,
 * and its own parts only fit each other.
 */
async function tidy(): Promise<void> {
  const open = await worker.clients.matchAll({ type: 'window', includeUncontrolled: true });
  if (open.length === 0) {
    const old = (await caches.keys()).filter((key) => key !== CACHE);
    await Promise.all(old.map((key) => caches.delete(key)));
  }
  // The window of a first visit has its later parts kept too.
  await worker.clients.claim();
}

worker.addEventListener('activate', (event) => event.waitUntil(tidy()));

// Asked for by a hand: the window that asked is loaded anew, others go on with what they have.
worker.addEventListener('message', (event) => {
  if (event.data === 'take over') void worker.skipWaiting();
});

/** The shell and its parts come from one version; a part of an earlier one from where that one was kept. */
async function answer(request: Request, path: string): Promise<Response> {
  const cache = await caches.open(CACHE);
  const name = request.mode === 'navigate' ? SHELL : path;
  const kept = name === SHELL || own.has(name) ? await cache.match(name) : await caches.match(name);
  return kept ?? fetch(request);
}

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin || url.pathname.startsWith('/api/')) return;
  event.respondWith(answer(request, url.pathname));
});
