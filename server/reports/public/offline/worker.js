// Keeps the trail help of a bike that was opened once at hand without signal, and sends the reports made meanwhile.
importScripts('queue.js');
const CACHE = 'cadre-trail-1';
const isTrailHelp = (request) =>
  request.method === 'GET' && /^\/r\/([^/]+\/help|offline\/[\w.]+)$/.test(new URL(request.url).pathname);

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('fetch', (event) => {
  const { request } = event;
  if (!isTrailHelp(request)) return;
  event.respondWith(
    fetch(request).then(
      async (answer) => {
        const cache = await caches.open(CACHE);
        // A label that has ended is no more at hand either.
        if (answer.ok) await cache.put(request, answer.clone());
        else await cache.delete(request);
        return answer;
      },
      async () => (await caches.match(request)) ?? Response.error(),
    ),
  );
});
self.addEventListener('message', (event) => {
  const { path } = event.data ?? {};
  // The page that brought this worker was opened before it was here.
  if (typeof path === 'string')
    event.waitUntil(
      caches.open(CACHE).then((cache) => cache.addAll([path, '/r/offline/queue.js', '/r/offline/page.js'])),
    );
});
self.addEventListener('sync', (event) => {
  if (event.tag === 'reports')
    event.waitUntil(self.sendWaiting().then(({ left }) => left > 0 && Promise.reject(new Error('waiting'))));
});
