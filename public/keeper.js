// Keeps Work for when the network is away: the pages of bags in hand as they were last, and what they are made of.
const PAGES = 'fescue-work-pages';
const PARTS = 'fescue-work-parts';
const WAIT = 3000;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
    const url = new URL(event.request.url);
    if (event.request.method !== 'GET' || url.origin !== self.location.origin) {
        return;
    }
    if (url.pathname.startsWith('/build/') || url.pathname === '/mark.svg') {
        event.respondWith(part(event.request));
    } else if (/^\/bags\/\d+\/work$/.test(url.pathname) && event.request.mode === 'navigate') {
        event.respondWith(page(event.request));
    }
});

/** Its name changes with what is in it: what is kept is right. */
async function part(request) {
    const cache = await caches.open(PARTS);
    const kept = await cache.match(request);
    if (kept !== undefined) {
        return kept;
    }
    const answer = await fetch(request);
    if (answer.ok) {
        await cache.put(request, answer.clone());
    }

    return answer;
}

/** The newest there is; where none comes in time, the last one kept. */
async function page(request) {
    const cache = await caches.open(PAGES);
    const kept = await cache.match(request, { ignoreSearch: true });
    const asked = fetch(request).then(async (answer) => {
        if (answer.ok && !answer.redirected) {
            await cache.put(request, answer.clone());
        }

        return answer;
    });
    if (kept === undefined) {
        return asked;
    }
    const late = new Promise((resolve) => {
        setTimeout(() => resolve(kept), WAIT);
    });
    try {
        return await Promise.race([asked, late]);
    } catch {
        return kept;
    }
}

self.addEventListener('message', (event) => {
    // Whoever signs out leaves no pages behind.
    if (event.data === 'signed out') {
        event.waitUntil(caches.delete(PAGES));
    }
});
