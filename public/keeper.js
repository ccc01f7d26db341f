// Keeps Work for when the network is away: the pages of bags in hand as they were last, and what they are made of. Pages
// are one maker's, named by a key that her signed-in pages alone give; of another, or of nobody, none is opened.
const PAGES = 'fescue-work-pages';
const PARTS = 'fescue-work-parts';
const NOW = 'fescue-work-now';
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

/** Who is signed in, as far as is known here; '' where nobody is. */
async function now() {
    const kept = await (await caches.open(NOW)).match('/now');

    return kept === undefined ? '' : kept.text();
}

async function become(maker) {
    await (await caches.open(NOW)).put('/now', new Response(maker));
}

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

/** Keeps a page for whoever it is of, if she is the one who is signed in by the time it comes. */
async function keep(request, answer) {
    if (answer.redirected || answer.status === 401) {
        // Her visit has ended, however: nothing opens until somebody signs in.
        await become('');
    } else if (answer.status === 403 || answer.status === 404) {
        for (const name of await caches.keys()) {
            if (name.startsWith(PAGES)) {
                await (await caches.open(name)).delete(request, { ignoreSearch: true });
            }
        }
    } else if (answer.ok) {
        const maker = (await answer.clone().text()).match(/<meta name="maker" content="([0-9a-f]+)">/)?.[1] ?? '';
        if (maker !== '' && maker === await now()) {
            await (await caches.open(`${PAGES}-${maker}`)).put(request, answer.clone());
        }
    }
}

/** The newest there is; where none comes in time, the last one kept. */
async function page(request) {
    const maker = await now();
    const kept = maker === '' ? undefined : await (await caches.open(`${PAGES}-${maker}`)).match(request, { ignoreSearch: true });
    const asked = fetch(request).then(async (answer) => {
        await keep(request, answer);

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
    const { maker, over } = event.data ?? {};
    if (over === true) {
        // Whoever signs out leaves no pages behind.
        event.waitUntil(now().then(async (last) => {
            await caches.delete(`${PAGES}-${last}`);
            await become('');
        }));
    } else if (typeof maker === 'string') {
        // What older versions kept was anybody's.
        event.waitUntil(caches.delete(PAGES).then(() => become(maker)));
    }
});
