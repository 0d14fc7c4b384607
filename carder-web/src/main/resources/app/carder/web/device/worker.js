// Keeps the app's own files on the device, so that it opens without a connection. It never keeps a record: what is about
// children lies encrypted in the app's own store. The page is asked for anew where there is a connection.
const CACHE = "carder-STAMP-LANGUAGE";
const PAGE = "/watch/";
const KEPT = [FILES];

self.addEventListener("install", event => {
  event.waitUntil((async () => {
    const cache = await caches.open(CACHE);
    await cache.addAll(KEPT);
    const page = await fetch(PAGE, {redirect: "manual"});
    if (page.ok) await cache.put(PAGE, page);
    await self.skipWaiting();
  })());
});

self.addEventListener("activate", event => {
  event.waitUntil((async () => {
    const names = await caches.keys();
    await Promise.all(names.filter(name => name.startsWith("carder-") && name !== CACHE).map(name => caches.delete(name)));
    await self.clients.claim();
  })());
});

self.addEventListener("fetch", event => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET" || url.origin !== location.origin) return;
  if (event.request.mode === "navigate" && url.pathname === PAGE) event.respondWith(page());
  else if (KEPT.includes(url.pathname)) event.respondWith(file(url.pathname, event.request));
});

// The page of this build is on the device: a slow connection is not waited for. Somebody who is signed out gets it too;
// without the key there is nothing to see.
async function page() {
  return await caches.match(PAGE, {cacheName: CACHE}) ?? fetchPage();
}

async function fetchPage() {
  const answer = await fetch(PAGE);
  if (answer.ok && !answer.redirected) await (await caches.open(CACHE)).put(PAGE, answer.clone());
  return answer;
}

async function file(path, request) {
  return await caches.match(path, {cacheName: CACHE}) ?? fetch(request);
}
