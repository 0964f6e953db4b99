/*
 * The packing table without a connection. This worker has the table's addresses alone; what it keeps belongs to one build and goes
 * with it, so that old code never meets a new server: a page is asked of the server first, and only where none answers taken from here.
 */
const BUILD = '__BUILD__';
const FILES = __FILES__;
const CODE = `table-code-${BUILD}`;
const ANSWERS = `table-answers-${BUILD}`;
const PAGE = '/index.html';

self.addEventListener('install', (event) => {
  // All or none: a page with half of its code would not open.
  event.waitUntil(
    caches
      .open(CODE)
      .then((kept) => kept.addAll([PAGE, ...FILES]))
      .then(() => self.skipWaiting())
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches
      .keys()
      .then((names) =>
        Promise.all(
          names
            .filter((name) => name.startsWith('table-') && name !== CODE && name !== ANSWERS)
            .map((name) => caches.delete(name))
        )
      )
      .then(() => self.clients.claim())
  );
});

async function answer(request) {
  const kept = await caches.open(ANSWERS);
  try {
    const fresh = await fetch(request);
    if (fresh.ok) {
      await kept.put(request, fresh.clone());
    }
    return fresh;
  } catch (away) {
    const before = await kept.match(request, { ignoreSearch: true, ignoreVary: true });
    if (before) {
      return before;
    }
    throw away;
  }
}

async function page(request) {
  try {
    return await fetch(request);
  } catch (away) {
    const kept = await caches.match(PAGE, { cacheName: CODE });
    if (kept) {
      return kept;
    }
    throw away;
  }
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname } = new URL(request.url);
  if (request.method !== 'GET' || origin !== self.location.origin) {
    return;
  }
  if (request.mode === 'navigate') {
    event.respondWith(page(request));
  } else if (pathname.startsWith('/api/') && pathname !== '/api/scale') {
    event.respondWith(answer(request));
  } else if (FILES.includes(pathname)) {
    event.respondWith(caches.match(pathname, { cacheName: CODE }).then((kept) => kept ?? fetch(request)));
  }
});
