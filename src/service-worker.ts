/// <reference types="@sveltejs/kit" />
/// <reference lib="webworker" />
import { build, files, version } from '$service-worker';

const worker = globalThis as unknown as ServiceWorkerGlobalScope;
const CACHE = `tomble-${version}`;
/** Every page is the same shell, so one copy serves all addresses when there is no network. */
const SHELL = '/';

worker.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll([...build, ...files, SHELL])));
});

worker.addEventListener('activate', (event) => {
  const old = caches
    .keys()
    .then((keys) => Promise.all(keys.filter((key) => key !== CACHE).map((key) => caches.delete(key))));
  event.waitUntil(old);
});

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== worker.location.origin || url.pathname.startsWith('/api/')) return;
  const answer = async (): Promise<Response> => {
    const cache = await caches.open(CACHE);
    const kept =
      build.includes(url.pathname) || files.includes(url.pathname) ? await cache.match(url.pathname) : undefined;
    if (kept) return kept;
    try {
      return await fetch(request);
    } catch (error) {
      const shell = request.mode === 'navigate' ? await cache.match(SHELL) : undefined;
      if (shell) return shell;
      throw error;
    }
  };
  event.respondWith(answer());
});
