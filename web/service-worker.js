/**
 * Keeps the shell of the program and the last answers of the day, so that the pages open while the shop's server cannot be
 * reached. What is changed meanwhile is kept by the page itself.
 */
// The list of files takes the place of the brackets when the page is built.
const FILES = [];
const SHELL = 'shell';
const DAY = 'day';
const KEPT_AT_MOST = 300;
/** These are never answered from before: a stream, and pages of people who are not the shop's. */
const NEVER = ['/api/live', '/api/k/', '/k/', '/api/backups', '/api/carry', '/actuator'];

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(SHELL).then((shell) => shell.addAll(['/', ...FILES])));
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches.open(SHELL).then(async (shell) => {
      const old = (await shell.keys()).filter((file) => !['/', ...FILES].includes(new URL(file.url).pathname));
      await Promise.all(old.map((file) => shell.delete(file)));
      await self.clients.claim();
    }),
  );
});

self.addEventListener('fetch', (event) => {
  const { pathname, origin } = new URL(event.request.url);
  const isOurs = event.request.method === 'GET' && origin === self.location.origin;
  if (!isOurs || NEVER.some((address) => pathname.startsWith(address))) {
    return;
  }
  if (event.request.mode === 'navigate') {
    event.respondWith(page(event.request));
  } else if (pathname.startsWith('/api/')) {
    event.respondWith(answer(event));
  } else if (FILES.includes(pathname)) {
    event.respondWith(caches.match(pathname).then((file) => file ?? fetch(event.request)));
  }
});

/** A page, which is the same for every view; one that the server makes itself is not there without it. */
async function page(request) {
  try {
    return await fetch(request);
  } catch (unreachable) {
    const shell = new URL(request.url).pathname.startsWith('/api/') ? undefined : await caches.match('/');
    if (!shell) {
      throw unreachable;
    }
    return shell;
  }
}

/** What the server says, or what it said last. */
async function answer(event) {
  const day = await caches.open(DAY);
  try {
    const now = await fetch(event.request);
    if (now.ok && (now.headers.get('Content-Type') ?? '').includes('json')) {
      event.waitUntil(keep(day, event.request.url, now.clone()));
    }
    return now;
  } catch (unreachable) {
    const before = await day.match(event.request.url);
    if (!before) {
      throw unreachable;
    }
    return before;
  }
}

/** Without the time at which it was said, by which a page sets its clocks. */
async function keep(day, address, said) {
  const headers = new Headers(said.headers);
  headers.delete('Shop-Time');
  await day.put(address, new Response(await said.blob(), { headers }));
  const all = await day.keys();
  await Promise.all(all.slice(0, Math.max(0, all.length - KEPT_AT_MOST)).map((oldest) => day.delete(oldest)));
}
